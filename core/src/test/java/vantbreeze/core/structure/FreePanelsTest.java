package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.core.structure.MakersCards.WORKSHOP;
import static vantbreeze.core.structure.MakersCards.mm;
import static vantbreeze.core.structure.MakersCards.plan;
import static vantbreeze.core.structure.MakersCards.scores;
import static vantbreeze.core.structure.MakersCards.with;
import static vantbreeze.core.structure.MakersCards.work;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/** Panels, places and heights that somebody wants otherwise than usual; all figures worked by hand. */
class FreePanelsTest {

    private static final Size CLOSED = Size.ofMillimetres(150, 110);

    private static WorkedPlan made(String structure, String... fieldsAndTexts) {
        WorkedPlan worked = work(with(plan(structure, CLOSED, Ruler.MM_1), fieldsAndTexts));
        assertThat(worked.footprint()).isEqualTo(CLOSED);
        return worked;
    }

    private static Length wide(WorkedPlan worked, int piece) {
        return worked.pieces().get(piece).cut().width();
    }

    /** What is behind a panel of its own width follows it. */
    @Test
    void aConcertinaWithANarrowEnd() {
        WorkedPlan worked = made("concertina", "panel-3", "100", "panel-5", "80");
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(150, 300, 400, 500, 580));
        assertThat(wide(worked, 0)).isEqualTo(Length.ofMillimetres(660));
        Plan narrow = with(plan("concertina", CLOSED, Ruler.MM_1), "panel-2", "100");
        assertThatThrownBy(() -> with(narrow, "panel-3", "120"))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("a panel would poke out of the closed card");
    }

    @Test
    void aFoldBackGateThatOpensBesideTheMiddle() {
        WorkedPlan worked = made("fold-back-gate", "left-wing", "60", "left-front", "40");
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(40, 100, 250, 340));
        assertThat(wide(worked, 0)).isEqualTo(Length.ofMillimetres(430));
        WorkedPlan pieced = made("fold-back-gate", "made", "pieced", "right-wing", "50", "right-front", "30");
        assertThat(wide(pieced, 0)).isEqualTo(Length.ofMillimetres(300));
        assertThat(wide(pieced, 2)).isEqualTo(Length.ofMillimetres(30 + 25));
    }

    /** Base and band are as long, and as wide between their scores. */
    @Test
    void aDoubleZFoldOfOnesOwn() {
        WorkedPlan worked = made("double-z-fold", "leg", "60", "second", "50", "band-front", "120", "band-glue", "20");
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(60, 110));
        assertThat(scores(worked.pieces().get(1))).isEqualTo(mm(120, 170));
        assertThat(wide(worked, 0)).isEqualTo(Length.ofMillimetres(250));
        assertThat(wide(worked, 1)).isEqualTo(Length.ofMillimetres(250));
    }

    /** The strip is still as long as the open card. */
    @Test
    void aWFoldWhoseStripHardlyComesForward() {
        WorkedPlan worked = made("w-fold", "first", "100", "last", "90");
        assertThat(scores(worked.pieces().get(1))).isEqualTo(mm(100, 160, 210));
        assertThat(wide(worked, 1)).isEqualTo(Length.ofMillimetres(300));
    }

    @Test
    void aStairOfUnequalSteps() {
        WorkedPlan worked = made(
                "step-card",
                "tread-1",
                "15",
                "tread-2",
                "12",
                "tread-3",
                "18",
                "riser-1",
                "25",
                "riser-2",
                "14",
                "stairs",
                "70",
                "left",
                "20");
        // back 110 less 45 deep; then tread and riser in turn
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(65, 80, 105, 110, 117, 131, 149));
        assertThat(worked.pieces().get(0).panels().piece().slits())
                .extracting(slit -> slit.foot())
                .containsOnly(Length.ofMillimetres(20), Length.ofMillimetres(90));
    }

    @Test
    void aCornerTurnedAtTheFootOfANarrowCover() {
        WorkedPlan worked = made("corner-flip", "corner", "foot", "cover", "120", "square", "60", "margin", "15");
        assertThat(wide(worked, 0)).isEqualTo(Length.ofMillimetres(270));
        assertThat(worked.pieces().get(0).panels().piece().slits())
                .allMatch(slit -> !slit.foot().isLongerThan(Length.ofMillimetres(60)));
    }

    @Test
    void aRingLowBesideTheMiddle() {
        WorkedPlan worked = made("ring-lock", "flap", "100", "ring", "60", "up", "10", "lap", "4");
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(100, 250));
        // within a ring of 60 its band leaves a hole; the disc laps 4 over it all round
        Length hole = Length.ofMillimetres(60)
                .minus(worked.plan().measures().get("band").times(2));
        assertThat(worked.pieces().get(2).cut().width()).isEqualTo(hole.plus(Length.ofMillimetres(8)));
    }

    @Test
    void gablesHigherAtTheHead() {
        WorkedPlan worked = made("gabled-concertina", "gable", "36", "foot", "12");
        assertThat(worked.pieces().get(0).panels().piece().creases().stream()
                        .filter(crease -> crease.line().isUpright())
                        .map(crease -> crease.line().foot())
                        .distinct()
                        .sorted())
                .isEqualTo(mm(0, 12, 110 - 36));
    }

    @Test
    void aFanWithShortNarrowSideLeaves() {
        WorkedPlan worked = made("concertina-fan", "side", "30", "reach", "70", "up", "4");
        assertThat(worked.pieces().stream().map(WorkedPiece::cut).distinct())
                .contains(Size.ofMillimetres(30, 70))
                .anyMatch(size -> size.height().equals(Length.ofMillimetres(106)));
    }

    @Test
    void aPocketOfItsOwnSizeAndPlace() {
        WorkedPlan worked = made(
                "pocket",
                "pocket-width",
                "90",
                "pocket-height",
                "80",
                "from-fold",
                "40",
                "up",
                "12",
                "edge",
                "50",
                "at-fold",
                "65",
                "foot-seal",
                "8");
        assertThat(worked.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(270, 80));
        assertThatThrownBy(() -> with(worked.plan(), "pocket-width", "120"))
                .hasMessageContaining("a pocket wider than the card would poke out");
    }

    /** Two pairs of pieces: folds along and across go on meeting when one way is stretched. */
    @Test
    void aNeverEndingCardThatIsNotSquare() {
        Plan plan = with(plan("never-ending", Size.ofMillimetres(120, 120), Ruler.MM_1), "shape", "oblong");
        WorkedPlan worked = work(with(plan, "height", "160"));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(120, 160));
        assertThat(worked.pieces())
                .extracting(WorkedPiece::cut)
                .containsExactly(
                        Size.ofMillimetres(60, 160),
                        Size.ofMillimetres(60, 160),
                        Size.ofMillimetres(80, 120),
                        Size.ofMillimetres(80, 120));
        assertThat(with(worked.plan(), "shape", "square").measures().get(Parameter.HEIGHT))
                .isEqualTo(Length.ofMillimetres(120));
    }

    @Test
    void outlinesOfTheirOwnHeightAndWidth() {
        WorkedPlan worked = made("graduated-silhouettes", "height-2", "90", "width-2", "130", "height-4", "80");
        // those behind follow: 90 less the fall of 9; each as wide as its height bids
        assertThat(worked.plan().measures().get("fall")).isEqualTo(Length.ofMillimetres(9));
        assertThat(WORKSHOP.structure("graduated-silhouettes")
                        .measure("height-3", worked.plan().measures()))
                .isEqualTo(Length.ofMillimetres(81));
        assertThat(scores(worked.pieces().get(0)).subList(0, 2)).isEqualTo(mm(150, 280));
    }

    @Test
    void aShapedGateGluedByMoreAtTheRight() {
        WorkedPlan worked = made("shaped-gate", "glued-right", "30");
        assertThat(scores(worked.pieces().get(2))).isEqualTo(mm(75, 120));
    }

    /** The card once folded, 130 wide, and folded in half with the strips' ends out at one side. */
    @Test
    void aThreadedConcertinaThatFoldsOnceMore() {
        WorkedPlan worked = made(
                "threaded-concertina",
                "back",
                "scored",
                "push",
                "20",
                "strip",
                "20",
                "low-up",
                "10",
                "high-strip",
                "30",
                "high-up",
                "60",
                "slot",
                "40",
                "arm",
                "30");
        // fronts, flaps and half the back are 130 wide; the fronts only bend at the slots
        assertThat(scores(worked.pieces().get(0))).isEqualTo(mm(130, 260, 390, 520, 650));
        assertThat(worked.pieces().get(0).panels().piece().slits())
                .extracting(slit -> slit.from().x())
                .containsOnly(Length.ofMillimetres(40), Length.ofMillimetres(740));
        assertThat(IntStream.range(0, worked.form().stations().size())
                        .boxed()
                        .flatMap(station -> worked.form().flatSize(station).stream()))
                .containsExactly(Size.ofMillimetres(300, 110), CLOSED);
        assertThat(worked.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(300, 20));
        assertThat(worked.pieces().get(2).cut().height()).isEqualTo(Length.ofMillimetres(30));
    }
}
