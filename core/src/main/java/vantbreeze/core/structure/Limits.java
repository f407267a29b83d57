package vantbreeze.core.structure;

import java.util.Optional;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

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

    /** Why a length is not allowed; empty when it is. */
    public Optional<String> against(Length length) {
        if (length.isLongerThan(most)) {
            return Optional.of(mostBecause);
        }
        return length.isShorterThan(least) ? Optional.of(leastBecause) : Optional.empty();
    }

    /**
     * {@code length} if it is allowed; otherwise the mark of {@code ruler} next to the limit it is beyond, or where
     * none is allowed the limit.
     */
    public Length nearest(Length length, Ruler ruler) {
        if (allow(length)) {
            return length;
        }
        Length limit = length.isLongerThan(most) ? most : least;
        Length mark = length.isLongerThan(most)
                ? ruler.below(most).length()
                : ruler.above(least).length();
        return allow(mark) ? mark : limit;
    }
}
