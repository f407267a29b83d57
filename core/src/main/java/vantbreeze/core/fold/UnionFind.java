package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeMap;

/** Numbers gathered in groups that only ever grow together (union–find; Galler and Fischer 1964). */
public final class UnionFind {

    private final int[] parent;

    /** Each number from 0 to below {@code count} in a group of its own. */
    public UnionFind(int count) {
        parent = new int[count];
        Arrays.setAll(parent, i -> i);
    }

    /** Makes one group of those of two numbers. */
    public void unite(int a, int b) {
        int one = of(a);
        int other = of(b);
        parent[Math.max(one, other)] = Math.min(one, other);
    }

    /** The least number of the group of {@code i}, which stands for it. */
    public int of(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    /** For each number the one that stands for its group. */
    public int[] all() {
        int[] all = new int[parent.length];
        Arrays.setAll(all, this::of);
        return all;
    }

    /** The groups, by the least number of each; their numbers in order. */
    public List<List<Integer>> groups() {
        TreeMap<Integer, List<Integer>> groups = new TreeMap<>();
        for (int i = 0; i < parent.length; i++) {
            groups.computeIfAbsent(of(i), key -> new ArrayList<>()).add(i);
        }
        return List.copyOf(groups.values());
    }
}
