package vantbreeze.core.guillotine;

import java.util.Arrays;

/** Numbers scattered over all bits, each once: a table with open addresses, looked through one after the other. */
final class LongSet {

    private static final int LEAST = 64;

    /** Nought stands for an empty place; the number nought is kept apart. */
    private long[] table = new long[LEAST];

    private boolean hasZero;
    private int size;

    /** Whether it was not there yet. */
    boolean add(long number) {
        if (number == 0) {
            boolean isNew = !hasZero;
            hasZero = true;
            return isNew;
        }
        if (size * 2 >= table.length) {
            grow();
        }
        return put(number);
    }

    private boolean put(long number) {
        int last = table.length - 1;
        int at = (int) number & last;
        while (table[at] != 0) {
            if (table[at] == number) {
                return false;
            }
            at = (at + 1) & last;
        }
        table[at] = number;
        size++;
        return true;
    }

    private void grow() {
        long[] before = table;
        table = new long[before.length * 2];
        size = 0;
        Arrays.stream(before).filter(number -> number != 0).forEach(this::put);
    }
}
