package vantbreeze.core.guillotine;

import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Puts items where they spoil least of what is left over. A rectangle left over is worth more than its two halves, so
 * that the best place is one that it fills in a direction, else the smallest; now and then a place is overlooked
 * (blinks: Christiaens and Vanden Berghe 2020), so that no search goes round in a circle.
 */
final class Fill {

    /** A rectangle left over is worth its area to this power; tried out, no source. */
    private static final double POWER = 1.25;

    /** One place in so many is overlooked. */
    private static final int BLINK = 60;

    /** One place in so many is cut the other way first. */
    private static final int OTHERWISE = 5;

    private final Problem problem;
    private final SplittableRandom random;
    private long looks;

    Fill(Problem problem, SplittableRandom random) {
        this.problem = problem;
        this.random = random;
    }

    long looks() {
        return looks;
    }

    /** What a rectangle left over is worth. */
    static double worth(long width, long height) {
        return Math.pow((double) width * height, POWER);
    }

    /** The best place found so far. */
    private static final class Place {
        double loss = Double.POSITIVE_INFINITY;

        /** Number of the sheet, −1 for none. */
        int sheet = -1;

        @Nullable
        Branch waste;

        boolean turned;
        boolean uprightFirst;
    }

    /**
     * Puts items in this order where they fit; on new sheets where those in use have no room and what all cost stays
     * within {@code dearest}.
     */
    void fill(Layout layout, int[] order, double dearest, boolean blinks) {
        for (int item : order) {
            while (layout.left[item] > 0 && (placed(layout, item, 0, blinks) || opened(layout, item, dearest))) {
                layout.cut(item);
            }
        }
    }

    /** Puts items in this order where they fit on the last sheet. */
    void fillLast(Layout layout, int[] order) {
        for (int item : order) {
            while (layout.left[item] > 0 && placed(layout, item, layout.sheets.size() - 1, false)) {
                layout.cut(item);
            }
        }
    }

    /** @param first the first sheet that is looked at */
    private boolean placed(Layout layout, int item, int first, boolean blinks) {
        Place best = new Place();
        for (int sheet = first; sheet < layout.sheets.size(); sheet++) {
            look(layout, sheet, item, false, blinks, best);
            // a square lies alike either way, but the grain may let it lie one way only
            if (!isSquare(item) || !problem.turning().allows(item, layout.sheets.get(sheet).bin, false)) {
                look(layout, sheet, item, true, blinks, best);
            }
        }
        return cut(layout, best, item);
    }

    private boolean isSquare(int item) {
        Item one = problem.items().get(item);
        return one.width() == one.height();
    }

    private boolean cut(Layout layout, Place place, int item) {
        Branch waste = place.waste;
        if (waste == null) {
            return false;
        }
        Item one = problem.items().get(item);
        Sheet sheet = layout.change(place.sheet);
        sheet.place(
                sheet.wastes.get(waste.slot),
                item,
                place.turned,
                one.across(place.turned),
                one.up(place.turned),
                place.uprightFirst);
        return true;
    }

    private void look(Layout layout, int index, int item, boolean turned, boolean blinks, Place best) {
        Sheet sheet = layout.sheets.get(index);
        if (!problem.turning().allows(item, sheet.bin, turned)) {
            return;
        }
        Item one = problem.items().get(item);
        long width = one.across(turned);
        long height = one.up(turned);
        looks += sheet.wastes.size();
        for (Branch waste : sheet.wastes) {
            if (waste.width < width || waste.height < height || (blinks && random.nextInt(BLINK) == 0)) {
                continue;
            }
            double now = worth(waste.width, waste.height);
            double upright = now - worth(waste.width - width, waste.height) - worth(width, waste.height - height);
            double level = now - worth(waste.width, waste.height - height) - worth(waste.width - width, height);
            double loss = Math.min(upright, level);
            if (loss < best.loss) {
                best.loss = loss;
                best.sheet = index;
                best.waste = waste;
                best.turned = turned;
                best.uprightFirst = upright <= level != (blinks && random.nextInt(OTHERWISE) == 0);
            }
        }
    }

    /** Takes a new sheet for it, of those that are paid for the one that costs least by its area. */
    private boolean opened(Layout layout, int item, double dearest) {
        int best = -1;
        double least = Double.POSITIVE_INFINITY;
        for (int bin = 0; bin < problem.bins().size(); bin++) {
            Bin kind = problem.bins().get(bin);
            if (layout.affords(bin, dearest) && problem.fits(item, bin)) {
                double price = (kind.cost() / kind.area()) * (1 + random.nextInt(100) / 400.0);
                if (price < least) {
                    least = price;
                    best = bin;
                }
            }
        }
        if (best < 0) {
            return false;
        }
        layout.open(best);
        Place place = new Place();
        look(layout, layout.sheets.size() - 1, item, false, false, place);
        look(layout, layout.sheets.size() - 1, item, true, false, place);
        return cut(layout, place, item);
    }
}
