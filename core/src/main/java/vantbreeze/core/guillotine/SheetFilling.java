package vantbreeze.core.guillotine;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Fills a sheet: with the block worth most, or with a strip right across from side to side that leaves hardly anything
 * idle and, in the same way, with what is worth most beside it. What was thrown away little by little at the strips is
 * left to the last ones, where it helps.
 */
final class SheetFilling {

    /** A strip is built of about so many pieces, at least and at most. */
    private static final double FEW_PIECES = 2.5;

    private static final double MANY_PIECES = 14;

    /** How large a part of the rectangle a strip's block is at most. */
    private static final double MOST = 0.7;

    /** Of so many kinds at most a sheet is filled, and so many of them are the largest. */
    private static final int MOST_KINDS = 120;

    private static final int LARGEST = 40;

    /** A sheet of which so much is used is full. */
    private static final double FULL = 0.997;

    private final Problem problem;
    private final int bin;
    private final double[] values;
    private final Effort effort;
    private long looks;

    /**
     * How much is tried.
     *
     * @param kept how many blocks of each size are kept when blocks are built
     * @param strips with how many strips each rectangle is begun, half as many in what is beside a strip and so on
     */
    record Effort(int kept, int strips) {}

    SheetFilling(Problem problem, int bin, double[] values, Effort effort) {
        this.problem = problem;
        this.bin = bin;
        this.values = values;
        this.effort = effort;
    }

    long looks() {
        return looks;
    }

    /** A block, what it is worth, and its area. */
    private record Filled(Block block, double value, double area) {}

    /** The best block found for a whole sheet; null where nothing fits. */
    @Nullable
    Block best(int[] left) {
        Bin sheet = problem.bins().get(bin);
        Filled filled = filled(sheet.width(), sheet.height(), some(left), effort.strips());
        return filled == null ? null : filled.block();
    }

    /** So many kinds as are enough to choose from: the largest, and of the others one in so many. */
    private int[] some(int[] left) {
        int[] fitting = IntStream.range(0, left.length)
                .filter(item -> left[item] > 0 && problem.fits(item, bin))
                .toArray();
        if (fitting.length <= MOST_KINDS) {
            return left;
        }
        int[] kinds = Order.AREA.of(problem, Arrays.stream(fitting));
        int[] some = new int[left.length];
        double step = (double) (kinds.length - LARGEST) / (MOST_KINDS - LARGEST);
        for (int i = 0; i < MOST_KINDS; i++) {
            int item = kinds[i < LARGEST ? i : LARGEST + (int) ((i - LARGEST) * step)];
            some[item] = left[item];
        }
        return some;
    }

    @Nullable
    private Filled filled(long across, long up, int[] left, int strips) {
        double area = (double) across * up;
        double pieces = area / mean(left);
        double part = pieces > 2 * MANY_PIECES && strips > 0 ? MANY_PIECES / pieces : 1;
        BlockBuilding building = new BlockBuilding(problem, bin, across, up, part, values, left, effort.kept());
        looks += building.looks();
        Block block = building.best();
        if (block == null) {
            return null;
        }
        Filled best = filled(block);
        double all = IntStream.range(0, left.length)
                .mapToDouble(item -> left[item] * values[item])
                .sum();
        if (strips == 0 || pieces < FEW_PIECES) {
            return best;
        }
        for (BlockBuilding.Strip strip : building.strips(Math.min(MOST / 2, FEW_PIECES / pieces), strips)) {
            if (best.area() >= FULL * area || best.value() >= all) {
                break;
            }
            Filled other = filled(across, up, left, strip, strips / 2);
            best = other.value() > best.value() ? other : best;
        }
        return best;
    }

    private Filled filled(long across, long up, int[] left, BlockBuilding.Strip strip, int strips) {
        Block block = strip.block().block(strip.turned());
        int[] rest = left.clone();
        for (int item : strip.block().items) {
            rest[item]--;
        }
        long wide = strip.upright() ? across - block.width() : across;
        long high = strip.upright() ? up : up - block.height();
        Filled beside = wide > 0 && high > 0 ? filled(wide, high, rest, strips) : null;
        return filled(beside == null ? block : Block.of(block, beside.block(), strip.upright()));
    }

    private Filled filled(Block block) {
        int[] items = block.items(values.length);
        double value = 0;
        double area = 0;
        for (int item = 0; item < items.length; item++) {
            value += items[item] * values[item];
            area += items[item] * problem.items().get(item).area();
        }
        return new Filled(block, value, area);
    }

    /** Area of a piece. */
    private double mean(int[] left) {
        double area = 0;
        int count = 0;
        for (int item = 0; item < left.length; item++) {
            area += left[item] * problem.items().get(item).area();
            count += left[item];
        }
        return count == 0 ? 1 : area / count;
    }
}
