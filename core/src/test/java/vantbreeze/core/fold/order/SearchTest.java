package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.sat4j.specs.TimeoutException;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.order.Ordering.Verdict;

/** Orders that are hard to find, or hard to see that there are none: within a budget, and as Sat4j says. */
class SearchTest {

    private static final int PATTERNS = 300;

    private static Verdict verdict(FoldGraph graph) {
        return LayerOrders.of(graph).decide(LayerOrders.THOROUGH).verdict();
    }

    /** Sat4j 2.3.6 says of each whether it can fold; enough of both kinds are among them. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void generatedPatternsFoldOrNotAsSat4jSays(int kind) throws Exception {
        int folding = 0;
        for (long seed = kind; seed < PATTERNS; seed += 3) {
            FoldGraph graph = HardPatterns.generated(seed);
            assertThat(graph.panels().size()).isLessThanOrEqualTo(60);
            boolean canLie = Sat4j.canLie(graph);
            assertThat(verdict(graph)).as("pattern %d", seed).isEqualTo(canLie ? Verdict.FOUND : Verdict.IMPOSSIBLE);
            folding += canLie ? 1 : 0;
        }
        assertThat(folding).isBetween(PATTERNS / 3 / 10, PATTERNS / 3 * 9 / 10);
    }

    @Test
    void aStripThatNeedsLearningIsFolded() {
        FoldGraph strip = HardPatterns.unequalStrip();
        Ordering ordering = LayerOrders.of(strip).decide(LayerOrders.THOROUGH / 10);
        assertThat(ordering.verdict()).isEqualTo(Verdict.FOUND);
        keepsEveryRule(strip, ordering.order());
    }

    @Test
    void aMapOfAHundredPanelsIsDecided() {
        for (double unassigned : new double[] {0, 0.9, 0.97, 1}) {
            FoldGraph map = FoldGraph.of(Panels.of(HardPatterns.map(10, 10, new Random(4), unassigned)));
            Ordering ordering = LayerOrders.of(map).decide(LayerOrders.THOROUGH);
            assertThat(ordering.verdict()).isEqualTo(unassigned == 0 ? Verdict.IMPOSSIBLE : Verdict.FOUND);
            if (unassigned > 0) {
                keepsEveryRule(map, ordering.order());
            }
        }
    }

    /** An independent look at an order: each rule by its own words. */
    private static void keepsEveryRule(FoldGraph graph, LayerOrder order) {
        FlatLayout layout = FlatLayout.of(graph, FoldedForm.of(graph, Pose.closed()), Pose.closed());
        Pairs pairs = new Pairs(layout.facets());
        Rules rules = Rules.of(layout, pairs);
        for (int fact : rules.facts()) {
            assertThat(holds(fact, layout, pairs, order)).isTrue();
        }
        for (int[] rule : rules.relations()) {
            int truths = 0;
            for (int literal : rule) {
                truths += holds(literal, layout, pairs, order) ? 1 : 0;
            }
            boolean transitive = rule.length == 3;
            assertThat(
                            transitive
                                    ? holds(rule[0], layout, pairs, order) != holds(rule[1], layout, pairs, order)
                                            || holds(rule[2], layout, pairs, order)
                                                    == holds(rule[0], layout, pairs, order)
                                    : truths % 2 == 0)
                    .isTrue();
        }
    }

    private static boolean holds(int literal, FlatLayout layout, Pairs pairs, LayerOrder order) {
        int[] pair = pairs.pair(literal / 2);
        boolean below = order.isBelow(
                layout.facets().get(pair[0]).panels().get(0),
                layout.facets().get(pair[1]).panels().get(0));
        return below == (literal % 2 == 0);
    }

    /** What can't fold is told by a few panels, each of which is needed for it, as Sat4j says of them too. */
    @ParameterizedTest
    @ValueSource(longs = {1, 4, 7})
    void aMapThatCantFoldHasALeastConflict(long seed) {
        FoldGraph map = FoldGraph.of(Panels.of(HardPatterns.map(6, 6, new Random(seed), 0.2)));
        LayerOrders orders = LayerOrders.of(map);
        assertThat(orders.decide(LayerOrders.THOROUGH).verdict()).isEqualTo(Verdict.IMPOSSIBLE);
        Set<Integer> conflict = orders.conflict();
        assertThat(conflict.size()).isBetween(3, 12);
        assertThat(ruledOut(map, List.copyOf(conflict))).isTrue();
        for (int one : conflict) {
            assertThat(ruledOut(
                            map, conflict.stream().filter(other -> other != one).toList()))
                    .as("without panel %d the others can lie", one)
                    .isFalse();
        }
    }

    private static boolean ruledOut(FoldGraph graph, List<Integer> panels) {
        FlatLayout layout = FlatLayout.of(graph, FoldedForm.of(graph, Pose.closed()), Pose.closed());
        Pairs pairs = new Pairs(layout.facets());
        BitSet facets = new BitSet();
        panels.forEach(panel -> facets.set(layout.facetOf()[panel]));
        Rules rules = Rules.of(layout, pairs);
        Rules among = new Rules(
                rules.facts().stream()
                        .filter(fact -> isAmong(facets, pairs, fact))
                        .toList(),
                rules.relations().stream()
                        .filter(rule -> Arrays.stream(rule).allMatch(literal -> isAmong(facets, pairs, literal)))
                        .toList());
        try {
            return !Sat4j.canLie(pairs, among);
        } catch (TimeoutException undecided) {
            throw new AssertionError(undecided);
        }
    }

    private static boolean isAmong(BitSet facets, Pairs pairs, int literal) {
        return facets.get(pairs.pair(literal / 2)[0]) && facets.get(pairs.pair(literal / 2)[1]);
    }

    /**
     * A search that may spend next to nothing says so, gives something to draw, and does not say that it can't fold.
     */
    @Test
    void whatCantBeDecidedIsSaidSo() {
        FoldGraph strip = HardPatterns.unequalStrip();
        Ordering ordering = LayerOrders.of(strip).decide(50);
        assertThat(ordering.verdict()).isEqualTo(Verdict.NOT_DECIDED);
        assertThat(ordering.order().fromBelow()).hasSize(41);
    }

    /** The budget is counted, not timed: the same question has the same answer, however often it is asked. */
    @Test
    void theSameQuestionHasTheSameAnswer() {
        FoldGraph strip = HardPatterns.unequalStrip();
        for (long budget : new long[] {100_000, 300_000, 1_000_000, 3_000_000}) {
            Ordering first = LayerOrders.of(strip).decide(budget);
            Ordering again = LayerOrders.of(strip).decide(budget);
            assertThat(again.verdict()).isEqualTo(first.verdict());
            assertThat(again.order().fromBelow()).isEqualTo(first.order().fromBelow());
        }
    }
}
