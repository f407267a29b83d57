package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

class StripTest {

    private static Length inches(String text) {
        return MeasureReader.of(Ruler.SIXTEENTHS).read(text);
    }

    private static Panels gate(Length flap, Length middle, Length height) {
        return Panels.of(Strip.ofHeight("gate", height)
                .panel("Left flap", flap)
                .fold(Fold.VALLEY)
                .panel("Middle", middle)
                .fold(Fold.VALLEY)
                .panel("Right flap", flap)
                .piece());
    }

    /** Common practice, no source: 8½ × 5½ gatefold, scores 2⅛ from each end, footprint 4¼ × 5½. */
    @Test
    void theGatefoldOfTheHandbook() {
        Panels gate = gate(inches("2 1/8"), inches("4 1/4"), inches("5 1/2"));
        assertThat(gate.piece().cutSize()).isEqualTo(new Size(inches("8 1/2"), inches("5 1/2")));
        assertThat(BoardScore.of(gate))
                .extracting(BoardScore::fromLeft)
                .containsExactly(inches("2 1/8"), inches("6 3/8"));
        assertThat(BoardScore.of(gate).get(1).fromRight()).isEqualTo(inches("2 1/8"));
        assertThat(FoldedForm.of(gate, Pose.closed()).footprint())
                .isEqualTo(new Size(inches("4 1/4"), inches("5 1/2")));
        assertThat(LayerOrders.of(FoldGraph.of(gate))
                        .first()
                        .orElseThrow()
                        .fromBelow()
                        .get(0))
                .isEqualTo(1);
    }

    /** Common practice, no source: 21.0 × 14.8 cm gatefold, scores 5.25 cm from each end. */
    @Test
    void theMetricGatefoldOfTheHandbook() {
        Length flap = MeasureReader.of(Ruler.MM_1).read("5.25 cm");
        Panels gate = gate(flap, flap.times(2), Length.ofMillimetres(148));
        assertThat(gate.piece().cutSize()).isEqualTo(Size.ofMillimetres(210, 148));
        assertThat(FoldedForm.of(gate, Pose.closed()).footprint()).isEqualTo(Size.ofMillimetres(105, 148));
    }

    /** Common practice, no source: 12 × 6 fold-back gate, scores 2, 4, 8, 10, finished 4 × 6. */
    @Test
    void theFoldBackGateOfTheHandbook() {
        Length two = inches("2");
        Panels panels = Panels.of(Strip.ofHeight("fold-back gate", inches("6"))
                .panel("a", two)
                .fold(Fold.MOUNTAIN)
                .panel("b", two)
                .fold(Fold.VALLEY)
                .panel("c", inches("4"))
                .fold(Fold.VALLEY)
                .panel("d", two)
                .fold(Fold.MOUNTAIN)
                .panel("e", two)
                .piece());
        assertThat(BoardScore.of(panels))
                .extracting(BoardScore::fromLeft)
                .containsExactly(inches("2"), inches("4"), inches("8"), inches("10"));
        assertThat(FoldedForm.of(panels, Pose.closed()).footprint()).isEqualTo(new Size(inches("4"), inches("6")));
    }

    @Test
    void aConcertinaIsAsWideAsItsWidestPanelHoweverManyItHas() {
        for (int count = 1; count <= 12; count++) {
            Strip strip = Strip.ofHeight("concertina", Length.ofMillimetres(100));
            for (int i = 0; i < count; i++) {
                strip.panel("p" + i, Length.ofMillimetres(30)).fold(i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN);
            }
            Panels panels = Panels.of(strip.piece());
            assertThat(panels.all()).hasSize(count);
            assertThat(panels.hinges()).hasSize(count - 1);
            assertThat(FoldedForm.of(panels, Pose.closed()).footprint()).isEqualTo(Size.ofMillimetres(30, 100));
            assertThat(FoldedForm.of(panels, Pose.open()).footprint()).isEqualTo(Size.ofMillimetres(30L * count, 100));
        }
    }

    @Test
    void aValleyRisesTowardsTheViewerAndAMountainSinks() {
        for (Fold fold : new Fold[] {Fold.VALLEY, Fold.MOUNTAIN}) {
            Panels panels = Panels.of(Strip.ofHeight("side fold", Length.ofMillimetres(100))
                    .panel("back", Length.ofMillimetres(80))
                    .fold(fold)
                    .panel("cover", Length.ofMillimetres(60))
                    .piece());
            PlacedPanel cover = FoldedForm.of(panels, Pose.partly(0.5)).placed().get(1);
            double highest = cover.corners().stream()
                    .mapToDouble(c -> c.getZ() * fold.sign())
                    .max()
                    .orElseThrow();
            assertThat(highest).isCloseTo(60, within(1e-9));
        }
    }

    @Test
    void everyPanelKeepsItsShapeOnTheWay() {
        Panels gate = gate(Length.ofMillimetres(40), Length.ofMillimetres(80), Length.ofMillimetres(90));
        for (double part = 0; part <= 1; part += 0.1) {
            for (PlacedPanel placed : FoldedForm.of(gate, Pose.partly(part)).placed()) {
                double diagonal = placed.corners()
                        .get(0)
                        .subtract(placed.corners().get(2))
                        .length();
                double flat = Math.hypot(placed.panel().width().millimetres(), 90);
                assertThat(diagonal).isCloseTo(flat, within(1e-9));
            }
        }
    }
}
