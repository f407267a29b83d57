package vantbreeze.core.structure;

import vantbreeze.core.length.Length;

/**
 * How small and how large a measure may be while the others stay.
 *
 * @param least smallest
 * @param leastBecause why not smaller
 * @param most largest
 * @param mostBecause why not larger
 */
public record Limits(Length least, String leastBecause, Length most, String mostBecause) {

    public boolean allow(Length length) {
        return !length.isShorterThan(least) && !length.isLongerThan(most);
    }
}
