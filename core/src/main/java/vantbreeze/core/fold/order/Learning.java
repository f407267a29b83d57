package vantbreeze.core.fold.order;

import java.util.Arrays;
import java.util.function.IntConsumer;

/** What a conflict teaches: a clause that follows from the rules, and which variables had to do with it. */
final class Learning {

    private final Trail trail;
    private final boolean[] seen;
    /** The literals learnt, and how many there are. */
    private int[] clause = new int[16];

    private int length;
    /** The variables that were met on the way, and how many there are. */
    private int[] met = new int[16];

    private int meetings;

    Learning(Trail trail, int variables) {
        this.trail = trail;
        this.seen = new boolean[variables];
    }

    /** Tells of every variable that had to do with the last conflict. */
    void eachMet(IntConsumer tell) {
        for (int i = 0; i < meetings; i++) {
            tell.accept(met[i]);
        }
    }

    /**
     * Resolves a conflict with the reasons of what became known last, until only one literal of the last level is left:
     * the first unique implication point (Zhang et al. 2001).
     *
     * @param conflict literals of the rule or clause that is broken
     * @return a clause of literals that are all false: that one first, then one of the highest level below
     */
    int[] from(int[] conflict) {
        length = 1;
        meetings = 0;
        int open = take(conflict, -1, 0);
        int place = trail.length() - 1;
        int last;
        while (true) {
            while (!seen[trail.variable(place)]) {
                place--;
            }
            last = trail.variable(place--);
            seen[last] = false;
            if (--open == 0) {
                break;
            }
            int[] reason = trail.reasonOf(last);
            if (reason == null) {
                throw new IllegalStateException("a level has more than one decision");
            }
            open = take(reason, last, open);
        }
        clause[0] = trail.falsehood(last);
        int[] learnt = Arrays.copyOf(clause, length);
        int highest = 1;
        for (int i = 1; i < length; i++) {
            seen[learnt[i] >> 1] = false;
            if (trail.levelOf(learnt[i] >> 1) > trail.levelOf(learnt[highest] >> 1)) {
                highest = i;
            }
        }
        if (length > 1) {
            int second = learnt[1];
            learnt[1] = learnt[highest];
            learnt[highest] = second;
        }
        return learnt;
    }

    /** Takes the literals of a reason up, but for the variable that it is the reason of. */
    private int take(int[] reason, int but, int open) {
        int more = open;
        for (int literal : reason) {
            int variable = literal >> 1;
            if (variable == but || seen[variable] || trail.levelOf(variable) == 0) {
                continue;
            }
            seen[variable] = true;
            met = room(met, meetings);
            met[meetings++] = variable;
            if (trail.levelOf(variable) == trail.level()) {
                more++;
            } else {
                clause = room(clause, length);
                clause[length++] = trail.falsehood(variable);
            }
        }
        return more;
    }

    private static int[] room(int[] array, int used) {
        return used < array.length ? array : Arrays.copyOf(array, 2 * used);
    }
}
