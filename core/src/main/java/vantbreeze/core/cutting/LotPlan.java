package vantbreeze.core.cutting;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.CutSequence;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Solution;

/**
 * One way to lay blanks together and the plan for what falls then.
 *
 * @param lots the items of the problem in its order
 * @param least no way to lay them costs less, as far as is known
 */
record LotPlan(List<Lot> lots, Problem problem, Solution solution, double least) {

    /** What is left over is compared in steps of this part of a sheet. */
    private static final double STEP = 1 / 12.0;

    /** Sums of prices differ by less without being another. */
    private static final double SAME = 1e-9;

    /** The better first: all is cut, cheaply, with a large rest, with few settings and cuts. */
    static final Comparator<LotPlan> BETTER = Comparator.comparingInt(LotPlan::missing)
            .thenComparingDouble(plan -> Math.rint(plan.solution.cost() / SAME) * SAME)
            .thenComparingLong(plan -> -plan.leftover())
            .thenComparing(
                    plan -> CutSequence.of(plan.solution),
                    Comparator.comparingInt((CutSequence sequence) ->
                                    sequence.settings().size())
                            .thenComparingInt(CutSequence::cuts));

    LotPlan {
        lots = List.copyOf(lots);
    }

    int missing() {
        return IntStream.range(0, lots.size())
                .map(lot -> lots.get(lot).parts().size() * solution.left().get(lot))
                .sum();
    }

    boolean isProven() {
        return solution.cost() <= least + SAME;
    }

    private long leftover() {
        double sheet = problem.bins().stream()
                .mapToDouble(bin -> (double) bin.width() * bin.height())
                .max()
                .orElse(1);
        return solution.largestRest()
                .map(rest -> (long) Math.floor(rest.area() / (sheet * STEP)))
                .orElse(0L);
    }
}
