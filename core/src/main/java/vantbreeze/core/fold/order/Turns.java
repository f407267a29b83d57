package vantbreeze.core.fold.order;

import java.util.Arrays;

/**
 * Which variable is decided next: the one that had to do with a conflict last (variable move to front; Ryan 2004, Biere
 * and Fröhlich 2015). They stand in a list, those that are next at its end.
 */
final class Turns {

    private static final int NONE = -1;

    private final Trail trail;
    private final int[] before;
    private final int[] after;
    /** Greater the nearer a variable is to the end; nil for those that do not stand here. */
    private final long[] stamp;

    private long stamps;
    private int last = NONE;
    /** All after this one are known. */
    private int at = NONE;

    /**
     * @param trail what is known
     * @param count of all variables
     * @param variables those to be decided, the next one last
     */
    Turns(Trail trail, int count, int[] variables) {
        this.trail = trail;
        before = new int[count];
        after = new int[count];
        stamp = new long[count];
        Arrays.fill(before, NONE);
        Arrays.fill(after, NONE);
        for (int variable : variables) {
            append(variable);
        }
        at = last;
    }

    /** The variable to decide; −1 when all are known. */
    int next() {
        while (at != NONE && trail.isKnown(at)) {
            at = before[at];
        }
        return at;
    }

    /** Says that a variable is open again. */
    void open(int variable) {
        if (stamp[variable] > 0 && (at == NONE || stamp[variable] > stamp[at])) {
            at = variable;
        }
    }

    /** Puts a variable at the end. */
    void moveToFront(int variable) {
        if (stamp[variable] == 0 || variable == last) {
            return;
        }
        if (variable == at) {
            at = before[at] == NONE ? after[at] : before[at];
        }
        if (before[variable] != NONE) {
            after[before[variable]] = after[variable];
        }
        before[after[variable]] = before[variable];
        append(variable);
        open(variable);
    }

    private void append(int variable) {
        before[variable] = last;
        after[variable] = NONE;
        if (last != NONE) {
            after[last] = variable;
        }
        last = variable;
        stamp[variable] = ++stamps;
    }
}
