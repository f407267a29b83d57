package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;

/** OEIS A000136: the number of ways of folding a strip of n labelled stamps. */
class StampFoldingTest {

    private static FoldGraph strip(int panels) {
        Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50));
        for (int i = 0; i < panels; i++) {
            strip.panel("p" + i, Length.ofMillimetres(20)).fold(Fold.UNASSIGNED);
        }
        return FoldGraph.of(Panels.of(strip.piece()));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 2", "3, 6", "4, 16", "5, 50", "6, 144", "7, 462", "8, 1392", "9, 4536", "10, 14060"})
    void countsAsA000136Does(int panels, long ways) {
        assertThat(LayerOrders.of(strip(panels)).count(1_000_000)).isEqualTo(ways);
    }

    @ParameterizedTest
    @CsvSource({"4, 16", "6, 144"})
    void listsEachWayOnce(int panels, int ways) {
        List<LayerOrder> orders = LayerOrders.of(strip(panels)).all(10_000);
        Set<List<Integer>> stacks = new HashSet<>();
        orders.forEach(order -> stacks.add(order.fromBelow()));
        assertThat(stacks).hasSize(ways);
    }
}
