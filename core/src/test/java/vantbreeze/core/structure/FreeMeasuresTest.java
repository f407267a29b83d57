package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.core.structure.MakersCards.WORKSHOP;
import static vantbreeze.core.structure.MakersCards.inches;
import static vantbreeze.core.structure.MakersCards.mm;
import static vantbreeze.core.structure.MakersCards.plan;
import static vantbreeze.core.structure.MakersCards.scores;
import static vantbreeze.core.structure.MakersCards.with;
import static vantbreeze.core.structure.MakersCards.work;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.edit.Lock;
import vantbreeze.core.edit.Solve;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Cards as practitioners make them, which say more than the few measures that are asked. The figures are common
 * practice, worked by hand, no source.
 */
class FreeMeasuresTest {

    @Test
    void aStageWithWallsLessDeepThanItsWings() {
        Size closed = new Size(Length.ofInches(7, 0, 1), Length.ofInches(4, 0, 1));
        WorkedPlan worked = work(with(plan("stage", closed, Ruler.EIGHTHS), "wall", "1", "wing", "1 1/2"));
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(Length.ofInches(9, 0, 1), closed.height()));
        assertThat(scores(worked.pieces().get(0)))
                .isEqualTo(inches(new int[] {1, 1, 2}, new int[] {2, 1, 2}, new int[] {6, 1, 2}, new int[] {7, 1, 2}));
        assertThat(worked.pieces().get(1).cut().width()).isEqualTo(Length.ofInches(7, 0, 1));
        assertThat(worked.footprint()).isEqualTo(closed);
    }

    /** Back and two wings, and by how much the wall is deeper than its wing. */
    @Test
    void aStageWithDeepWallsIsWiderByTheDifference() {
        WorkedPlan worked = work(with(
                plan("stage", Size.ofMillimetres(160, 110), Ruler.MM_1), "wing", "25", "wall", "40", "band-up", "20"));
        assertThat(worked.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(95 + 2 * 40 + 2 * 25));
    }

    @Test
    void aSlitTowerOfFiveRows() {
        WorkedPlan worked = work(with(
                plan("slit-tower", Size.ofMillimetres(100, 130), Ruler.MM_1),
                "column",
                "20",
                "row-1",
                "30",
                "row-2",
                "20",
                "row-4",
                "20",
                "row-5",
                "30"));
        WorkedPiece sheet = worked.pieces().get(0);
        assertThat(sheet.cut()).isEqualTo(Size.ofMillimetres(180, 130));
        assertThat(scores(sheet)).isEqualTo(mm(20, 40, 60, 120, 140, 160));
        assertThat(sheet.panels().piece().slits().stream()
                        .map(Stretch::foot)
                        .distinct()
                        .sorted())
                .isEqualTo(mm(30, 50, 80, 100));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(100, 130));
    }

    /** Any odd number of rows, the outer ones set back, each of its own height, behind narrow sides. */
    @Test
    void aSlitTowerOfManyRows() {
        WorkedPlan worked = work(with(
                plan("slit-tower", Size.ofMillimetres(90, 200), Ruler.MM_1),
                "rows",
                "9",
                "outer",
                "set-back",
                "column",
                "15",
                "side",
                "8",
                "row-2",
                "45",
                "row-8",
                "12"));
        assertThat(worked.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(90 + 2 * 15 + 2 * 8));
    }

    @Test
    void anInvertedZWithItsShadowBox() {
        WorkedPlan worked = work(with(
                plan("inverted-z", Size.ofMillimetres(140, 105), Ruler.MM_HALF),
                "frame",
                "25",
                "jog",
                "15",
                "foot",
                "20"));
        WorkedPiece sheet = worked.pieces().get(0);
        assertThat(sheet.cut()).isEqualTo(Size.ofMillimetres(280, 105));
        assertThat(scores(sheet)).isEqualTo(mm(25, 40, 140, 155, 210));
        assertThat(sheet.panels().piece().slits()).allSatisfy(slit -> {
            assertThat(slit.from().x()).isEqualTo(Length.ofMillimetres(25));
            assertThat(slit.to().x()).isEqualTo(Length.ofMillimetres(155));
        });
        assertThat(sheet.panels().piece().slits().stream().map(Stretch::foot)).isEqualTo(mm(20, 85));
    }

    /** The frame higher at the foot than at the head, a short leg, a narrow second panel. */
    @Test
    void anInvertedZOfOnesOwn() {
        WorkedPlan worked = work(with(
                plan("inverted-z", Size.ofMillimetres(160, 120), Ruler.MM_1),
                "leg",
                "120",
                "second",
                "70",
                "foot",
                "38",
                "head",
                "14",
                "frame",
                "30",
                "jog",
                "22"));
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(30, 52, 120, 142, 190));
        assertThat(worked.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(160 + 2 * 70));
    }

    /** All tiers as wide as each other, 2 left at each side of the base, each of its own height. */
    @Test
    void aTieredStageWithTiersOfAnyHeightAndWidth() {
        WorkedPlan worked = work(with(
                plan("tiered-stage", Size.ofMillimetres(120, 180), Ruler.MM_1),
                "spring",
                "15",
                "tab",
                "15",
                "front-1",
                "80",
                "front-2",
                "80",
                "front-3",
                "80",
                "height-1",
                "90",
                "height-2",
                "65",
                "height-3",
                "40"));
        for (int tier = 1; tier <= 3; tier++) {
            WorkedPiece piece = worked.pieces().get(tier);
            assertThat(piece.cut().width()).isEqualTo(Length.ofMillimetres(170));
            assertThat(scores(piece)).isEqualTo(mm(15, 30, 45, 125, 140, 155));
        }
        assertThat(worked.pieces().stream().map(piece -> piece.cut().height())).isEqualTo(mm(180, 90, 65, 40));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(120, 180));
    }

    @Test
    void aDoubleOpeningWithASquareGluedByAStrip() {
        WorkedPlan worked = work(with(
                plan("double-opening", Size.ofMillimetres(105, 140), Ruler.MM_1),
                "flap",
                "40",
                "square",
                "60",
                "glued",
                "30",
                "square",
                "90"));
        assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(250, 140));
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(105, 210));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(180, 90));
        assertThat(scores(worked.pieces().get(1))).isEqualTo(mm(90));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(105, 140));
    }

    /** The topper low and at the head, the edgings lower than the card. */
    @Test
    void aTuckedGatefoldWithATopperAndEdgingsOfAnyHeight() {
        WorkedPlan worked = work(with(
                plan("tucked-gatefold", Size.ofMillimetres(140, 178), Ruler.MM_1),
                "topper-height",
                "50",
                "topper-up",
                "120",
                "edging-height",
                "150",
                "edging-up",
                "14"));
        assertThat(worked.pieces().stream().map(piece -> piece.cut().height())).isEqualTo(mm(178, 150, 150, 50));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(140, 178));
    }

    /** One spring a side under a seat of 2, and two under one of 3; the tabs turned out. */
    @Test
    void springMountsOfOneSpringASideAndOfTwo() {
        Plan card = plan("spring-mount", Size.ofMillimetres(120, 110), Ruler.MM_1);
        WorkedPlan one = work(with(card, "tabs", "out", "tab", "15", "spring", "15", "seat", "20", "mount", "20"));
        assertThat(one.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(80, 20));
        assertThat(scores(one.pieces().get(1))).isEqualTo(mm(15, 30, 50, 65));
        WorkedPlan two = work(
                with(card, "place", "double", "tabs", "out", "tab", "10", "spring", "15", "seat", "30", "mount", "30"));
        assertThat(two.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(110, 30));
        assertThat(scores(two.pieces().get(1))).isEqualTo(mm(10, 25, 40, 70, 85, 100));
        work(with(card, "place", "double", "seat", "60", "across", "50", "up", "5"));
    }

    /** A book of 12 on a base of 17, and an arch of acetate 2 high tabbed by 3 round its edges. */
    @Test
    void aFloatingBookUnderAnArch() {
        WorkedPlan worked = work(with(
                plan("floating-book", Size.ofMillimetres(170, 120), Ruler.MM_1),
                "strut",
                "40",
                "page",
                "60",
                "book",
                "120",
                "strut-height",
                "50",
                "over",
                "acetate",
                "arch",
                "120",
                "arch-height",
                "20",
                "arch-up",
                "10",
                "arch-tab",
                "30"));
        assertThat(worked.pieces().stream().map(WorkedPiece::cut))
                .isEqualTo(List.of(
                        Size.ofMillimetres(170, 120),
                        Size.ofMillimetres(160, 50),
                        Size.ofMillimetres(160, 50),
                        Size.ofMillimetres(120, 120),
                        Size.ofMillimetres(180, 20)));
        assertThat(scores(worked.pieces().get(1))).isEqualTo(mm(40, 80, 120));
        assertThat(scores(worked.pieces().get(4))).isEqualTo(mm(30, 150));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(170, 120));
    }

    /** Two strips and two tubes, pressed flat two ways: the footprints differ by two sides of a tube. */
    @Test
    void aDoubledPillarCardPressedFlatBothWays() {
        Plan plan = with(plan("pillar-card", Size.ofMillimetres(160, 140), Ruler.MM_1), "pillars", "doubled");
        Plan flat = with(plan, "lies", "flat", "pillar", "20", "tab", "20");
        Plan wide = with(with(plan, "width", "200"), "lies", "wide", "pillar", "20", "tab", "20");
        for (Plan one : List.of(flat, wide)) {
            WorkedPlan worked = work(one);
            assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(20, 80, 140, 160, 180, 200, 220));
            assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(239, 140));
            assertThat(scores(worked.pieces().get(2))).isEqualTo(mm(20, 40, 60, 80));
        }
        assertThat(work(flat).footprint()).isEqualTo(Size.ofMillimetres(160, 140));
        assertThat(work(wide).footprint()).isEqualTo(Size.ofMillimetres(200, 140));
    }

    /** By hand: with both walls on one corner a pillar lies half on the wall, or wholly beyond it. */
    @Test
    void aPillarCardWithItsWallsBackToBackHasBothFlatSizesSingleAndDoubled() {
        for (String pillars : List.of("single", "doubled")) {
            Plan plan = with(
                    plan("pillar-card", Size.ofMillimetres(200, 140), Ruler.MM_1),
                    "pillars",
                    pillars,
                    "walls",
                    "together",
                    "lies",
                    "wide",
                    "pillar",
                    "20",
                    "tab",
                    "20");
            WorkedPlan wide = work(plan);
            assertThat(scores(wide.pieces().get(0))).isEqualTo(mm(20, 80, 140, 160, 180, 200, 220));
            assertThat(wide.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(239, 140));
            assertThat(wide.footprint()).isEqualTo(Size.ofMillimetres(200, 140));
            assertThat(wide.form().stations().get(1).name()).isEqualTo("Tubes inwards");
            assertThat(wide.form().flatSize(1)).contains(Size.ofMillimetres(160, 140));
            WorkedPlan flat = work(with(with(plan, "width", "160"), "lies", "flat", "pillar", "20", "tab", "20"));
            assertThat(scores(flat.pieces().get(0))).isEqualTo(mm(20, 80, 140, 160, 180, 200, 220));
            assertThat(flat.footprint()).isEqualTo(Size.ofMillimetres(160, 140));
            assertThat(flat.form().stations().get(1).name()).isEqualTo("Tubes outwards");
            assertThat(flat.form().flatSize(1)).contains(Size.ofMillimetres(200, 140));
            for (WorkedPlan one : List.of(wide, flat, work(with(flat.plan(), "lies", "half")))) {
                assertThat(one.form().motion().isRigid())
                        .as("%s, %s", pillars, one.plan())
                        .isTrue();
                assertThat(one.form().motion().passings())
                        .as("%s, %s", pillars, one.plan())
                        .isEmpty();
                assertThat(one.findings()).noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
            }
        }
    }

    /** By hand: scores at 60 and 100 bring the fold of the back to 20, so it is 120 wide to reach 140. */
    @Test
    void stripsWhosePanelsDifferWhereTheyUsuallyAreAlike() {
        WorkedPlan z =
                work(with(plan("z-fold", Size.ofMillimetres(140, 100), Ruler.MM_1), "leg", "60", "second", "40"));
        assertThat(scores(z.pieces().get(0))).isEqualTo(mm(60, 100));
        assertThat(z.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(60 + 40 + 120));
        WorkedPlan gate =
                work(with(plan("gatefold", Size.ofMillimetres(140, 100), Ruler.MM_1), "flap", "50", "right", "90"));
        assertThat(scores(gate.pieces().get(0))).isEqualTo(mm(50, 190));
        WorkedPlan side = work(with(plan("side-fold", Size.ofMillimetres(140, 100), Ruler.MM_1), "cover", "110"));
        assertThat(side.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(250));
        for (WorkedPlan one : List.of(z, gate, side)) {
            assertThat(one.footprint()).isEqualTo(Size.ofMillimetres(140, 100));
        }
    }

    /** Wherever they are, up to foot and head. */
    @Test
    void bandsStripsAndBridgesOfAnyPlace() {
        for (String structure : List.of("double-z-fold", "w-fold", "bridge")) {
            Plan plan = plan(structure, Size.ofMillimetres(150, 110), Ruler.MM_1);
            work(with(plan, "up", "0"));
            Structure card = WORKSHOP.structure(structure);
            work(plan.changing(card, "up", card.limits("up", plan.measures()).most()));
        }
    }

    /** What follows does so until it is typed, and again when nothing is typed. */
    @Test
    void aMeasureFollowsUntilItIsTyped() {
        Structure stage = WORKSHOP.structure("stage");
        Plan plan = plan("stage", Size.ofMillimetres(160, 110), Ruler.MM_1);
        assertThat(stage.measure("band-length", plan.measures())).isEqualTo(Length.ofMillimetres(160));
        Plan wider = with(plan, "width", "180");
        assertThat(stage.measure("band-length", wider.measures())).isEqualTo(Length.ofMillimetres(180));
        Plan typed = with(wider, "band-length", "164");
        assertThat(typed.measures().says("band-length")).isTrue();
        assertThat(stage.measure("band-length", with(typed, "height", "120").measures()))
                .isEqualTo(Length.ofMillimetres(164));
        assertThat(with(typed, "band-length", "")).isEqualTo(wider);
        assertThat(new Solve("band-length").on(typed, WORKSHOP).plan()).isEqualTo(wider);
        assertThatThrownBy(() -> with(plan, "wall", "")).isInstanceOf(ValidationException.class);
        Edit hold = new Lock("band-up", true);
        assertThat(hold.on(plan, WORKSHOP).plan().measures().get("band-up")).isEqualTo(Length.ZERO);
        assertThatThrownBy(() -> with(hold.on(plan, WORKSHOP).plan(), "band-up", ""))
                .hasMessageContaining("locked");
    }

    /** Both ways out that are offered are ways out. */
    @Test
    void measuresThatExcludeOneAnotherAreNamedWithBothWaysOut() {
        Plan wide = with(plan("stage", Size.ofMillimetres(160, 110), Ruler.MM_1), "band-length", "150");
        assertThatThrownBy(() -> with(wide, "wing", "15"))
                .hasMessage(
                        "Wing 15 mm and the band length 150 mm exclude one another: the band would stick out of the "
                                + "closed card. Make the band length 139 mm as well, or stop the wing at 26 mm.");
        assertThat(with(wide, "band-length", "139", "wing", "15").measures().get("wing"))
                .isEqualTo(Length.ofMillimetres(15));
        assertThat(with(wide, "wing", "26").measures().get("wing")).isEqualTo(Length.ofMillimetres(26));
    }

    /**
     * By hand, of the handbook's tower: 18 × 13 cm, slits 3 and 5 cm in from head and foot. Raised rows are scored at
     * 2, 4, 14 and 16, those set back at 4, 6, 12 and 14; none runs from edge to edge.
     */
    @Test
    void scoresOfATowerAreToldWithWhereTheyBeginAndEnd() {
        Plan tower = plan("slit-tower", Size.ofMillimetres(100, 130), Ruler.MM_1);
        WorkedPlan worked = work(
                with(tower, "column", "20", "side", "20", "row-1", "30", "row-2", "20", "row-4", "20", "row-5", "30"));
        WorkedPiece piece = worked.pieces().get(0);
        assertThat(piece.scores().stream()
                        .flatMap(score -> score.part(piece.panels().piece(), true).stream()
                                .map(part -> "%.0f: %.0f-%.0f"
                                        .formatted(
                                                score.fromLeft().millimetres(),
                                                part.from().millimetres(),
                                                part.to().millimetres()))))
                .contains("20: 0-30", "20: 50-80", "20: 100-130", "60: 30-50", "60: 80-100", "160: 50-80")
                // the middle score folds one way in raised rows and the other way in those set back
                .contains("40: 0-30", "40: 30-50", "140: 100-130")
                .hasSize(2 * (3 + 5 + 2));
        // a plain fold runs from edge to edge
        WorkedPiece fold = work(plan("z-fold", Size.ofMillimetres(140, 100), Ruler.MM_1))
                .pieces()
                .get(0);
        assertThat(fold.scores())
                .allMatch(score -> score.part(fold.panels().piece(), true).isEmpty());
    }
}
