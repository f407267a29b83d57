package vantbreeze.core.fold.order;

import java.util.Arrays;

/** What a conflict teaches: a clause that follows from the rules, and which variables are in the thick of it. */
final class Learning {

    private static final double DECAY = 0.95;
    private static final double TOO_LARGE = 1e100;

    private final Trail trail;
    private final Blame blame;
    private final boolean[] seen;
    private final double[] activity;
    private double bump = 1;
    private int[] clause = new int[16];
    private int length;

    Learning(Trail trail, Blame blame, double[] activity) {
        this.trail = trail;
        this.blame = blame;
        this.activity = activity;
        this.seen = new boolean[activity.length];
    }

    /** How much a variable had to do with conflicts, of late most. */
    double activity(int variable) {
        return activity[variable];
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
        blame.begin();
        int open = take(conflict, -1, 0);
        int place = trail.length() - 1;
        int last;
        blame.add(conflict);
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
            blame.add(reason);
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
        blame.learnt(learnt);
        bump /= DECAY;
        return learnt;
    }

    /** Takes the literals of a reason up, but for the variable that it is the reason of. */
    private int take(int[] reason, int but, int open) {
        int more = open;
        for (int literal : reason) {
            int variable = literal >> 1;
            if (variable == but || seen[variable]) {
                continue;
            }
            if (trail.levelOf(variable) == 0) {
                blame.addFact(variable);
                continue;
            }
            seen[variable] = true;
            stir(variable);
            if (trail.levelOf(variable) == trail.level()) {
                more++;
            } else {
                if (length == clause.length) {
                    clause = Arrays.copyOf(clause, 2 * length);
                }
                clause[length++] = trail.falsehood(variable);
            }
        }
        return more;
    }

    private void stir(int variable) {
        activity[variable] += bump;
        if (activity[variable] > TOO_LARGE) {
            for (int v = 0; v < activity.length; v++) {
                activity[v] /= TOO_LARGE;
            }
            bump /= TOO_LARGE;
        }
    }
}
