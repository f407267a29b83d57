package vantbreeze.core.guillotine;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * How much may be spent on a search, so that an answer never depends on how fast a machine is; and how it is stopped.
 *
 * @param looks how many places for an item may be looked at
 * @param isStopped asked now and then; what was found so far is kept
 * @param better told of every plan that is better than those before
 */
public record CutBudget(long looks, BooleanSupplier isStopped, Consumer<Solution> better) {

    /** How many looks a small plan is worth, and each rectangle more: well under a second. */
    private static final long LEAST = 2_000_000;

    private static final long EACH = 60_000;

    /** From so many rectangles on a maker waits for the plan in any case, and each is worth more. */
    private static final int MANY = 50;

    private static final long EACH_OF_MANY = 300_000;

    /** What a plan of so many rectangles is usually worth. */
    public static CutBudget of(int count) {
        return of(LEAST + EACH * Math.min(count, MANY) + EACH_OF_MANY * Math.max(0, count - MANY));
    }

    private static CutBudget of(long looks) {
        return new CutBudget(looks, () -> false, solution -> {});
    }

    /** So many looks, and no more. */
    public static CutBudget looks(long looks) {
        return of(looks);
    }

    /** The same, stopped when this says so. */
    public CutBudget until(BooleanSupplier stop) {
        return new CutBudget(looks, stop, better);
    }

    /** The same, telling of every better plan. */
    public CutBudget telling(Consumer<Solution> told) {
        return new CutBudget(looks, isStopped, told);
    }
}
