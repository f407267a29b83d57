package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * Sheets from which nothing is left over. Where the items have just the area of some sheets, no plan that wastes
 * anything takes as few; so blocks are built only from pairs that have a whole side in common (Wang 1983 with no waste
 * allowed), all that there are, and sheets filled by one are chosen so that each item is cut once (exact cover: Knuth
 * 2000, the item first that has fewest ways).
 */
final class PerfectSheets {

    /** Most blocks that are built. */
    private static final int MOST_BLOCKS = 200_000;

    /** Most sheets taken up and put down again while they are chosen. */
    private static final int MOST_TRIES = 20_000;

    /** To see how two blocks lie together is as much work as one place for an item; to keep one, as so many. */
    private static final int BLOCK = 4;

    /** And to look so many sheets over. */
    private static final int LOOKED_OVER = 8;

    private final Problem problem;
    private final int bin;
    private final Bin sheet;
    private final int[] left;
    private final ItemSets sets;
    private final long most;
    private final BooleanSupplier isStopped;
    private final PriorityQueue<Built> waiting =
            new PriorityQueue<>(Comparator.comparingDouble(Built::around).thenComparingLong(one -> one.hash));
    private final Map<Long, List<Lying>> heights = new HashMap<>();
    private final Map<Long, List<Lying>> widths = new HashMap<>();
    private final LongSet seen = new LongSet();
    private final List<Built> full = new ArrayList<>();
    private long looks;
    private int tries;
    private List<Built> best = List.of();

    /** A block, turned or not. */
    private record Lying(Built block, boolean turned) {}

    /**
     * Looks for them.
     *
     * @param bin from which kind of sheet
     * @param left how many there are of each item
     * @param budget what it may cost: as much as any other search
     */
    PerfectSheets(Problem problem, int bin, int[] left, CutBudget budget) {
        this.problem = problem;
        this.bin = bin;
        this.sheet = problem.bins().get(bin);
        this.left = left.clone();
        this.sets = new ItemSets(left.clone());
        this.most = budget.looks() + budget.hope();
        this.isStopped = budget.isStopped();
        begin();
        build();
        leaveOutWhatFillsNone();
        choose(new ArrayList<>());
    }

    /** Whether items of this area fill sheets of one kind, so that nothing may be left over. */
    static boolean mayBe(Problem problem) {
        if (problem.bins().size() != 1) {
            return false;
        }
        double sheets = problem.area() / problem.bins().get(0).area();
        return Math.rint(sheets) >= 1 && Math.rint(sheets) == sheets;
    }

    private boolean isOver() {
        return looks >= most || isStopped.getAsBoolean();
    }

    /** As many as were found, each of other items. */
    List<Block> sheets() {
        return best.stream().map(one -> one.block(!isSheet(one, false))).toList();
    }

    private void begin() {
        for (int item = 0; item < left.length; item++) {
            Item one = problem.items().get(item);
            if (left[item] == 0) {
                continue;
            }
            boolean straight = problem.turning().allows(item, bin, false);
            Built single = new Built(
                    one.across(!straight),
                    one.up(!straight),
                    straight && problem.turning().allows(item, bin, true),
                    new int[] {item},
                    sets.once(item),
                    Mixing.mixed(item + 1L),
                    one.area());
            single.turnsOne = !straight;
            waiting.add(single);
        }
    }

    /** What is built of two is larger than they are: the smallest first, each joins those before it. */
    private void build() {
        int built = 0;
        while (!waiting.isEmpty() && built < MOST_BLOCKS && !isOver()) {
            Built next = waiting.remove();
            built++;
            if (isSheet(next, false) || (next.turns && isSheet(next, true))) {
                full.add(next);
                continue;
            }
            for (boolean turned : next.turns ? new boolean[] {false, true} : new boolean[] {false}) {
                Lying lying = new Lying(next, turned);
                heights.computeIfAbsent(next.up(turned), side -> new ArrayList<>())
                        .add(lying);
                widths.computeIfAbsent(next.across(turned), side -> new ArrayList<>())
                        .add(lying);
            }
            for (boolean turned : next.turns ? new boolean[] {false, true} : new boolean[] {false}) {
                heights.getOrDefault(next.up(turned), List.of()).forEach(other -> join(next, turned, other, true));
                widths.getOrDefault(next.across(turned), List.of()).forEach(other -> {
                    // two that may both be turned lie above one another as they lie beside one another, turned
                    if (!next.turns || !other.block.turns) {
                        join(next, turned, other, false);
                    }
                });
            }
        }
    }

    /** Of the others as many are cut as can be. */
    private void leaveOutWhatFillsNone() {
        boolean[] fills = new boolean[left.length];
        full.forEach(one -> Arrays.stream(one.items).forEach(item -> fills[item] = true));
        for (int item = 0; item < left.length; item++) {
            left[item] = fills[item] ? left[item] : 0;
        }
    }

    private boolean isSheet(Built one, boolean turned) {
        return one.across(turned) == sheet.width() && one.up(turned) == sheet.height();
    }

    private void join(Built one, boolean turnsOne, Lying second, boolean beside) {
        looks++;
        Built other = second.block;
        if (!sets.areApart(one, other.mark, other)) {
            return;
        }
        long width = one.across(turnsOne) + (beside ? other.across(second.turned) : 0);
        long height = one.up(turnsOne) + (beside ? 0 : other.up(second.turned));
        boolean turns = one.turns && other.turns;
        long hash = one.hash + other.hash;
        if (!(lies(width, height) || (turns && lies(height, width)))) {
            return;
        }
        int[] items = sets.together(one.items, other.items);
        if (items.length == 0 || !seen.add(Mixing.ofBlock(width, height, turns, hash))) {
            return;
        }
        looks += BLOCK;
        Built both = new Built(
                width, height, turns, items, ItemSets.both(one.once, other.once), hash, one.value + other.value);
        both.joins(one, turnsOne, other, second.turned, beside);
        waiting.add(both);
    }

    private boolean lies(long width, long height) {
        return width <= sheet.width() && height <= sheet.height();
    }

    /** Takes up one sheet more in every way, the item first that has fewest; whether all items are cut then. */
    private boolean choose(List<Built> chosen) {
        if (chosen.size() > best.size()) {
            best = List.copyOf(chosen);
        }
        List<Built> fewest = fewest();
        if (fewest == null) {
            return true;
        }
        for (Built one : fewest) {
            if (++tries > MOST_TRIES || isOver()) {
                return false;
            }
            take(one, -1);
            chosen.add(one);
            if (choose(chosen)) {
                return true;
            }
            chosen.remove(chosen.size() - 1);
            take(one, 1);
        }
        return false;
    }

    private void take(Built one, int change) {
        for (int item : one.items) {
            left[item] += change;
        }
    }

    /** The sheets that an item is cut from, of the item that has fewest; null where all are cut. */
    private @Nullable List<Built> fewest() {
        int[] ways = new int[left.length];
        List<Built> open =
                full.stream().filter(one -> ItemSets.areThere(one.items, left)).toList();
        looks += 1 + full.size() / LOOKED_OVER;
        open.forEach(one -> Arrays.stream(one.items).distinct().forEach(item -> ways[item]++));
        int rarest = -1;
        for (int item = 0; item < left.length; item++) {
            if (left[item] > 0 && (rarest < 0 || ways[item] < ways[rarest])) {
                rarest = item;
            }
        }
        if (rarest < 0) {
            return null;
        }
        int wanted = rarest;
        return open.stream()
                .filter(one -> Arrays.stream(one.items).anyMatch(item -> item == wanted))
                .toList();
    }
}
