package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** A fan folds whatever its leaves and steps are within their limits; a hair beyond, its leaves lie on each other. */
class FanTest {

    private static final Structure FAN = new ConcertinaFan();

    private static boolean folds(Measures measures) {
        return LayerOrders.of(FoldGraph.of(FAN.assemble(measures)), FAN.closed(measures))
                        .decide(LayerOrders.THOROUGH)
                        .verdict()
                == Ordering.Verdict.FOUND;
    }

    @ParameterizedTest
    @ValueSource(strings = {"square", "steep"})
    void everyLeafWithinItsLimitsFolds(String leaves) {
        for (Size size : List.of(Size.ofMillimetres(150, 104), Size.ofMillimetres(104, 150))) {
            Measures usual = FAN.proportioned(size, Ruler.MM_1).choosing(ConcertinaFan.LEAVES.id(), leaves);
            for (int step = 10; step <= 60; step += 10) {
                Measures measures = usual.with(ConcertinaFan.STEP, Length.ofMillimetres(step));
                Limits limits = FAN.limits(ConcertinaFan.LEAF, measures);
                assertThat(folds(measures.with(ConcertinaFan.LEAF, limits.most())))
                        .isTrue();
                assertThat(folds(measures.with(ConcertinaFan.LEAF, limits.least())))
                        .isTrue();
                assertThat(folds(measures.with(ConcertinaFan.LEAF, limits.most().plus(Length.ofMillimetres(1)))))
                        .isFalse();
            }
        }
    }

    /** By hand: on a step of a quarter of the height, steep triangles may be four fifths as wide as the card. */
    @ParameterizedTest
    @ValueSource(ints = {100, 120, 160})
    void steepTrianglesLeaveRoomForTheirNeighbours(int width) {
        Measures measures = FAN.proportioned(Size.ofMillimetres(width, 120), Ruler.MM_1)
                .choosing(ConcertinaFan.LEAVES.id(), "steep")
                .with(ConcertinaFan.STEP, Length.ofMillimetres(30));
        assertThat(FAN.limits(ConcertinaFan.LEAF, measures).most()).isEqualTo(Length.nearest(0.8 * width));
        Measures widest = measures.with(ConcertinaFan.LEAF, Length.nearest(0.8 * width));
        assertThat(FAN.limits(ConcertinaFan.STEP, widest).most()).isEqualTo(Length.ofMillimetres(30));
        assertThat(FAN.limits(Parameter.HEIGHT, widest).least()).isEqualTo(Length.ofMillimetres(120));
        assertThat(FAN.limits(Parameter.WIDTH, widest).least()).isEqualTo(Length.ofMillimetres(width));
    }
}
