package vantbreeze.core.guillotine;

import java.util.Arrays;

/** Which items blocks are built of, and whether there are so many. */
final class ItemSets {

    private final int[] left;
    /** How many items there are one of only, and how many of them have their bit. */
    private final int singles;

    private final boolean isMany;
    private int single;

    /** @param left how many there are of each */
    ItemSets(int[] left) {
        this.left = left;
        this.singles = (int) Arrays.stream(left).filter(count -> count == 1).count();
        this.isMany = singles > Long.SIZE;
    }

    /** A bit for an item of which there is one only; asked once for each item. */
    long[] once(int item) {
        long[] bits = new long[(singles + Long.SIZE - 1) / Long.SIZE];
        if (left[item] == 1) {
            bits[single / Long.SIZE] = 1L << (single % Long.SIZE);
            single++;
        }
        return bits;
    }

    static long[] both(long[] one, long[] other) {
        long[] bits = one.clone();
        for (int i = 0; i < bits.length; i++) {
            bits[i] |= other[i];
        }
        return bits;
    }

    /**
     * Whether two blocks share no item of which there is one only.
     *
     * @param mark of the other, at hand already
     */
    boolean areApart(Built one, long mark, Built other) {
        return (one.mark & mark) == 0 || (isMany && !one.shares(other));
    }

    /** The items of both, sorted; none where there are not so many. */
    int[] together(int[] one, int[] other) {
        int[] all = new int[one.length + other.length];
        System.arraycopy(one, 0, all, 0, one.length);
        System.arraycopy(other, 0, all, one.length, other.length);
        Arrays.sort(all);
        return areThere(all, left) ? all : new int[0];
    }

    /** Whether there are so many of each of these items, which are sorted. */
    static boolean areThere(int[] items, int[] left) {
        int run = 0;
        for (int i = 0; i < items.length; i++) {
            run = i > 0 && items[i] == items[i - 1] ? run + 1 : 1;
            if (run > left[items[i]]) {
                return false;
            }
        }
        return true;
    }
}
