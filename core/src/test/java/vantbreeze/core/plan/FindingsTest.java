package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.Tent;

class FindingsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Plan plan(String id, long width, long height, Ruler ruler) {
        return Plan.of(
                "Kite day", id, WORKSHOP.structure(id).proportioned(Size.ofMillimetres(width, height), ruler), ruler);
    }

    private static List<Finding> of(Plan plan) {
        return WORKSHOP.work(plan).findings();
    }

    /** What is found about a card that a test builds. */
    private static List<Finding> of(Tent tent, long width, long height) {
        Workshop workshop = new Workshop(
                new Catalogue(List.of(tent)),
                WORKSHOP.envelopes(),
                WORKSHOP.sheets(),
                WORKSHOP.cardstocks(),
                WORKSHOP.tools());
        return workshop.work(Plan.of(
                        "Kite day",
                        "tent",
                        tent.proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                        Ruler.MM_1))
                .findings();
    }

    private static Plan with(Plan plan, String parameter, String length) {
        return plan.changing(
                WORKSHOP.structure(plan.structureId()),
                parameter,
                MeasureReader.of(plan.ruler()).read(length));
    }

    private static Plan choosing(Plan plan, String choice, String value) {
        return plan.choosing(WORKSHOP.structure(plan.structureId()), choice, value);
    }

    private static Finding only(List<Finding> findings, String words) {
        assertThat(findings)
                .filteredOn(finding -> finding.text().contains(words))
                .as("%s in %s", words, findings)
                .hasSize(1);
        return findings.stream()
                .filter(finding -> finding.text().contains(words))
                .findFirst()
                .orElseThrow();
    }

    /** The finding goes away when its mend is taken. */
    private static void mends(Plan plan, Finding finding, String words) {
        Structure structure = WORKSHOP.structure(plan.structureId());
        Plan mended = finding.mends().get(0).chosen() == null
                ? plan.changing(
                        structure,
                        finding.mends().get(0).parameter(),
                        finding.mends().get(0).length())
                : plan.choosing(
                        structure,
                        finding.mends().get(0).parameter(),
                        finding.mends().get(0).chosen());
        assertThat(of(mended)).noneMatch(left -> left.text().contains(words));
    }

    @Test
    void aRingTooThinToHold() {
        Plan plan = with(plan("ring-lock", 150, 110, Ruler.MM_1), "band", "5");
        Finding finding = only(of(plan), "does not hold");
        assertThat(finding.text()).isEqualTo("The ring is only 5 mm wide: one under about 6 mm does not hold.");
        mends(plan, finding, "does not hold");
    }

    @Test
    void flapsThatDoNotMeet() {
        Plan plan = with(plan("gatefold", 150, 110, Ruler.MM_1), "flap", "70");
        Finding finding = only(of(plan), "do not meet");
        assertThat(finding.text()).contains("a gap of 10 mm");
        mends(plan, finding, "do not meet");
    }

    @Test
    void aTabTooNarrowForGlue() {
        Plan plan = with(choosing(plan("concertina", 100, 110, Ruler.MM_1), "made", "chained"), "tab", "8");
        Finding finding = only(of(plan), "glued over only 8 mm");
        assertThat(finding.severity()).isEqualTo(Severity.HINT);
        mends(plan, finding, "glued over only");
    }

    /** ISO/IEC 7810 ID-1: 85.60 × 53.98 mm. */
    @ParameterizedTest
    @CsvSource({"60, 100, does not go in", "70, 80, 'stands about 19 mm above'", "70, 110, ''", "120, 80, ''"})
    void aGiftCardThatWillNotGoIn(long width, long height, String words) {
        Plan plan = plan("pocket", width, height, Ruler.MM_1);
        if (words.isEmpty()) {
            assertThat(of(plan)).noneMatch(finding -> finding.text().contains("gift card"));
        } else {
            mends(plan, only(of(plan), words), words);
        }
    }

    @Test
    void aGiftCardThatWillNotComeOut() {
        Plan plan = with(plan("pocket", 108, 140, Ruler.MM_1), "edge", "90");
        Finding finding = only(of(plan), "can't be pulled out");
        assertThat(finding.about()).isEqualTo("edge");
    }

    @Test
    void anEnvelopeTooTightForTheBulk() {
        Plan plan = choosing(plan("concertina", 159, 111, Ruler.MM_1), "panels", "12")
                .withEnvelope("c6");
        // by hand: 12 cards of 0.36 mm are 4.32 mm, all round; C6 leaves 3 mm of 162 × 114 either way
        assertThat(only(of(plan), "does not go round it").text())
                .startsWith("Closed it is 4.3 mm thick all over, and C6 does not go round it: 1.3 mm is missing");
        assertThat(only(of(choosing(plan, "panels", "16")), "box envelope").text())
                .contains("5.8 mm thick");
        assertThat(of(choosing(plan, "panels", "3")))
                .noneMatch(finding -> finding.text().contains("does not go round it"));
    }

    @Test
    void aStripTooLongIsPieced() {
        Plan plan = plan("fold-back-gate", 140, 100, Ruler.MM_1).withSheet("a4");
        Finding finding = only(of(plan), "too long for A4");
        assertThat(finding.mends().get(0).label()).isEqualTo("Make it of pieced fronts");
        mends(plan, finding, "too long for A4");
    }

    @Test
    void scoresBetweenGrooves() {
        assertThat(only(of(plan("side-fold", 103, 140, Ruler.MM_1)), "between two grooves")
                        .text())
                .isEqualTo("One score lies between two grooves of the 30 cm board (103 mm): mark it and "
                        + "score along a ruler.");
        assertThat(of(plan("side-fold", 105, 140, Ruler.MM_1)))
                .noneMatch(finding -> finding.about().equals("board"));
        Plan inches = plan("z-fold", 140, 100, Ruler.SIXTEENTHS);
        assertThat(of(with(with(inches, "width", "5 1/2"), "leg", "2 11/16")))
                .anyMatch(finding -> finding.text().contains("grooves of the 12 in board"));
    }

    @Test
    void longerThanBoardAndTrimmer() {
        List<Finding> findings = of(plan("z-fold", 160, 110, Ruler.MM_1));
        assertThat(only(findings, "longer than the 30 cm board").text()).contains("320 mm long, 20 mm longer");
        assertThat(only(findings, "trimmer's bed").about()).isEqualTo("trimmer");
    }

    @Test
    void cardTooLightOrTooHeavyOrFoldedAcrossTheGrain() {
        Plan stage = plan("stage", 150, 105, Ruler.MM_1);
        assertThat(only(of(stage.withCardstock("paper-160")), "too light").about())
                .isEqualTo("cardstock");
        assertThat(of(stage)).noneMatch(finding -> finding.about().equals("cardstock"));
        assertThat(only(
                                of(choosing(plan("concertina", 100, 100, Ruler.MM_1), "panels", "8")
                                        .withCardstock("card-350")),
                                "heavy for 7 folds")
                        .severity())
                .isEqualTo(Severity.NOTE);
        // 2 × 148 along the long side of A4: the folds run across it
        assertThat(only(of(plan("z-fold", 148, 104, Ruler.MM_1).withSheet("a4")), "across the grain")
                        .severity())
                .isEqualTo(Severity.HINT);
        assertThat(of(plan("side-fold", 100, 140, Ruler.MM_1).withSheet("a4")))
                .noneMatch(finding -> finding.text().contains("across the grain"));
    }

    @Test
    void nothingLargeEnoughToWriteOn() {
        assertThat(only(of(plan("side-fold", 50, 38, Ruler.MM_1)), "write on").severity())
                .isEqualTo(Severity.NOTE);
        assertThat(of(plan("side-fold", 60, 40, Ruler.MM_1)))
                .noneMatch(finding -> finding.about().equals("writing"));
    }

    @Test
    void aNestWantsRelief() {
        assertThat(only(of(plan("w-fold", 130, 130, Ruler.MM_1)), "wraps 4 layers")
                        .text())
                .contains("1.4 mm shorter");
    }

    @Test
    void flapsThatLieOnEachOther() {
        Tent tent = Tent.built((width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                .panel("Left flap", mm(52))
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", mm(51))
                .piece()));
        assertThat(only(of(tent, 100, 90), "too wide").text())
                .isEqualTo("Right flap is 3.0 mm too wide: it lies on Left flap. Make one of them narrower by that.");
        for (Structure structure : Catalogue.full().all()) {
            assertThat(of(plan(structure.id(), 150, 110, Ruler.MM_1)))
                    .as(structure.name())
                    .noneMatch(finding -> finding.text().contains("too wide: it lies"));
        }
    }

    @Test
    void aPanelThatPokesOut() {
        Tent tent = Tent.built((width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Wing", width.plus(mm(7)))
                .piece()));
        Finding finding = only(of(tent, 100, 90), "pokes out");
        assertThat(finding.severity()).isEqualTo(Severity.WRONG);
        assertThat(finding.text()).contains("by 7 mm");
    }

    @Test
    void aSlitThatDoesNotEndOnAScore() {
        Tent tent = Tent.built((width, height) -> {
            Piece plain = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Cover", width)
                    .piece();
            return Assembly.of(new Piece(
                    "Card",
                    plain.outline(),
                    plain.creases(),
                    List.of(new Stretch(new Spot(width, mm(30)), new Spot(width.plus(mm(20)), mm(30)))),
                    plain.panelNames()));
        });
        assertThat(only(of(tent, 100, 90), "does not end on a score").severity())
                .isEqualTo(Severity.WRONG);
    }

    @Test
    void aTubeWithoutItsSliver() {
        Tent tent = Tent.built(
                Pose.closed().but("Two", "Three", 0).but("Four", "Five", 0),
                (width, height) -> Assembly.of(
                        Strip.ofHeight("Tube", height)
                                .panel("One", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Two", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Three", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Four", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Five", mm(50))
                                .piece(),
                        Join.of(
                                new PanelRef(0, "One"),
                                Side.BACK,
                                new PanelRef(0, "Five"),
                                Side.FACE,
                                Attachment.at(new Spot(mm(0), mm(0)), new Spot(mm(200), mm(0))))));
        assertThat(only(of(tent, 100, 90), "will not square").text()).startsWith("Five is as wide as One");
    }

    @Test
    void aCardThatDoesNotClose() {
        Tent tent = Tent.built((width, height) -> Assembly.of(
                Strip.ofHeight("Ring", height)
                        .panel("One", width)
                        .fold(Fold.VALLEY)
                        .panel("Two", mm(60))
                        .fold(Fold.VALLEY)
                        .panel("Three", mm(40))
                        .piece(),
                Join.of(
                        new PanelRef(0, "One"),
                        Side.FACE,
                        new PanelRef(0, "Three"),
                        Side.BACK,
                        Attachment.at(new Spot(mm(0), mm(0)), new Spot(mm(200), mm(0))))));
        assertThat(of(tent, 100, 90)).anySatisfy(finding -> {
            assertThat(finding.severity()).isEqualTo(Severity.WRONG);
            assertThat(finding.text()).contains("does not close").contains("One");
        });
    }

    @Test
    void aCardThatRocksOrTips() {
        Tent rocks = Tent.built((width, height) -> {
            Piece base = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Cover", width)
                    .piece();
            Piece prop = Strip.ofHeight("Prop", mm(50))
                    .panel("Prop tab", mm(20))
                    .fold(Fold.VALLEY)
                    .panel("Prop", mm(30))
                    .piece();
            return new Assembly(
                    List.of(base, prop),
                    List.of(Join.of(
                            new PanelRef(0, "Back"),
                            Side.FACE,
                            new PanelRef(1, "Prop tab"),
                            Side.BACK,
                            Attachment.at(new Spot(mm(20), mm(2)), new Spot(mm(0), mm(0))))));
        });
        assertThat(of(rocks, 100, 90))
                .anyMatch(finding -> finding.text().startsWith("Prop hangs 2.0 mm above the table"));
        Tent flat = Tent.built((width, height) ->
                Assembly.of(Strip.ofHeight("Card", height).panel("Back", width).piece()));
        assertThat(only(of(flat, 100, 90), "it tips").severity()).isEqualTo(Severity.NOTE);
    }

    @Test
    void theWorstComesFirstAndNothingIsSaidTwice() {
        for (Structure structure : Catalogue.full().all()) {
            List<Finding> findings = of(plan(structure.id(), 150, 110, Ruler.MM_1)
                    .withEnvelope("c6")
                    .withSheet("a4"));
            assertThat(findings).extracting(Finding::severity).isSorted();
            assertThat(findings).extracting(Finding::text).doesNotHaveDuplicates();
            assertThat(findings).as(structure.name()).noneMatch(finding -> finding.about()
                    .equals("stand"));
        }
    }
}
