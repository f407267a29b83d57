package vantbreeze.core.fold.order;

import java.util.Arrays;

/** Numbers put together in groups (disjoint sets with path halving; Tarjan 1975). */
final class Groups {

    private final int[] parent;

    /** Each number from 0 to below {@code count} in a group of its own. */
    Groups(int count) {
        parent = new int[count];
        Arrays.setAll(parent, i -> i);
    }

    void unite(int a, int b) {
        parent[of(a)] = of(b);
    }

    /** The number that stands for the group of {@code i}. */
    int of(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }
}
