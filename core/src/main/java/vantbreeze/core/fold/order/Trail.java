package vantbreeze.core.fold.order;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * What has been decided and what follows from it, in turn. A literal is twice a variable, plus one for its negation;
 * each decision opens a level.
 */
final class Trail {

    static final byte UNKNOWN = -1;

    private final byte[] value;
    private final int[] level;
    private final int[] @Nullable [] reason;
    private final int[] variables;
    private final int[] begins;
    private int length;
    private int levels;

    Trail(int count) {
        value = new byte[count];
        Arrays.fill(value, UNKNOWN);
        level = new int[count];
        reason = new int[count][];
        variables = new int[count];
        begins = new int[count + 1];
    }

    /** How many variables are known. */
    int length() {
        return length;
    }

    /** How many decisions stand. */
    int level() {
        return levels;
    }

    /** The variable that became known as the so-manieth. */
    int variable(int place) {
        return variables[place];
    }

    /** Below how many decisions a variable became known. */
    int levelOf(int variable) {
        return level[variable];
    }

    /** The literals of the rule or clause by which a variable became known; null for facts and decisions. */
    int @Nullable [] reasonOf(int variable) {
        return reason[variable];
    }

    boolean isKnown(int variable) {
        return value[variable] != UNKNOWN;
    }

    /** 1 or 0, or {@link #UNKNOWN}. */
    int known(int literal) {
        byte v = value[literal >> 1];
        return v == UNKNOWN ? UNKNOWN : v ^ (literal & 1);
    }

    /** The literal of a known variable that is false. */
    int falsehood(int variable) {
        return 2 * variable + value[variable];
    }

    boolean isTrue(int variable) {
        return value[variable] == 1;
    }

    /** Makes a literal true; false when it is known to be false. */
    boolean assign(int literal, int @Nullable [] by) {
        int variable = literal >> 1;
        byte wanted = (byte) (1 - (literal & 1));
        if (value[variable] != UNKNOWN) {
            return value[variable] == wanted;
        }
        value[variable] = wanted;
        level[variable] = levels;
        reason[variable] = by;
        variables[length++] = variable;
        return true;
    }

    /** Opens a level with a literal that is not known. */
    void decide(int literal) {
        begins[++levels] = length;
        assign(literal, null);
    }

    /** What was decided to open a level, from 1. */
    int decision(int which) {
        return falsehood(variables[begins[which]]) ^ 1;
    }

    /** Takes back all that became known above a level. */
    void backTo(int which) {
        if (which < levels) {
            int first = begins[which + 1];
            while (length > first) {
                value[variables[--length]] = UNKNOWN;
            }
            levels = which;
        }
    }
}
