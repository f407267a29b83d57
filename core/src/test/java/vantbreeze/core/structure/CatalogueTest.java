package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

class CatalogueTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Length in(String text) {
        return MeasureReader.of(Ruler.EIGHTHS).read(text);
    }

    private static WorkedPlan work(Structure structure, Measures measures, Ruler ruler) {
        return WORKSHOP.work(Plan.of("Kite day", structure.id(), measures, ruler));
    }

    private static List<Length> scores(WorkedPlan worked) {
        return worked.pieces().get(0).scores().stream()
                .map(BoardScore::fromLeft)
                .toList();
    }

    /** Common practice, no source: 8½ × 5½, scores 2⅛ from each end, footprint 4¼ × 5½. */
    /** What a maker reads is words, never the name of a class. */
    @Test
    void whatIsReadIsWords() {
        for (Structure structure : Catalogue.full().all()) {
            assertThat(structure.name()).doesNotContainPattern("[a-z][A-Z]");
            structure.choices().forEach(choice -> assertThat(choice.label()).doesNotContainPattern("[a-z][A-Z]"));
            structure.parameters().forEach(one -> assertThat(one.label()).doesNotContainPattern("[a-z][A-Z]"));
        }
    }

    @Test
    void theGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure gatefold = new Gatefold();
        WorkedPlan worked =
                work(gatefold, gatefold.proportioned(new Size(in("4 1/4"), in("5 1/2")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8 1/2"), in("5 1/2")));
        assertThat(scores(worked)).containsExactly(in("2 1/8"), in("6 3/8"));
    }

    /** Common practice, no source: 21.0 × 14.8 cm, scores 5.25 cm from each end. */
    @Test
    void theMetricGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure gatefold = new Gatefold();
        WorkedPlan worked = work(
                gatefold,
                gatefold.proportioned(Size.ofMillimetres(105, 148), Ruler.MM_HALF)
                        .with(Gatefold.RIGHT, Length.ofMicrometres(52_500)),
                Ruler.MM_HALF);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(210, 148));
        assertThat(scores(worked).get(0)).isEqualTo(Length.ofMicrometres(52_500));
    }

    /** Common practice, no source: 4 × 6 finished: 12 × 6, scores 2, 4, 8, 10; 6 × 4 finished wants 18 long. */
    @Test
    void theFoldBackGateOfTheHandbookFromItsFinishedSize() {
        Structure gate = new FoldBackGate();
        WorkedPlan worked = work(gate, gate.proportioned(new Size(in("4"), in("6")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("12"), in("6")));
        assertThat(scores(worked)).containsExactly(in("2"), in("4"), in("8"), in("10"));
        WorkedPlan wide = work(gate, gate.proportioned(new Size(in("6"), in("4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(wide.pieces().get(0).cut().width()).isEqualTo(in("18"));
    }

    /** Common practice, no source: 8 × 4¼, scores 1¼ and 2½ from both ends, band 5½ long, footprint 5½ × 4¼. */
    @Test
    void theStageOfTheHandbookFromItsFinishedSize() {
        Structure stage = new StageCard();
        Size finished = new Size(in("5 1/2"), in("4 1/4"));
        WorkedPlan worked = work(stage, stage.proportioned(finished, Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8"), in("4 1/4")));
        assertThat(scores(worked)).containsExactly(in("1 1/4"), in("2 1/2"), in("5 1/2"), in("6 3/4"));
        assertThat(worked.pieces().get(1).cut().width()).isEqualTo(in("5 1/2"));
        assertThat(worked.footprint()).isEqualTo(finished);
    }

    /**
     * Common practice, no source: 29.7 cm strip, scores 5 and 10 cm from each end, bridge 9.7 cm long, footprint 14.7
     * cm wide.
     */
    @Test
    void theBridgeOfTheHandbookFromItsFinishedSize() {
        Structure bridge = new Bridge();
        WorkedPlan worked = work(
                bridge,
                bridge.proportioned(Size.ofMillimetres(147, 105), Ruler.MM_1)
                        .with(Bridge.WING, Length.ofMillimetres(50)),
                Ruler.MM_1);
        assertThat(worked.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(297));
        assertThat(scores(worked)).extracting(Length::millimetres).containsExactly(50.0, 100.0, 197.0, 247.0);
        assertThat(worked.pieces().get(1).cut().width()).isEqualTo(Length.ofMillimetres(97));
        assertThat(worked.footprint().width()).isEqualTo(Length.ofMillimetres(147));
    }

    /** Common practice, no source: base as the Z-fold; band 1¼ × 11 scored 5½ and 8¼. */
    @Test
    void theDoubleZFoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new DoubleZFold();
        WorkedPlan worked =
                work(fold, fold.proportioned(new Size(in("5 1/2"), in("4 1/4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(scores(worked)).containsExactly(in("2 3/4"), in("5 1/2"));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(new Size(in("11"), in("1 1/4")));
        assertThat(worked.pieces().get(1).scores())
                .extracting(BoardScore::fromLeft)
                .containsExactly(in("5 1/2"), in("8 1/4"));
    }

    /** Common practice, no source: 5 × 10 base; strip 1¾ × 10, in quarters. */
    @Test
    void theWFoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new WFold();
        WorkedPlan worked = work(fold, fold.proportioned(new Size(in("5"), in("5")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("10"), in("5")));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(new Size(in("10"), in("1 3/4")));
        assertThat(worked.pieces().get(1).scores())
                .extracting(BoardScore::fromLeft)
                .containsExactly(in("2 1/2"), in("5"), in("7 1/2"));
    }

    /**
     * Common practice, no source: 5½ × 11 twice, scores 2¾ from each end; the flat centre is a square of 5½ ÷ √2 =
     * 3.889.
     */
    @Test
    void theExplodingGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new ExplodingGatefold();
        WorkedPlan worked =
                work(fold, fold.proportioned(new Size(in("5 1/2"), in("5 1/2")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces()).hasSize(2).allSatisfy(piece -> assertThat(piece.cut())
                .isEqualTo(new Size(in("11"), in("5 1/2"))));
        assertThat(scores(worked)).containsExactly(in("2 3/4"), in("8 1/4"));
        double square =
                worked.pieces().get(1).panels().named("Square").orElseThrow().area();
        assertThat(Math.sqrt(square) / 25.4).isCloseTo(3.889, within(0.0005));
    }

    /** Common practice, no source: 8½ × 5½ scored 4¼; square 3 in, ⅝ from each edge; the diagonal from 3⅝ to 3⅝. */
    @Test
    void theCornerFlipOfTheHandbookFromItsFinishedSize() {
        Structure flip = new CornerFlip();
        Measures measures = flip.proportioned(new Size(in("4 1/4"), in("5 1/2")), Ruler.EIGHTHS)
                .with(CornerFlip.SQUARE, in("3"))
                .with(CornerFlip.MARGIN, in("5/8"));
        WorkedPlan worked = work(flip, measures, Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8 1/2"), in("5 1/2")));
        assertThat(worked.pieces().get(0).panels().piece().creases()).anySatisfy(crease -> {
            assertThat(crease.line().from().x()).isEqualTo(in("8 1/2").minus(in("3 5/8")));
            assertThat(crease.line().from().y()).isEqualTo(in("5 1/2"));
        });
        List<DrawnMark> marks = DrawnMark.of(worked.pieces().get(0).panels().piece());
        assertThat(marks).hasSize(4);
        // from 3 in from the open edge and ⅝ down, to 3 in down: the lower end is named first
        assertThat(marks.get(0))
                .isEqualTo(new DrawnMark(new Spot(in("5 1/2"), in("2 1/2")), new Spot(in("5 1/2"), in("4 7/8")), null));
        assertThat(marks.get(2).fold()).isEqualTo(Fold.MOUNTAIN);
    }

    /** Measures that no limit forbids, as a plan from a file may have them, are still judged by the fold engine. */
    @Test
    void aCardThatCannotFoldIsToldInWords() {
        Structure fold = new ExplodingGatefold();
        Measures square = fold.proportioned(Size.ofMillimetres(120, 120), Ruler.MM_1);
        assertThat(work(fold, square, Ruler.MM_1).findings())
                .allMatch(finding -> finding.severity() == Finding.Severity.TIP);
        assertThat(work(fold, square.with(Parameter.HEIGHT, Length.ofMillimetres(60)), Ruler.MM_1)
                        .findings())
                .anySatisfy(finding -> {
                    assertThat(finding.severity()).isEqualTo(Finding.Severity.MUST_FIX);
                    assertThat(finding.text())
                            .contains("one would have to pass through another")
                            .contains("Left triangle, Outer lower left triangle");
                })
                .anySatisfy(finding -> assertThat(finding.text()).contains("meet on the way to closed"));
    }

    /** Common practice, no source: 12 × 4 scored 3 and 9, two 4 × 4 wings glued on over 1 in, for 6 × 4 finished. */
    @Test
    void theFoldBackGateIsPiecedWhenTheSheetIsTooShort() {
        Structure gate = new FoldBackGate();
        Measures measures =
                gate.proportioned(new Size(in("6"), in("4")), Ruler.EIGHTHS).choosing(FoldBackGate.MADE.id(), "pieced");
        WorkedPlan worked = work(gate, measures, Ruler.EIGHTHS);
        assertThat(worked.pieces())
                .extracting(WorkedPiece::cut)
                .containsExactly(new Size(in("12"), in("4")), new Size(in("4"), in("4")), new Size(in("4"), in("4")));
        assertThat(scores(worked)).containsExactly(in("3"), in("9"));
        assertThat(measures.get(FoldBackGate.OVERLAP)).isEqualTo(in("1"));
        assertThat(worked.footprint()).isEqualTo(new Size(in("6"), in("4")));
    }

    /**
     * Common practice, no source: 12 × 5¼ scored 4 and 8, slant from 2 up the open edge to the top of the 8 score, in a
     * 4¼ × 5½ card.
     */
    @Test
    void thePocketOfTheHandbookFromItsFinishedSize() {
        Structure pocket = new Pocket();
        WorkedPlan worked =
                work(pocket, pocket.proportioned(new Size(in("4 1/4"), in("5 1/2")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        WorkedPiece folded = worked.pieces().get(1);
        assertThat(folded.cut()).isEqualTo(new Size(in("12"), in("5 1/4")));
        assertThat(folded.scores()).extracting(BoardScore::fromLeft).containsExactly(in("4"), in("8"));
        assertThat(folded.panels().piece().outline())
                .containsSubsequence(new Spot(in("12"), in("2")), new Spot(in("8"), in("5 1/4")));
    }

    /**
     * Common practice, no source: four 4 × 8, each scored at 2 down the middle and 2 from each end, so 8 × 8; four
     * faces.
     */
    @Test
    void theNeverEndingCardOfTheHandbookFromItsFinishedSize() {
        Structure card = new NeverEnding();
        WorkedPlan worked = work(card, card.proportioned(new Size(in("8"), in("8")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces()).hasSize(4).allSatisfy(piece -> {
            assertThat(piece.cut()).isEqualTo(new Size(in("4"), in("8")));
            assertThat(piece.scores()).extracting(BoardScore::fromLeft).containsOnly(in("2"));
            assertThat(piece.turned()).extracting(BoardScore::fromLeft).containsExactly(in("2"), in("6"));
        });
        assertThat(worked.form().stations()).hasSize(4).allSatisfy(face -> assertThat(
                        FoldedForm.of(worked.form().graph(), face.pose()).closureError())
                .isLessThan(0.001));
    }

    /**
     * Common practice, no source: base 7 × 8 scored each 1 in; a triangle pair from 10 × 4 scored 5, its four offcuts
     * the side leaves.
     */
    @Test
    void theConcertinaFanOfTheHandbookFromItsFinishedSize() {
        Structure fan = new ConcertinaFan();
        WorkedPlan worked = work(fan, fan.proportioned(new Size(in("7"), in("4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8"), in("7")));
        assertThat(scores(worked)).containsExactly(in("1"), in("2"), in("3"), in("4"), in("5"), in("6"), in("7"));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(new Size(in("5"), in("4")));
        // of each pair of triangles four leaves: half a strip of 10 × 4 is a triangle and two leaves, and nothing is
        // left
        double threeLeaves = worked.pieces().subList(1, 4).stream()
                .mapToDouble(piece -> piece.panels().base().area())
                .sum();
        assertThat(threeLeaves).isCloseTo(5 * 4 * 25.4 * 25.4, within(0.01));
    }

    /** Common practice, no source: closed width = spine and two legs. */
    @Test
    void theTuckedGatefoldIsAsWideAsSpineAndTwoLegs() {
        Structure fold = new TuckedGatefold();
        WorkedPlan worked =
                work(fold, fold.proportioned(new Size(in("5 1/2"), in("4 1/4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        Length leg =
                worked.pieces().get(0).panels().named("Left leg").orElseThrow().width();
        assertThat(worked.plan().measures().get(TuckedGatefold.SPINE).plus(leg.times(2)))
                .isEqualTo(in("5 1/2"));
    }
}
