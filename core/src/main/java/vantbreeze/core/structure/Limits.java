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
        return length.isLongerThan(most) ? most(ruler) : least(ruler);
    }

    /** The smallest mark that is allowed; where none is, the smallest length. */
    public Length least(Ruler ruler) {
        Length mark = ruler.above(least).length();
        return allow(mark) ? mark : least;
    }

    /** The largest mark that is allowed; where none is, the largest length. */
    public Length most(Ruler ruler) {
        Length mark = ruler.below(most).length();
        return allow(mark) ? mark : most;
    }
}
