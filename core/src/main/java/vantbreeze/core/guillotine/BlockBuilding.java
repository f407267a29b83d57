package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Blocks worth most for their size that lie in a rectangle, built up from pairs of blocks that have nearly a side in
 * common (Wang 1983). Of all built so far only so many of each size are kept; which have nearly a side in common is
 * looked up among sides that are sorted.
 */
final class BlockBuilding {

    /** Sizes by which blocks are told apart, as parts of the largest. */
    private static final int SIZES = 28;

    /** So many sides looked at are as much work as one place for an item. */
    private static final int SIDES = 8;

    /** To see how two blocks lie together is as much work as to look at so many sides. */
    private static final int PAIR = 15;

    /** And to keep a block, as so many. */
    private static final int BLOCK = 80;

    /** To begin, as so many. */
    private static final int BEGIN = 4_000;

    private final Problem problem;
    private final int bin;
    private final long across;
    private final long up;
    private final double largest;
    private final double[] values;
    private final int[] left;
    private final ItemSets sets;
    private final List<BlockShelf> shelves;
    private final List<Built> built = new ArrayList<>();
    private long sides = BEGIN;

    /**
     * Builds blocks that lie in a rectangle cut from sheets of one kind.
     *
     * @param part how large they are at most, as a part of the rectangle
     * @param values of each item
     * @param left how many of each there are
     * @param kept how many blocks are kept of each size
     */
    BlockBuilding(Problem problem, int bin, long across, long up, double part, double[] values, int[] left, int kept) {
        this.problem = problem;
        this.bin = bin;
        this.across = across;
        this.up = up;
        this.largest = part * across * up;
        this.values = values;
        this.left = left;
        this.sets = new ItemSets(left);
        this.shelves =
                Stream.generate(() -> new BlockShelf(kept)).limit(SIZES + 1).toList();
        begin();
        build();
    }

    long looks() {
        return sides / SIDES;
    }

    /** A block right across the rectangle from side to side: what is beside it is a rectangle again. */
    record Strip(Built block, boolean turned, boolean upright, double density) {}

    /** The one worth most; null where nothing fits. */
    @Nullable
    Block best() {
        return built.stream()
                .max(Comparator.comparingDouble(one -> one.value))
                .map(one -> one.block(!lies(one.width, one.height)))
                .orElse(null);
    }

    /**
     * Strips that leave least idle for what they are worth, each of other items.
     *
     * @param least how large their blocks are at least, as a part of the rectangle
     * @param most how many strips
     */
    List<Strip> strips(double least, int most) {
        List<Strip> strips = new ArrayList<>();
        for (Built one : built) {
            if (one.around() >= least * across * up) {
                strips(one, false, strips);
                if (one.turns) {
                    strips(one, true, strips);
                }
            }
        }
        strips.sort(Comparator.comparingDouble(strip -> -strip.density()));
        LongSet seen = new LongSet();
        return strips.stream()
                .filter(strip -> seen.add(strip.block().hash))
                .limit(most)
                .toList();
    }

    private void strips(Built one, boolean turned, List<Strip> strips) {
        long wide = one.across(turned);
        long high = one.up(turned);
        if (lies(wide, high)) {
            strips.add(new Strip(one, turned, true, one.value / ((double) wide * up)));
            strips.add(new Strip(one, turned, false, one.value / ((double) high * across)));
        }
    }

    private void begin() {
        for (int item = 0; item < left.length; item++) {
            if (left[item] == 0) {
                continue;
            }
            Item one = problem.items().get(item);
            boolean straight = problem.turning().allows(item, bin, false) && lies(one.width(), one.height());
            boolean turned = problem.turning().allows(item, bin, true) && lies(one.height(), one.width());
            if (straight || turned) {
                Built single = new Built(
                        one.across(!straight),
                        one.up(!straight),
                        problem.turning().allows(item, bin, straight),
                        new int[] {item},
                        sets.once(item),
                        Mixing.mixed(item + 1L),
                        values[item]);
                single.turnsOne = !straight;
                shelf(single.around()).add(single);
            }
        }
    }

    private void build() {
        List<BlockSides> heights = new ArrayList<>();
        List<BlockSides> widths = new ArrayList<>();
        for (int size = 0; size <= SIZES; size++) {
            // what is put together is larger than its parts: but for those made of others of this size, all are there
            List<Built> now = shelves.get(size).all();
            built.addAll(now);
            heights.add(new BlockSides(now, false));
            widths.add(new BlockSides(now, true));
            for (int i = 0; i < now.size(); i++) {
                Built one = now.get(i);
                for (int other = 0; other <= Math.min(size, SIZES - size); other++) {
                    int last = other == size ? i : Integer.MAX_VALUE;
                    for (boolean turned : one.turns ? new boolean[] {false, true} : new boolean[] {false}) {
                        join(one, turned, true, heights.get(other), last);
                        join(one, turned, false, widths.get(other), last);
                    }
                }
            }
        }
    }

    private BlockShelf shelf(double around) {
        return shelves.get(size(around));
    }

    private int size(double around) {
        return Math.min(SIZES, (int) (around / largest * SIZES));
    }

    /**
     * Puts a block together with those that have nearly its side, as long as what lies idle between is little.
     *
     * @param last only with blocks of their size up to this place
     */
    private void join(Built one, boolean turned, boolean beside, BlockSides others, int last) {
        // two that may both be turned lie above one another as they lie beside one another, turned
        if ((!beside && one.turns && others.allTurn) || one.around() + others.least > largest) {
            return;
        }
        long length = beside ? one.up(turned) : one.across(turned);
        long depth = beside ? one.across(turned) : one.up(turned);
        int from = others.from(length - reach(one, others, others.least / length, length));
        int to = others.from(length + reach(one, others, (double) depth, Math.max(across, up)) + 1);
        sides += to - from + 1;
        for (int i = from; i < to; i++) {
            Built other = others.blocks[i];
            if (sets.areApart(one, others.marks[i], other)
                    && others.places[i] <= last
                    && (beside || !one.turns || !other.turns)) {
                sides += PAIR;
                join(one, turned, other, others.turned[i], beside);
            }
        }
    }

    /** How far sides may differ, at most so much, where each unit leaves so much idle. */
    private long reach(Built one, BlockSides others, double each, long most) {
        long low = 0;
        long high = most;
        while (low < high) {
            long middle = (low + high + 1) >>> 1;
            if (isWanted(one, others, (double) middle * each)) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Whether a block put together with any of these is kept although so much lies idle. */
    private boolean isWanted(Built one, BlockSides others, double idle) {
        double low = one.around() + idle + others.least;
        double high = one.around() + idle + others.most;
        double density = Math.max(
                (one.value + others.density * others.least) / low, (one.value + others.density * others.most) / high);
        for (int size = size(low); low <= largest && size <= size(high); size++) {
            if (shelves.get(size).wants(density)) {
                return true;
            }
        }
        return false;
    }

    private void join(Built one, boolean turnsOne, Built other, boolean turnsOther, boolean beside) {
        long width = beside
                ? one.across(turnsOne) + other.across(turnsOther)
                : Math.max(one.across(turnsOne), other.across(turnsOther));
        long height =
                beside ? Math.max(one.up(turnsOne), other.up(turnsOther)) : one.up(turnsOne) + other.up(turnsOther);
        double around = (double) width * height;
        double value = one.value + other.value;
        boolean turns = one.turns && other.turns;
        if (around > largest
                || !shelf(around).wants(value / around)
                || !(lies(width, height) || (turns && lies(height, width)))) {
            return;
        }
        long hash = one.hash + other.hash;
        if (!shelf(around).isNew(width, height, turns, hash)) {
            return;
        }
        int[] items = sets.together(one.items, other.items);
        if (items.length > 0) {
            Built both = new Built(width, height, turns, items, ItemSets.both(one.once, other.once), hash, value);
            both.joins(one, turnsOne, other, turnsOther, beside);
            shelf(around).add(both);
            sides += BLOCK;
        }
    }

    private boolean lies(long width, long height) {
        return width <= across && height <= up;
    }
}
