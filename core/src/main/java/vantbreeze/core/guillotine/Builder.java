package vantbreeze.core.guillotine;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/** Makes plans sheet by sheet: of all kinds of sheets the one that is used best for its price. */
final class Builder {

    /** Large items are worth more than their area, as they are harder to place: its power, at least and at most. */
    private static final double LEAST_POWER = 1.0;

    private static final double USUAL_POWER = 1.05;
    private static final double MOST_POWER = 1.25;

    /** How much a plan changes what is known of how hard an item is to place. */
    private static final double LEARNT = 0.3;

    /** How hard an item is to place counts to this power. */
    private static final double HARD = 0.5;

    /** No sheet counts for wasted more than this. */
    private static final double MOST_WASTE = 0.5;

    private final Problem problem;
    private final SplittableRandom random;
    /** What each item is worth more than others of its size, as it is hard to place. */
    private final double[] hardness;

    private long looks;

    Builder(Problem problem, SplittableRandom random) {
        this.problem = problem;
        this.random = random;
        this.hardness = new double[problem.items().size()];
        Arrays.fill(hardness, 1);
    }

    /** What came from a sheet of which little was used is worth more in plans to come. */
    void learn(Layout layout) {
        for (Sheet sheet : layout.sheets) {
            Bin bin = problem.bins().get(sheet.bin);
            double waste = Math.min(MOST_WASTE, 1 - sheet.used() / bin.area());
            for (Branch part : sheet.parts) {
                hardness[part.item] += (1 / (1 - waste) - hardness[part.item])
                        * LEARNT
                        / problem.items().get(part.item).copies();
            }
        }
    }

    long looks() {
        return looks;
    }

    /**
     * What items are worth while a plan is made.
     *
     * @param noise by what part values differ from plan to plan
     */
    double[] values(double noise) {
        double power = noise == 0 ? USUAL_POWER : LEAST_POWER + random.nextDouble() * (MOST_POWER - LEAST_POWER);
        double[] values = new double[hardness.length];
        for (int item = 0; item < values.length; item++) {
            double value = Math.pow(problem.items().get(item).value(), power);
            values[item] = value * Math.pow(hardness[item], HARD) * (1 + noise * random.nextDouble());
        }
        return values;
    }

    /** A sheet that would be cut next. */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    private record Next(int bin, Block block, int[] items, double area, boolean takesAll) {

        /** What is cut for the price; all that is left from the cheapest sheet is best. */
        boolean isBetterThan(@Nullable Next other, Problem problem) {
            if (other == null) {
                return true;
            }
            double cost = problem.bins().get(bin).cost();
            double otherCost = problem.bins().get(other.bin).cost();
            if (takesAll != other.takesAll) {
                return takesAll;
            }
            return takesAll ? cost < otherCost : area * otherCost > other.area * cost;
        }
    }

    /**
     * Cuts one sheet more, and more like it where items are left for them.
     *
     * @param effort how much is tried
     * @param dearest what all sheets may cost
     * @return whether anything was cut
     */
    boolean opened(Layout layout, double[] values, SheetFilling.Effort effort, double dearest) {
        Next best = null;
        for (int bin = 0; bin < problem.bins().size(); bin++) {
            if (!layout.affords(bin, dearest)) {
                continue;
            }
            SheetFilling filling = new SheetFilling(problem, bin, values, effort);
            Block block = filling.best(layout.left);
            looks += filling.looks();
            if (block != null) {
                int[] items = block.items(problem.items().size());
                Next next = new Next(bin, block, items, area(items), layout.isAll(items));
                best = next.isBetterThan(best, problem) ? next : best;
            }
        }
        if (best == null) {
            return false;
        }
        do {
            Sheet sheet = layout.open(best.bin);
            sheet.place(sheet.root(), best.block, layout::cut);
        } while (layout.has(best.items) && layout.affords(best.bin, dearest));
        return true;
    }

    private double area(int[] items) {
        double area = 0;
        for (int item = 0; item < items.length; item++) {
            area += items[item] * problem.items().get(item).area();
        }
        return area;
    }
}
