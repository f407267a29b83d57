package vantbreeze.core.fold.order;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Clauses, each watched by two literals that are not false as long as it can be helped (Moskewicz et al. 2001). */
final class Watches {

    private final Trail trail;
    private final int[][][] watching;
    private final int[] counts;

    Watches(Trail trail, int literals) {
        this.trail = trail;
        this.watching = new int[literals][][];
        this.counts = new int[literals];
    }

    /** Adds a clause, watched by its first two literals. */
    void add(int[] clause) {
        watch(clause[0], clause);
        watch(clause[1], clause);
    }

    private void watch(int literal, int[] clause) {
        int[][] list = watching[literal];
        if (list == null) {
            list = new int[4][];
        } else if (counts[literal] == list.length) {
            list = Arrays.copyOf(list, 2 * list.length);
        }
        watching[literal] = list;
        list[counts[literal]++] = clause;
    }

    /** Follows what comes of a literal that has become false; the clause that is broken, or null. */
    int @Nullable [] propagate(int falsehood, Budget budget) {
        int[][] list = watching[falsehood];
        int count = counts[falsehood];
        if (list == null || count == 0) {
            return null;
        }
        budget.spend(count);
        int kept = 0;
        int[] broken = null;
        for (int i = 0; i < count; i++) {
            int[] clause = list[i];
            if (broken != null || !moved(clause, falsehood)) {
                list[kept++] = clause;
                if (broken == null && !trail.assign(clause[0], clause)) {
                    broken = clause;
                }
            }
        }
        Arrays.fill(list, kept, count, null);
        counts[falsehood] = kept;
        return broken;
    }

    /** Whether another literal watches the clause now; else its first literal is the only one that can be true. */
    private boolean moved(int[] clause, int falsehood) {
        if (clause[0] == falsehood) {
            clause[0] = clause[1];
            clause[1] = falsehood;
        }
        if (trail.known(clause[0]) == 1) {
            return false;
        }
        for (int i = 2; i < clause.length; i++) {
            if (trail.known(clause[i]) != 0) {
                clause[1] = clause[i];
                clause[i] = falsehood;
                watch(clause[1], clause);
                return true;
            }
        }
        return false;
    }
}
