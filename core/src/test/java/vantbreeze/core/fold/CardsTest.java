package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

class CardsTest {

    static Stream<Cards.Case> all() {
        return Cards.all().stream();
    }

    private static Size inches(String width, String height) {
        return new Size(Cards.in(width), Cards.in(height));
    }

    private static int panel(FoldGraph graph, int piece, String name) {
        return graph.find(new PanelRef(piece, name)).orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("all")
    void liesFlatWithEveryLoopClosedAndAnOrderOfItsLayers(Cards.Case card) {
        FoldedForm form = FoldedForm.of(card.graph(), card.flat());
        assertThat(form.closureError()).as("closure error").isLessThan(0.001);
        assertThat(LayerOrders.of(card.graph(), card.flat()).first())
                .as("an order")
                .isPresent();
    }

    @ParameterizedTest
    @MethodSource("all")
    void movesFromFlatToItsDisplayWithoutBendingOrPassingThroughItself(Cards.Case card) {
        Motion motion = Motion.between(card.graph(), card.flat(), card.display(), 40);
        assertThat(motion.isRigid()).isTrue();
        assertThat(motion.passings()).isEmpty();
        assertThat(motion.freedom()).isPositive();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyPieceIsSound(Cards.Case card) {
        card.graph().assembly().pieces().forEach(piece -> assertThat(
                        Faults.of(piece).all())
                .isEmpty());
    }

    /** Common practice, no source: a stage of 8 × 4¼ has a footprint of 5½ × 4¼, sheared by hand: 3 + 2 × 1¼. */
    @Test
    void theStageShearsToItsFootprintAndStands() {
        FoldGraph stage = Cards.stage();
        assertThat(FoldedForm.of(stage, Pose.of(Cards.STAGE_FLAT)).footprint()).isEqualTo(inches("5 1/2", "4 1/4"));
        Motion motion = Motion.between(stage, Pose.of(Cards.STAGE_FLAT), Pose.of(Cards.STAGE_STANDING), 30);
        assertThat(motion.isRigid()).isTrue();
        assertThat(motion.passings()).isEmpty();
        assertThat(motion.freedom()).isEqualTo(1);
        double front = motion.frames()
                .get(30)
                .panels()
                .get(panel(stage, 1, "Band"))
                .apply(Cards.at(0, 0))
                .getZ();
        assertThat(front).isCloseTo(Cards.in("1 1/4").millimetres(), within(1e-6));
    }

    /** Common practice, no source: a bridge of 29.7 cm shears to 14.7 cm wide; by hand: 9.7 + 5. */
    @Test
    void theBridgeShearsToItsFootprintAndStands() {
        FoldGraph bridge = Cards.bridge();
        assertThat(FoldedForm.of(bridge, Pose.of(Cards.BRIDGE_FLAT)).footprint())
                .isEqualTo(Size.ofMillimetres(147, 120));
        Motion motion = Motion.between(bridge, Pose.of(Cards.BRIDGE_FLAT), Pose.of(Cards.BRIDGE_STANDING), 30);
        assertThat(motion.isRigid()).isTrue();
        assertThat(motion.freedom()).isEqualTo(1);
    }

    @Test
    void theTubeSquaresUpAndLiesFlat() {
        FoldGraph tube = Cards.tube();
        Motion motion = Motion.between(tube, Pose.of(Cards.TUBE_FLAT), Pose.of(Cards.TUBE_SQUARE), 20);
        assertThat(motion.isRigid()).isTrue();
        assertThat(motion.freedom()).isEqualTo(1);
        assertThat(FoldedForm.of(tube, Pose.of(Cards.TUBE_FLAT)).footprint()).isEqualTo(Size.ofMillimetres(40, 100));
        assertThat(FoldedForm.of(tube, Pose.of(new double[] {-90, -90, -90, -80}))
                        .closureError())
                .isGreaterThan(1);
    }

    @Test
    void theExplodingInsertMeetsBothTheoremsAtItsCrossingsOfSix() {
        FoldGraph card = Cards.explodingGate();
        InnerCrossings crossings =
                InnerCrossings.of(Panels.of(card.assembly().pieces().get(1)));
        assertThat(crossings.all()).hasSize(2).allSatisfy(crossing -> {
            assertThat(crossing.mountains()).isEqualTo(2);
            assertThat(crossing.valleys()).isEqualTo(4);
            assertThat(crossing.satisfiesMaekawa()).isTrue();
            assertThat(crossing.satisfiesKawasaki()).isTrue();
        });
        assertThat(FoldedForm.of(card, Pose.closed()).footprint()).isEqualTo(inches("5 1/2", "5 1/2"));
    }

    @Test
    void theExplodingInsertOpensWithItsGate() {
        FoldGraph card = Cards.explodingGate();
        Motion motion = Motion.between(card, Pose.closed(), Pose.open(), 40);
        assertThat(motion.isRigid())
                .as(
                        "worst gap %s",
                        motion.frames().stream().mapToDouble(f -> f.gap()).max())
                .isTrue();
    }

    @Test
    void theTowersMiddleRowLiesOnTheOtherSideOfTheOuterRows() {
        FoldGraph tower = Cards.slitTower();
        assertThat(FoldedForm.of(tower, Pose.closed()).loops()).isNotEmpty();
        assertThat(tower.panels()).hasSize(4);
        Motion motion = Motion.between(tower, Pose.closed(), Pose.partly(0.5), 30);
        assertThat(motion.isRigid()).isTrue();
        assertThat(motion.freedom()).isEqualTo(1);
        assertThat(motion.passings()).isEmpty();
        assertThat(FoldedForm.of(tower, Pose.closed()).footprint().width()).isEqualTo(Length.ofMillimetres(40));
    }

    @Test
    void theInvertedZNamesTheLoopThatDoesNotClose() {
        FoldedForm form = FoldedForm.of(Cards.invertedZ(97), Pose.closed());
        LoopGap worst =
                form.loops().stream().filter(loop -> loop.gap() > 1).findFirst().orElseThrow();
        assertThat(worst.gap()).isCloseTo(4, within(1e-9));
        assertThat(worst.inWords(form.graph())).contains("Back").contains("Leg");
    }

    /** Common practice, no source: the turned square shows its back, ⅝ from each edge. */
    @Test
    void theTurnedCornerShowsItsBackFiveEighthsFromEachEdge() {
        FoldGraph card = Cards.cornerFlip();
        FoldedForm turned = FoldedForm.of(card, link -> link.hinge().fold() == Fold.MOUNTAIN ? -180 : 0);
        PlacedPanel corner = turned.placed().get(panel(card, 0, "Corner"));
        PlacedPanel cover = turned.placed().get(panel(card, 0, "Cover"));
        assertThat(corner.motion().showsFace()).isNotEqualTo(cover.motion().showsFace());
        assertThat(turned.closureError()).isLessThan(1e-9);
        // the square's own outer corner, once at the top right, comes to lie where both slits met less twice ⅝
        var tip = cover.motion().inverse().after(corner.motion()).apply(Cards.inches("8 1/2", "5 1/2"));
        assertThat(tip.getX() / 25.4).isCloseTo(4.875, within(1e-6));
        assertThat(tip.getY() / 25.4).isCloseTo(1.875, within(1e-6));
    }

    @Test
    void theNeverEndingCardLiesFlatInEachOfItsFaces() {
        FoldGraph card = Cards.neverEnding();
        assertThat(FoldedForm.of(card, Pose.open()).footprint()).isEqualTo(inches("8", "8"));
        List<double[]> faces = NeverEndingFaces.of(card);
        assertThat(faces).hasSize(4);
        for (double[] face : faces) {
            FoldedForm form = FoldedForm.of(card, Pose.of(face));
            assertThat(form.closureError()).isLessThan(1e-9);
            assertThat(LayerOrders.of(card, Pose.of(face)).first()).isPresent();
        }
        for (int i = 1; i < faces.size(); i++) {
            Motion motion = Motion.between(card, Pose.of(faces.get(i - 1)), Pose.of(faces.get(i)), 24);
            assertThat(motion.isRigid()).as("from face %d to the next", i).isTrue();
        }
    }

    @Test
    void theLargestOvalHidesTheOthers() {
        FoldGraph ovals = Cards.ovals(4);
        assertThat(ovals.panels()).hasSize(4);
        FoldedForm closed = FoldedForm.of(ovals, Pose.closed());
        assertThat(closed.footprint().width()).isEqualTo(Length.ofMillimetres(40));
        double largest = ovals.panels().stream().mapToDouble(Panel::area).max().orElseThrow();
        assertThat(closed.outline().getArea()).isCloseTo(largest, within(largest * 0.05));
        List<Integer> stack = LayerOrders.of(ovals).first().orElseThrow().fromBelow();
        assertThat(List.of(stack.get(0), stack.get(3))).contains(0).contains(3);
    }

    @Test
    void aGateClosesToItsBackAndAnswersForItsFreedom() {
        Motion motion = Motion.between(Cards.gate(), Pose.open(), Pose.closed(), 10);
        assertThat(motion.freedom()).isEqualTo(2);
        assertThat(motion.passings()).isEmpty();
        LayerOrder order = LayerOrders.of(Cards.gate()).first().orElseThrow();
        assertThat(order.isBelow(1, 0)).isTrue();
        assertThat(order.isBelow(1, 2)).isTrue();
    }
}
