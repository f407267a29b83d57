package vantbreeze.core.guillotine;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is cut from which sheets.
 *
 * @param patterns one for each sheet
 * @param left of each item, how many found no place
 * @param cost of all sheets
 * @param bound no plan in which all that fits is cut costs less
 */
public record Solution(List<Pattern> patterns, List<Integer> left, double cost, double bound) {

    /** Sums of prices differ by less without being another. */
    private static final double SAME = 1e-9;

    public Solution {
        patterns = List.copyOf(patterns);
        left = List.copyOf(left);
    }

    /** Whether all were cut. */
    public boolean isWhole() {
        return left.stream().allMatch(count -> count == 0);
    }

    /** The largest rectangle left over. */
    public Optional<CutNode.Rest> largestRest() {
        return patterns.stream()
                .flatMap(pattern -> pattern.root().all())
                .filter(CutNode.Rest.class::isInstance)
                .map(CutNode.Rest.class::cast)
                .max(Comparator.comparingDouble(CutNode::area));
    }

    /** Whether no plan can cost less. */
    public boolean isProven() {
        return isWhole() && reaches(cost, bound);
    }

    /** Whether a plan costs no more than any must. */
    static boolean reaches(double cost, double bound) {
        return cost <= bound * (1 + SAME) + SAME;
    }
}
