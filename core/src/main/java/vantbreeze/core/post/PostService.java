package vantbreeze.core.post;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;

/**
 * One way of sending something, as a postal service publishes it.
 *
 * @param id how plans name it
 * @param name what the counter calls it
 * @param limits what it takes
 * @param surcharges what is due beside the price
 * @param price what it costs; null where nobody typed it
 * @param source where the limits are from, and as of when
 */
public record PostService(
        String id, String name, PostLimits limits, Surcharges surcharges, @Nullable BigDecimal price, String source) {

    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_SOURCE = 200;
    private static final BigDecimal DEAREST = BigDecimal.valueOf(100_000);

    /** @throws ValidationException where it has no name, or what is no price */
    public PostService {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new ValidationException("name", "A service needs a name of at most 80 characters. Type one.");
        }
        source = source.strip();
        if (source.length() > LONGEST_SOURCE) {
            throw new ValidationException("source", "Where it is from is told in at most 200 characters. Shorten it.");
        }
        requirePrice(price);
    }

    /** One of limits only, with no price. */
    public static PostService of(String id, String name, PostLimits limits, String source) {
        return new PostService(id, name, limits, Surcharges.NONE, null, source);
    }

    /** The same with what is due besides. */
    PostService with(Surcharges due) {
        return new PostService(id, name, limits, due, price, source);
    }

    static void requirePrice(@Nullable BigDecimal money) {
        if (money != null && (money.signum() < 0 || money.compareTo(DEAREST) > 0)) {
            throw new ValidationException("price", "A price is between 0 and 100000. Type it again.");
        }
    }

    /** What stands in the way of sending something by it; nothing where it takes it. */
    public List<Obstacle> against(PostItem item) {
        return limits.against(item);
    }

    /** Whether something is square, or nearer to it than machines read. */
    public boolean isOddlyShaped(PostItem item) {
        return surcharges.isOddlyShaped(item);
    }

    /** Why it is dearer than usual for something, in words; nothing where it is not. */
    public Optional<String> dearer(PostItem item) {
        boolean odd = surcharges.square() != null && isOddlyShaped(item);
        boolean stiff = surcharges.stiff() != null && (item.stiff() || item.uneven());
        return odd || stiff
                ? Optional.of("dearer, for it is %s"
                        .formatted(
                                odd && stiff
                                        ? "of an odd shape and stiff or uneven"
                                        : odd ? "of an odd shape" : "stiff or uneven"))
                : Optional.empty();
    }

    /** What it costs with what is due besides; nothing where nobody typed a price. */
    public Optional<BigDecimal> cost(PostItem item) {
        return Optional.ofNullable(price).map(usual -> usual.add(surcharges.on(item)));
    }
}
