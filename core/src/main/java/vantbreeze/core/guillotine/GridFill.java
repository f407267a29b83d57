package vantbreeze.core.guillotine;

import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/**
 * Puts items alike in rows and columns where they spoil least of what is left over, as people cut them: strips first,
 * then pieces from the strips.
 */
final class GridFill {

    private final Problem problem;
    private final SplittableRandom random;
    private long looks;

    GridFill(Problem problem, SplittableRandom random) {
        this.problem = problem;
        this.random = random;
    }

    long looks() {
        return looks;
    }

    /** So many across and up, in a rectangle left over. */
    private static final class Grid {
        double loss = Double.POSITIVE_INFINITY;
        int sheet = -1;

        @Nullable
        Branch waste;

        boolean turned;
        int across;
        int up;
    }

    /** Puts items in this order, all alike together, where they fit on the sheets in use. */
    void fill(Layout layout, int[] order) {
        for (int item : order) {
            boolean placed = true;
            while (placed && layout.left[item] > 0) {
                boolean acrossFirst = random.nextBoolean();
                Grid best = new Grid();
                for (int sheet = 0; sheet < layout.sheets.size(); sheet++) {
                    look(layout, sheet, item, false, acrossFirst, best);
                    look(layout, sheet, item, true, acrossFirst, best);
                }
                placed = cut(layout, best, item);
            }
        }
    }

    private void look(Layout layout, int index, int item, boolean turned, boolean acrossFirst, Grid best) {
        Sheet sheet = layout.sheets.get(index);
        if (!problem.turning().allows(item, sheet.bin, turned)) {
            return;
        }
        Item one = problem.items().get(item);
        long width = one.across(turned);
        long height = one.up(turned);
        int left = layout.left[item];
        looks += sheet.wastes.size();
        for (Branch waste : sheet.wastes) {
            int mostAcross = (int) Math.min(left, waste.width / width);
            int mostUp = (int) Math.min(left, waste.height / height);
            if (mostAcross == 0 || mostUp == 0) {
                continue;
            }
            int across = acrossFirst ? mostAcross : Math.min(mostAcross, Math.max(1, left / mostUp));
            int up = acrossFirst ? Math.min(mostUp, Math.max(1, left / mostAcross)) : mostUp;
            long wide = width * across;
            long high = height * up;
            double now = Fill.worth(waste.width, waste.height);
            double upright = Fill.worth(waste.width - wide, waste.height) + Fill.worth(wide, waste.height - high);
            double level = Fill.worth(waste.width, waste.height - high) + Fill.worth(waste.width - wide, high);
            double loss = (now - Math.max(upright, level)) / ((double) across * up);
            if (loss < best.loss) {
                best.loss = loss;
                best.sheet = index;
                best.waste = waste;
                best.turned = turned;
                best.across = across;
                best.up = up;
            }
        }
    }

    private boolean cut(Layout layout, Grid grid, int item) {
        Branch waste = grid.waste;
        if (waste == null) {
            return false;
        }
        Item one = problem.items().get(item);
        Block single = Block.of(one.across(grid.turned), one.up(grid.turned), item, grid.turned);
        boolean rowsFirst = random.nextBoolean();
        Block line = times(single, rowsFirst ? grid.across : grid.up, rowsFirst);
        Block block = times(line, rowsFirst ? grid.up : grid.across, !rowsFirst);
        Sheet sheet = layout.change(grid.sheet);
        sheet.place(sheet.wastes.get(waste.slot), block, layout::cut);
        return true;
    }

    private static Block times(Block one, int count, boolean beside) {
        Block all = one;
        for (int i = 1; i < count; i++) {
            all = Block.of(all, one, beside);
        }
        return all;
    }
}
