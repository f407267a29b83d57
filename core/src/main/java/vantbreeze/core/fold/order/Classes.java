package vantbreeze.core.fold.order;

import java.util.Arrays;

/** Variables that are equal or opposite, kept together (disjoint sets with parity; Tarjan 1975). */
final class Classes {

    private final int[] parent;
    private final int[] parity;
    private boolean contradictory;

    Classes(int variables) {
        parent = new int[variables];
        parity = new int[variables];
        Arrays.setAll(parent, i -> i);
    }

    /** Says that two literals are equal. */
    void unite(int one, int other) {
        int a = literal(one);
        int b = literal(other);
        if (a / 2 == b / 2) {
            contradictory |= a != b;
        } else {
            parent[a / 2] = b / 2;
            parity[a / 2] = (a ^ b) & 1;
        }
    }

    /** The literal of the class's own variable that equals {@code literal}. */
    int literal(int literal) {
        int variable = literal / 2;
        int sign = literal & 1;
        while (parent[variable] != variable) {
            sign ^= parity[variable];
            variable = parent[variable];
        }
        return 2 * variable + sign;
    }

    boolean isContradictory() {
        return contradictory;
    }
}
