package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.BiPredicate;
import java.util.stream.IntStream;

/**
 * One order of the panels of a flat pose: for any two that overlap, which lies below. Three that overlap each other in
 * turn but nowhere all together may lie in a ring, as the four flaps of a box do, so this is no single stack.
 */
public final class LayerOrder {

    private final int[] facetOf;
    private final BiPredicate<Integer, Integer> below;

    LayerOrder(int[] facetOf, BiPredicate<Integer, Integer> below) {
        this.facetOf = facetOf;
        this.below = below;
    }

    static LayerOrder stacked(FlatLayout layout, int[] places) {
        return new LayerOrder(layout.facetOf(), (a, b) -> places[a] < places[b]);
    }

    /** Panels in a row from below, each a facet of its own. */
    static LayerOrder inTurn(List<Integer> fromBelow) {
        int[] places = new int[fromBelow.size()];
        for (int i = 0; i < places.length; i++) {
            places[fromBelow.get(i)] = i;
        }
        return new LayerOrder(IntStream.range(0, places.length).toArray(), (a, b) -> places[a] < places[b]);
    }

    /** An order found by search; asking about facets that do not overlap tells nothing. */
    static LayerOrder of(FlatLayout layout, Pairs pairs, boolean[] values) {
        return new LayerOrder(
                layout.facetOf(),
                (a, b) -> pairs.overlap(a, b) && (values[pairs.below(a, b) / 2] ^ (pairs.below(a, b) & 1) == 1));
    }

    /** Whether panel {@code a} lies below panel {@code b}, for two that overlap. */
    public boolean isBelow(int a, int b) {
        return below.test(facetOf[a], facetOf[b]);
    }

    /** Panels that all cover one spot, from below. */
    public List<Integer> stack(Collection<Integer> panels) {
        List<Integer> stacked = new ArrayList<>();
        for (int panel : panels) {
            int at = 0;
            while (at < stacked.size() && isBelow(stacked.get(at), panel)) {
                at++;
            }
            stacked.add(at, panel);
        }
        return stacked;
    }

    /** All panels so that, as far as can be, none comes before one that lies below it; for drawing. */
    public List<Integer> fromBelow() {
        int count = facetOf.length;
        int[] beneath = new int[count];
        for (int panel = 0; panel < count; panel++) {
            for (int below = 0; below < count; below++) {
                beneath[panel] += liesUnder(below, panel) ? 1 : 0;
            }
        }
        List<Integer> left = new ArrayList<>(IntStream.range(0, count).boxed().toList());
        List<Integer> drawn = new ArrayList<>();
        while (!left.isEmpty()) {
            Integer lowest = left.stream()
                    .filter(panel -> beneath[panel] == 0)
                    .findFirst()
                    .orElse(left.get(0));
            left.remove(lowest);
            drawn.add(lowest);
            for (int above : left) {
                beneath[above] -= liesUnder(lowest, above) ? 1 : 0;
            }
        }
        return drawn;
    }

    private boolean liesUnder(int panel, int other) {
        return facetOf[panel] != facetOf[other] && isBelow(panel, other);
    }
}
