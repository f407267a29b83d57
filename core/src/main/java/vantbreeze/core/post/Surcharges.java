package vantbreeze.core.post;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;

/**
 * What is due beside the price.
 *
 * @param ratio of the longer side to the shorter one within which machines read it; what is beyond counts as square.
 *     Null where nobody minds
 * @param square what is due for something square, or too near it, or too long; null where nothing is
 * @param stiff what is due for something stiff or uneven; null where nothing is
 */
public record Surcharges(@Nullable Span ratio, @Nullable BigDecimal square, @Nullable BigDecimal stiff) {

    /** Nothing is due, and nobody minds the shape. */
    public static final Surcharges NONE = new Surcharges(null, null, null);

    /** @throws ValidationException where they contradict themselves, in words */
    public Surcharges {
        if (ratio != null) {
            ratio.require("ratio", "ratio of the sides", "times");
        }
        PostService.requirePrice(square);
        PostService.requirePrice(stiff);
    }

    /** Whether something is square, or nearer to it than machines read. */
    boolean isOddlyShaped(PostItem item) {
        return ratio != null && !ratio.takes(item.length() / item.width());
    }

    /** What is due for something. */
    BigDecimal on(PostItem item) {
        BigDecimal due = square != null && isOddlyShaped(item) ? square : BigDecimal.ZERO;
        return stiff != null && (item.stiff() || item.uneven()) ? due.add(stiff) : due;
    }
}
