package vantbreeze.core.guillotine;

import org.jspecify.annotations.Nullable;

/**
 * A block while it is only one of many: two others, each as it was built or turned by a quarter; or one item, as it
 * stands or turned.
 */
final class Built {

    final long width;
    final long height;
    /** Whether all of it may be turned by a quarter. */
    final boolean turns;
    /** Its items, sorted. */
    final int[] items;
    /** A bit for each item of which there is one only. */
    final long[] once;
    /** Another for every other choice of items, nearly always. */
    final long hash;

    final double value;
    final double density;
    /** All words of {@link #once} laid over one another: two that share no bit of it share no item. */
    final long mark;

    @Nullable
    Built one;

    @Nullable
    Built other;

    boolean turnsOne;
    boolean turnsOther;
    boolean beside;

    Built(long width, long height, boolean turns, int[] items, long[] once, long hash, double value) {
        this.width = width;
        this.height = height;
        this.turns = turns;
        this.items = items;
        this.once = once;
        this.hash = hash;
        this.value = value;
        this.density = value / around();
        long laid = 0;
        for (long bits : once) {
            laid |= bits;
        }
        this.mark = laid;
    }

    /** It is these two. */
    void joins(Built first, boolean turnsFirst, Built second, boolean turnsSecond, boolean areBeside) {
        one = first;
        other = second;
        turnsOne = turnsFirst;
        turnsOther = turnsSecond;
        beside = areBeside;
    }

    /** Area of the rectangle about it. */
    double around() {
        return (double) width * height;
    }

    /** How high it lies, turned or not. */
    long up(boolean turned) {
        return turned ? width : height;
    }

    /** How wide it lies, turned or not. */
    long across(boolean turned) {
        return up(!turned);
    }

    boolean shares(Built second) {
        for (int i = 0; i < once.length; i++) {
            if ((once[i] & second.once[i]) != 0) {
                return true;
            }
        }
        return false;
    }

    Block block(boolean turned) {
        Built first = one;
        Built second = other;
        if (first == null || second == null) {
            return Block.of(across(turned), up(turned), items[0], turnsOne != turned);
        }
        return Block.of(first.block(turnsOne != turned), second.block(turnsOther != turned), beside != turned);
    }
}
