package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** A plan that is being changed: sheets with their trees of cuts, and what is not cut yet. */
final class Layout {

    /** What is left over is looked at in steps of this part of the largest sheet. */
    private static final double STEP = 1 / 12.0;

    final Problem problem;
    final List<Sheet> sheets;
    /** Of each item that fits a sheet at all, how many are not cut. */
    final int[] left;
    /** Of each kind of sheet, how many are in use. */
    final int[] used;

    double cost;
    double missing;

    Layout(Problem problem) {
        this.problem = problem;
        this.sheets = new ArrayList<>();
        this.left = IntStream.range(0, problem.items().size())
                .map(item -> problem.fits(item) ? problem.items().get(item).copies() : 0)
                .toArray();
        this.used = new int[problem.bins().size()];
        for (int item = 0; item < left.length; item++) {
            missing += left[item] * problem.items().get(item).value();
        }
    }

    /** Shares the sheets: they are copied when they are changed. */
    Layout(Layout other) {
        this.problem = other.problem;
        this.sheets = new ArrayList<>(other.sheets);
        this.left = other.left.clone();
        this.used = other.used.clone();
        this.cost = other.cost;
        this.missing = other.missing;
    }

    Sheet open(int bin) {
        Bin kind = problem.bins().get(bin);
        Sheet sheet = new Sheet(bin, kind.width(), kind.height());
        sheets.add(sheet);
        used[bin]++;
        cost += kind.cost();
        return sheet;
    }

    /** Whether there is one more of these sheets, and all together do not cost too much then. */
    boolean affords(int bin, double dearest) {
        Bin kind = problem.bins().get(bin);
        return used[bin] < kind.copies() && cost + kind.cost() <= dearest;
    }

    /** A sheet to be changed: a copy in its place, as others look at it too. */
    Sheet change(int index) {
        Sheet sheet = sheets.get(index).copy();
        sheets.set(index, sheet);
        return sheet;
    }

    /** Cuts all sheets from which the same comes as this one is cut, so that they are one stack. */
    void unite(int index) {
        Sheet one = sheets.get(index);
        int[] items = one.items(left.length);
        for (int i = 0; i < sheets.size(); i++) {
            Sheet other = sheets.get(i);
            if (i != index && other.bin == one.bin && Arrays.equals(items, other.items(left.length))) {
                sheets.set(i, one.copy());
            }
        }
    }

    /** Takes all parts out of a sheet and puts it back. */
    void empty(int index) {
        sheets.get(index).parts.forEach(part -> uncut(part.item));
        close(index);
    }

    /** Puts sheets back that nothing is cut from. */
    void closeEmpty() {
        for (int i = sheets.size() - 1; i >= 0; i--) {
            if (sheets.get(i).parts.isEmpty()) {
                close(i);
            }
        }
    }

    /** Takes all parts out of a sheet that stays in use. */
    void clear(int index) {
        clear(index, item -> true);
    }

    /** Takes some out of a sheet that stays in use. */
    void clear(int index, IntPredicate goes) {
        Sheet sheet = change(index);
        for (int i = sheet.parts.size() - 1; i >= 0; i--) {
            if (i < sheet.parts.size() && goes.test(sheet.parts.get(i).item)) {
                sheet.clear(sheet.parts.get(i), this::uncut);
            }
        }
    }

    /** Whether so many of each are not cut yet. */
    boolean has(int[] items) {
        return IntStream.range(0, left.length).allMatch(item -> items[item] <= left[item]);
    }

    /** Whether just these are not cut yet. */
    boolean isAll(int[] items) {
        return Arrays.equals(items, left);
    }

    /** Puts a sheet back that nothing is cut from. */
    void close(int index) {
        Sheet sheet = sheets.remove(index);
        used[sheet.bin]--;
        cost = sheets.stream()
                .mapToDouble(one -> problem.bins().get(one.bin).cost())
                .sum();
    }

    void cut(int item) {
        left[item]--;
        missing = isWhole() ? 0 : missing - problem.items().get(item).value();
    }

    void uncut(int item) {
        left[item]++;
        missing += problem.items().get(item).value();
    }

    boolean isWhole() {
        return Arrays.stream(left).allMatch(count -> count == 0);
    }

    /** How good it is on the way to cutting all. */
    Score progress() {
        return new Score(missing, 0, 0, 0, 0, 0, 0, loose());
    }

    /** How good it is; what leaves something uncut is not looked at closely. */
    Score score() {
        if (!isWhole()) {
            return new Score(missing, cost, 0, 0, Integer.MAX_VALUE, Integer.MAX_VALUE, 0, loose());
        }
        double largest = 0;
        double step = 1;
        for (Sheet sheet : sheets) {
            largest = Math.max(largest, sheet.largestWaste());
            step = Math.max(step, sheet.root().area() * STEP);
        }
        CutSequence sequence = CutSequence.of(patterns());
        return new Score(
                0,
                cost,
                sequence.beyond(problem.limits()),
                (long) Math.floor(largest / step),
                sequence.settings().size(),
                sequence.cuts(),
                sequence.strokes(),
                loose());
    }

    /** How many parts there are. */
    int parts() {
        return sheets.stream().mapToInt(sheet -> sheet.parts.size()).sum();
    }

    /** What lies closely leaves large rectangles over. */
    private double loose() {
        double close = 0;
        for (Sheet sheet : sheets) {
            for (Branch waste : sheet.wastes) {
                close += Fill.worth(waste.width, waste.height);
            }
        }
        return -close;
    }

    private List<Pattern> patterns() {
        return sheets.stream()
                .map(sheet -> new Pattern(sheet.bin, sheet.node()))
                .toList();
    }

    Solution solution(double bound) {
        return new Solution(
                patterns(),
                IntStream.range(0, left.length)
                        .map(item -> problem.fits(item)
                                ? left[item]
                                : problem.items().get(item).copies())
                        .boxed()
                        .toList(),
                cost,
                bound);
    }
}
