package vantbreeze.core.fold.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import vantbreeze.core.fold.plane.Flat;

/**
 * A quick guess at an order: one stack of all facets, each next to the one it hangs on. It is checked against every
 * rule before it is believed, and is right for most cards; where it is wrong, {@link Search} decides.
 */
final class Stacking {

    private final FlatLayout layout;
    private final int[] place;

    private Stacking(FlatLayout layout, int[] place) {
        this.layout = layout;
        this.place = place;
    }

    /** Whether stacking so keeps every rule. */
    static boolean isRight(FlatLayout layout, int[] places) {
        if (!layout.bends().isEmpty() || !layout.laid().isEmpty()) {
            return false;
        }
        Stacking stacking = new Stacking(layout, places);
        return stacking.keepsCreases() && stacking.keepsTacos() && stacking.keepsJoins();
    }

    private record Neighbour(int facet, boolean above) {}

    /** For each facet its place from below. */
    static int[] places(FlatLayout layout) {
        int count = layout.facets().size();
        List<List<Neighbour>> neighbours = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            neighbours.add(new ArrayList<>());
        }
        layout.joins().forEach(join -> link(neighbours, join.below(), join.above()));
        layout.creases().forEach(crease -> link(neighbours, crease.below(), crease.above()));
        int[] next = new int[count + 1];
        int[] previous = new int[count + 1];
        boolean[] stacked = new boolean[count];
        Arrays.fill(next, count);
        Arrays.fill(previous, count);
        Deque<Integer> reached = new ArrayDeque<>();
        for (int first = 0; first < count; first++) {
            if (!stacked[first]) {
                insert(next, previous, first, previous[count]);
                stacked[first] = true;
                reached.add(first);
            }
            while (!reached.isEmpty()) {
                int facet = reached.remove();
                for (Neighbour neighbour : neighbours.get(facet)) {
                    if (!stacked[neighbour.facet()]) {
                        insert(next, previous, neighbour.facet(), neighbour.above() ? facet : previous[facet]);
                        stacked[neighbour.facet()] = true;
                        reached.add(neighbour.facet());
                    }
                }
            }
        }
        int[] places = new int[count];
        int place = 0;
        for (int at = next[count]; at != count; at = next[at]) {
            places[at] = place++;
        }
        return places;
    }

    private static void link(List<List<Neighbour>> neighbours, int below, int above) {
        neighbours.get(below).add(new Neighbour(above, true));
        neighbours.get(above).add(new Neighbour(below, false));
    }

    /** Puts a facet right above another in the ring of links, in which the last number stands for the table. */
    private static void insert(int[] next, int[] previous, int facet, int under) {
        int over = next[under];
        next[under] = facet;
        previous[facet] = under;
        next[facet] = over;
        previous[over] = facet;
    }

    private boolean isBetween(int facet, int a, int b) {
        return place[facet] > Math.min(place[a], place[b]) && place[facet] < Math.max(place[a], place[b]);
    }

    private boolean keepsCreases() {
        for (FlatCrease crease : layout.creases()) {
            if (crease.known() && place[crease.below()] > place[crease.above()]) {
                return false;
            }
            for (Facet facet : layout.facets()) {
                if (isBetween(facet.index(), crease.below(), crease.above())
                        && facet.isCrossedBy(crease.from(), crease.to())) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean keepsTacos() {
        List<FlatCrease> creases = layout.creases();
        for (int i = 0; i < creases.size(); i++) {
            FlatCrease one = creases.get(i);
            for (int j = i + 1; j < creases.size(); j++) {
                FlatCrease other = creases.get(j);
                if (isBetween(other.below(), one.below(), one.above())
                                != isBetween(other.above(), one.below(), one.above())
                        && place[other.below()] != place[one.below()]
                        && place[other.above()] != place[one.above()]
                        && place[other.below()] != place[one.above()]
                        && place[other.above()] != place[one.below()]
                        && one.liesAlong(other)) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean keepsJoins() {
        for (FlatLayout.FlatJoin join : layout.joins()) {
            if (place[join.below()] > place[join.above()]) {
                return false;
            }
            for (Facet facet : layout.facets()) {
                if (isBetween(facet.index(), join.below(), join.above()) && Flat.overlap(join.glue(), facet.shape())) {
                    return false;
                }
            }
        }
        return true;
    }
}
