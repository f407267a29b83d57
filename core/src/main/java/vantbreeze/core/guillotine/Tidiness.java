package vantbreeze.core.guillotine;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a trimmer's user minds of how one sheet is cut.
 *
 * @param largest area of the largest rectangle left over, square units
 * @param settings at which the fence stands
 * @param cuts how many
 */
record Tidiness(double largest, Set<Long> settings, int cuts) {

    static Tidiness of(Branch root) {
        Tally tally = new Tally();
        tally.count(root);
        return new Tidiness(tally.largest, tally.settings, tally.cuts);
    }

    private static final class Tally {
        private double largest;
        private int cuts;
        private final Set<Long> settings = new TreeSet<>();

        void count(Branch branch) {
            if (branch.kind == Branch.Kind.WASTE) {
                largest = Math.max(largest, branch.area());
            }
            if (!branch.isCut()) {
                return;
            }
            cuts += branch.branches.size() - 1;
            Map<Long, Integer> extents = new HashMap<>();
            boolean wastes = false;
            for (Branch one : branch.branches) {
                count(one);
                if (one.kind == Branch.Kind.WASTE) {
                    wastes = true;
                } else {
                    extents.merge(branch.extent(one), 1, Integer::sum);
                }
            }
            // the last part needs no cut of its own: the fence need not be set for one that is the only one so wide
            if (!wastes) {
                extents.entrySet().stream()
                        .filter(one -> one.getValue() == 1)
                        .mapToLong(Map.Entry::getKey)
                        .max()
                        .ifPresent(extents::remove);
            }
            settings.addAll(extents.keySet());
        }
    }
}
