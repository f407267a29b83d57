package vantbreeze.core.guillotine;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * How much may be spent on a search, so that an answer never depends on how fast a machine is; and how it is stopped.
 *
 * @param looks how many places for an item may be looked at
 * @param hope how many more while by area a sheet less could do
 * @param isStopped asked now and then; what was found so far is kept
 * @param better told of every plan that is better than those before
 */
public record CutBudget(long looks, long hope, BooleanSupplier isStopped, Consumer<Solution> better) {

    /** How many looks a small plan is worth, and each rectangle more: well under a second. */
    private static final long LEAST = 2_000_000;

    private static final long EACH = 60_000;

    /** From so many rectangles on a maker waits for the plan in any case, and each is worth more. */
    private static final int MANY = 50;

    private static final long EACH_OF_MANY = 300_000;

    /** And from so many on sheets are filled well enough. */
    private static final int CLASS = 500;

    private static final long EACH_OF_CLASS = 100_000;

    /** What a sheet that might be spared is worth for each rectangle, and at most: a second or so. */
    private static final long HOPE = 1_000_000;

    private static final long MOST_HOPE = 24_000_000;

    /** What a plan of so many rectangles is usually worth. */
    public static CutBudget of(int count) {
        long looks = LEAST
                + EACH * Math.min(count, MANY)
                + EACH_OF_MANY * Math.max(0, Math.min(count, CLASS) - MANY)
                + EACH_OF_CLASS * Math.max(0, count - CLASS);
        return new CutBudget(looks, Math.min(MOST_HOPE, HOPE * count), () -> false, solution -> {});
    }

    /** So many looks, and no more. */
    public static CutBudget looks(long looks) {
        return new CutBudget(looks, 0, () -> false, solution -> {});
    }

    /** A part of it, without hope: for a first look. */
    public CutBudget part(double part) {
        return new CutBudget((long) (looks * part), 0, isStopped, better);
    }

    /** The same, stopped when this says so. */
    public CutBudget until(BooleanSupplier stop) {
        return new CutBudget(looks, hope, stop, better);
    }

    /** The same, telling of every better plan. */
    public CutBudget telling(Consumer<Solution> told) {
        return new CutBudget(looks, hope, isStopped, told);
    }
}
