package vantbreeze.core.fold.bulk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Cards;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;

class BulkTest {

    private static final Cardstock CARD = Cardstock.of("card", 250);

    static Stream<Cards.Case> all() {
        return Cards.all().stream();
    }

    private static BulkMap bulk(FoldGraph graph, Pose flat, List<Added> added) {
        return BulkMap.of(
                FoldedForm.of(graph, flat),
                stocks(graph),
                added,
                LayerOrders.of(graph, flat).first().orElseThrow());
    }

    private static List<Cardstock> stocks(FoldGraph graph) {
        return Collections.nCopies(graph.assembly().pieces().size(), CARD);
    }

    /** The cells together hold just as much paper as the sheets: nothing is counted twice or lost. */
    @ParameterizedTest
    @MethodSource("all")
    void theCellsHoldAllThePaper(Cards.Case card) {
        double stacked = bulk(card.graph(), card.flat(), List.of()).cells().stream()
                .mapToDouble(cell -> cell.shape().getArea() * cell.thickness())
                .sum();
        double paper = card.graph().panels().stream().mapToDouble(Panel::area).sum()
                * CARD.caliper().millimetres();
        assertThat(stacked).isCloseTo(paper, within(paper * 1e-4));
    }

    @Test
    void aConcertinaIsAsThickAsItHasPanels() {
        FoldGraph concertina = Cards.concertina(7);
        assertThat(bulk(concertina, Pose.closed(), List.of()).worst().thickness())
                .isCloseTo(7 * 0.3, within(1e-9));
        assertThat(bulk(concertina, Pose.closed(), List.of()).worst().panels()).hasSize(7);
    }

    @Test
    void aFoamPadIsFoundAtItsPlace() {
        FoldGraph gate = Cards.gate();
        BulkMap map = bulk(
                gate,
                Pose.closed(),
                List.of(new Added("foam pad", 1, Side.FACE, square(100, 60, 20), Length.ofMillimetres(2), 0)));
        assertThat(map.worst().thickness()).isCloseTo(2.6, within(1e-9));
        assertThat(map.worst().shape().getArea()).isCloseTo(400, within(0.01));
    }

    @Test
    void aNestWantsReliefOfACaliperForEachLayerWrapped() {
        FoldGraph card = Cards.explodingGate();
        FoldedForm form = FoldedForm.of(card, Pose.closed());
        LayerOrder order = LayerOrders.of(card).first().orElseThrow();
        List<Relief> reliefs = Relief.of(form, BulkMap.of(form, stocks(card), List.of(), order));
        Relief leftFold = reliefs.stream()
                .filter(relief -> relief.hinge() == 0)
                .findFirst()
                .orElseThrow();
        assertThat(leftFold.millimetres()).isGreaterThanOrEqualTo(2 * 0.3 - 1e-9);
        assertThat(leftFold.wrapped()).allMatch(panel -> card.pieceOf().get(panel) == 1);
        assertThat(Relief.of(FoldedForm.of(Cards.gate(), Pose.closed()), bulk(Cards.gate(), Pose.closed(), List.of())))
                .isEmpty();
    }

    /** ISO 536: an A4 sheet, a sixteenth of a square metre, of 80 g/m² weighs 5 g (4.99 of the rounded size). */
    @Test
    void weightIsAreaTimesGrammage() {
        assertThat(Cardstock.of("copy paper", 80).grams(210 * 297)).isCloseTo(4.99, within(0.01));
        FoldGraph stage = Cards.stage();
        Weight weight = Weight.of(stage, stocks(stage), List.of());
        assertThat(weight.pieces().get(0)).isCloseTo(8 * 4.25 * 25.4 * 25.4 / 1e6 * 250, within(1e-9));
        assertThat(weight.grams()).isCloseTo((8 * 4.25 + 5.5) * 25.4 * 25.4 / 1e6 * 250, within(1e-9));
    }

    /** By hand: 20 × 20 mm of 300 g/m² are 0.12 g, whichever way round their corners are named. */
    @Test
    void whatLiesOnACardWeighsToo() {
        FoldGraph gate = Cards.gate();
        Polygon square = square(100, 60, 20);
        double bare = Weight.of(gate, stocks(gate), List.of()).grams();
        for (Polygon shape : List.of(square, square.reverse())) {
            Added layer = new Added(
                    "layer",
                    1,
                    Side.FACE,
                    shape,
                    Length.ofMicrometres(300),
                    Cardstock.of("layer", 300).grams(shape.getArea()));
            Weight weight = Weight.of(gate, stocks(gate), List.of(layer, layer));
            assertThat(weight.added()).isCloseTo(0.24, within(1e-9));
            assertThat(weight.grams() - bare).isCloseTo(0.24, within(1e-9));
        }
    }

    private static Polygon square(double x, double y, double side) {
        return (Polygon) new GeometryFactory().toGeometry(new Envelope(x, x + side, y, y + side));
    }

    @Test
    void ofEquallyThickPlacesTheLargestIsTold() {
        FoldGraph gate = Cards.gate();
        for (double[] sides : new double[][] {{8, 30}, {30, 8}}) {
            BulkMap map = bulk(
                    gate,
                    Pose.closed(),
                    List.of(
                            new Added("pad", 1, Side.FACE, square(90, 20, sides[0]), Length.ofMillimetres(2), 0),
                            new Added("pad", 1, Side.FACE, square(90, 70, sides[1]), Length.ofMillimetres(2), 0)));
            assertThat(map.worst().shape().getArea()).isCloseTo(900, within(0.01));
        }
    }

    @Test
    void paperThatWeighsNothingIsRefused() {
        assertThatThrownBy(() -> Cardstock.of("air", 0)).hasMessageContaining("weighs something");
    }

    /** By hand: a closed gate is the back below from edge to edge, and a flap over each half. */
    @Test
    void theEndViewOfAGateIsABackUnderTwoFlaps() {
        FoldGraph gate = Cards.gate();
        BulkMap bulk = bulk(gate, Pose.closed(), List.of());
        EndView end = EndView.of(bulk);
        assertThat(end.layers())
                .extracting(layer -> gate.name(layer.panel()))
                .containsExactly("Back", "Left flap", "Right flap");
        assertThat(end.layers()).allSatisfy(layer -> {
            boolean back = gate.name(layer.panel()).equals("Back");
            assertThat(layer.bottom()).isCloseTo(back ? 0 : 0.3, within(1e-9));
            assertThat(layer.to() - layer.from()).isCloseTo(back ? 139.7 : 69.85, within(1e-6));
        });
    }

    /** The view is cut where the card is thickest, so its highest layer is as high as the thickest place. */
    @ParameterizedTest
    @MethodSource("all")
    void theEndViewIsAsHighAsTheCardIsThick(Cards.Case card) {
        BulkMap bulk = bulk(card.graph(), card.flat(), List.of());
        EndView end = EndView.of(bulk);
        assertThat(end.layers().stream().mapToDouble(EndView.Layer::top).max().orElse(0))
                .isCloseTo(bulk.worst().thickness(), within(1e-9));
        assertThat(end.layers()).allMatch(layer -> layer.to() > layer.from());
        assertThat(end.layers())
                .isSortedAccordingTo(
                        Comparator.comparingDouble(EndView.Layer::from).thenComparingDouble(EndView.Layer::bottom));
    }
}
