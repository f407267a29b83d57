package vantbreeze.core.guillotine;

import org.jspecify.annotations.Nullable;

/**
 * A rectangle built of items, as it lies.
 *
 * @param item which item it is, −1 for two blocks put together
 * @param isTurned whether that item lies turned by a quarter
 * @param beside whether its two blocks lie beside one another, else one above the other
 */
record Block(
        long width,
        long height,
        int item,
        boolean isTurned,
        boolean beside,
        @Nullable Block first,
        @Nullable Block second) {

    static Block of(long width, long height, int item, boolean isTurned) {
        return new Block(width, height, item, isTurned, false, null, null);
    }

    /** How many of each of so many kinds of items it is built of. */
    int[] items(int kinds) {
        int[] items = new int[kinds];
        count(items);
        return items;
    }

    private void count(int[] items) {
        if (first == null || second == null) {
            items[item]++;
        } else {
            first.count(items);
            second.count(items);
        }
    }

    static Block of(Block first, Block second, boolean beside) {
        return beside
                ? new Block(
                        first.width + second.width,
                        Math.max(first.height, second.height),
                        -1,
                        false,
                        true,
                        first,
                        second)
                : new Block(
                        Math.max(first.width, second.width),
                        first.height + second.height,
                        -1,
                        false,
                        false,
                        first,
                        second);
    }
}
