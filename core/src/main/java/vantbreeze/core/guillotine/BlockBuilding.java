package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The block worth most that fits one sheet, built up from pairs of blocks that have nearly a side in common (Wang
 * 1983), of all built so far only those kept that are worth most for their size, so many of each size.
 */
final class BlockBuilding {

    /** Sizes by which blocks are told apart, as parts of the sheet. */
    private static final int SIZES = 28;

    /** To see how two blocks lie together is as much work as to look at so many pairs that share an item. */
    private static final int PAIR = 15;

    /** So many times as many as are kept wait to be chosen from. */
    private static final int ROOM = 6;

    /** Blocks kept that measure just the same. */
    private static final int TWINS = 2;

    private final Problem problem;
    private final int bin;
    private final double[] values;
    private final int[] left;
    private final int kept;
    private final Bin sheet;
    private final double area;
    private final List<Shelf> shelves = new ArrayList<>();
    private long looks;

    /**
     * A block while it is only one of many: two others, each as it was built or turned by a quarter; or one item, as it
     * stands or turned.
     */
    private static final class Built {
        final long width;
        final long height;
        final boolean turns;
        final int[] items;
        /** A bit for each item of which there is one only. */
        final long[] once;
        /** Another for every other choice of items, nearly always. */
        final long hash;

        final double value;
        final double density;

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
            this.density = value / ((double) width * height);
        }

        double around() {
            return (double) width * height;
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
                return Block.of(turned ? height : width, turned ? width : height, items[0], turnsOne != turned);
            }
            return Block.of(first.block(turnsOne != turned), second.block(turnsOther != turned), beside != turned);
        }
    }

    /**
     * Looks for a block on sheets of one kind.
     *
     * @param values of each item
     * @param left how many of each there are
     * @param kept how many blocks are kept of each size
     */
    BlockBuilding(Problem problem, int bin, double[] values, int[] left, int kept) {
        this.problem = problem;
        this.bin = bin;
        this.values = values;
        this.left = left;
        this.kept = kept;
        this.sheet = problem.bins().get(bin);
        this.area = sheet.area();
        for (int size = 0; size <= SIZES; size++) {
            shelves.add(new Shelf());
        }
    }

    long looks() {
        return looks;
    }

    /** Blocks of one size, the best so far. */
    private final class Shelf {

        private final List<Built> items = new ArrayList<>();
        private final List<Built> blocks = new ArrayList<>();
        private final Set<Long> seen = new HashSet<>();
        /** Blocks worth less for their size are not kept. */
        private double least;

        /** Whether no block of the same items measures the same. */
        boolean isNew(long width, long height, boolean turns, long hash) {
            long low = turns ? Math.min(width, height) : width;
            long high = turns ? Math.max(width, height) : height;
            return seen.add(hash + mixed(low * 1_000_003 + high));
        }

        void add(Built built) {
            if (built.items.length == 1) {
                items.add(built);
                return;
            }
            blocks.add(built);
            if (blocks.size() > ROOM * kept) {
                List<Built> best = best(blocks, 2 * kept);
                blocks.clear();
                blocks.addAll(best);
                least = best.get(best.size() - 1).density;
            }
        }

        List<Built> all() {
            List<Built> all = new ArrayList<>(best(items, items.size()));
            all.addAll(best(blocks, kept));
            return all;
        }

        private List<Built> best(List<Built> from, int most) {
            List<Built> sorted = new ArrayList<>(from);
            sorted.sort(Comparator.comparingDouble((Built built) -> -built.density)
                    .thenComparingLong(built -> built.width));
            Map<Long, Integer> twins = new HashMap<>();
            List<Built> best = new ArrayList<>();
            for (Built built : sorted) {
                long measures = built.width * 1_000_003 + built.height;
                if (best.size() < most && twins.merge(measures, 1, Integer::sum) <= TWINS) {
                    best.add(built);
                }
            }
            return best;
        }
    }

    /** The one worth most; null where nothing fits. */
    @Nullable
    Block best() {
        for (int item = 0; item < left.length; item++) {
            if (left[item] > 0 && problem.fits(item, bin)) {
                boolean straight = problem.turning().allows(item, bin, false);
                boolean turned = problem.turning().allows(item, bin, true);
                Item one = problem.items().get(item);
                Built built = new Built(
                        one.across(!straight),
                        one.up(!straight),
                        straight && turned,
                        new int[] {item},
                        once(item),
                        mixed(item + 1L),
                        values[item]);
                built.turnsOne = !straight;
                file(built);
            }
        }
        Built best = null;
        List<List<Built>> done = new ArrayList<>();
        for (int size = 0; size <= SIZES; size++) {
            // what is put together is larger than its parts: but for those made of others of this size, all are there
            List<Built> now = shelves.get(size).all();
            for (int i = 0; i < now.size(); i++) {
                Built one = now.get(i);
                if (best == null || one.value > best.value) {
                    best = one;
                }
                for (int other = 0; other < Math.min(size, SIZES - size + 1); other++) {
                    for (Built smaller : done.get(other)) {
                        join(one, smaller);
                    }
                }
                for (int j = 0; j <= i && 2 * size <= SIZES; j++) {
                    join(one, now.get(j));
                }
            }
            done.add(now);
        }
        return best == null ? null : best.block(!lies(best.width, best.height));
    }

    private void file(Built built) {
        shelves.get(size(built.around())).add(built);
    }

    private int size(double around) {
        return Math.min(SIZES, (int) (around / area * SIZES));
    }

    private void join(Built one, Built other) {
        looks++;
        if (one.shares(other)) {
            return;
        }
        looks += PAIR;
        for (int turn = 0; turn < 4; turn++) {
            boolean turnsOne = (turn & 1) == 1;
            boolean turnsOther = (turn & 2) == 2;
            if ((!turnsOne || one.turns) && (!turnsOther || other.turns)) {
                join(one, turnsOne, other, turnsOther, true);
                join(one, turnsOne, other, turnsOther, false);
            }
        }
    }

    private void join(Built one, boolean turnsOne, Built other, boolean turnsOther, boolean beside) {
        long oneWidth = turnsOne ? one.height : one.width;
        long oneHeight = turnsOne ? one.width : one.height;
        long otherWidth = turnsOther ? other.height : other.width;
        long otherHeight = turnsOther ? other.width : other.height;
        long width = beside ? oneWidth + otherWidth : Math.max(oneWidth, otherWidth);
        long height = beside ? Math.max(oneHeight, otherHeight) : oneHeight + otherHeight;
        double around = (double) width * height;
        double value = one.value + other.value;
        boolean turns = one.turns && other.turns;
        if (around > area
                || value < shelves.get(size(around)).least * around
                || !(lies(width, height) || (turns && lies(height, width)))) {
            return;
        }
        long hash = one.hash + other.hash;
        Shelf shelf = shelves.get(size(around));
        if (!shelf.isNew(width, height, turns, hash)) {
            return;
        }
        int[] items = together(one.items, other.items);
        if (items.length > 0) {
            Built built = new Built(width, height, turns, items, both(one.once, other.once), hash, value);
            built.one = one;
            built.other = other;
            built.turnsOne = turnsOne;
            built.turnsOther = turnsOther;
            built.beside = beside;
            shelf.add(built);
        }
    }

    private long[] once(int item) {
        long[] bits = new long[(left.length + 63) / 64];
        if (left[item] == 1) {
            bits[item / 64] = 1L << (item % 64);
        }
        return bits;
    }

    private static long[] both(long[] one, long[] other) {
        long[] bits = one.clone();
        for (int i = 0; i < bits.length; i++) {
            bits[i] |= other[i];
        }
        return bits;
    }

    /** Scatters numbers over all bits (the finisher of SplitMix64: Steele, Lea and Flood 2014). */
    private static long mixed(long number) {
        long z = number * 0x9E3779B97F4A7C15L;
        z = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        z = (z ^ (z >>> 27)) * 0x94D049BB133111EBL;
        return z ^ (z >>> 31);
    }

    private boolean lies(long width, long height) {
        return width <= sheet.width() && height <= sheet.height();
    }

    /** The items of both; none where there are not so many. */
    private int[] together(int[] one, int[] other) {
        int[] all = new int[one.length + other.length];
        System.arraycopy(one, 0, all, 0, one.length);
        System.arraycopy(other, 0, all, one.length, other.length);
        Arrays.sort(all);
        int run = 0;
        for (int i = 0; i < all.length; i++) {
            run = i > 0 && all[i] == all[i - 1] ? run + 1 : 1;
            if (run > left[all[i]]) {
                return new int[0];
            }
        }
        return all;
    }
}
