package vantbreeze.core.post;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.post.Obstacle.Limit;

/**
 * One way of sending something, as a postal service publishes its limits.
 *
 * @param id how plans name it
 * @param name what the counter calls it
 * @param length of the longer side, mm
 * @param width of the shorter side, mm
 * @param thickness mm
 * @param weight g
 * @param round the most that length, width and thickness may be together, mm; nil for no such limit
 * @param ratio of the longer side to the shorter one within which machines read it; beyond it the square surcharge is
 *     due. Null where nobody minds
 * @param square what is due beside the price for something square or too near it; null where nothing is
 * @param stiff what is due for something stiff or uneven; null where nothing is
 * @param price what it costs; null where nobody typed it
 * @param source where the limits are from, and as of when
 */
public record PostService(
        String id,
        String name,
        Span length,
        Span width,
        Span thickness,
        Span weight,
        double round,
        @Nullable Span ratio,
        @Nullable BigDecimal square,
        @Nullable BigDecimal stiff,
        @Nullable BigDecimal price,
        String source) {

    private static final int LONGEST_NAME = 80;
    private static final BigDecimal DEAREST = BigDecimal.valueOf(100_000);

    /** @throws ValidationException where its limits contradict one another, in words */
    public PostService {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new ValidationException("name", "A service needs a name of at most 80 characters. Type one.");
        }
        length.require("length", "length", "mm");
        width.require("width", "width", "mm");
        thickness.require("thickness", "thickness", "mm");
        weight.require("weight", "weight", "g");
        if (ratio != null) {
            ratio.require("ratio", "ratio of the sides", "times");
        }
        if (length.to() < width.from()) {
            throw new ValidationException(
                    "length",
                    "Nothing is at most %s mm long and at least %s mm wide. The longer side is the length."
                            .formatted(Span.plain(length.to()), Span.plain(width.from())));
        }
        if (!(round >= 0)) {
            throw new ValidationException("round", "Length, width and thickness together can't be less than nothing.");
        }
        for (BigDecimal money : Arrays.asList(square, stiff, price)) {
            if (money != null && (money.signum() < 0 || money.compareTo(DEAREST) > 0)) {
                throw new ValidationException("price", "A price is between 0 and 100000. Type it again.");
            }
        }
    }

    /** What stands in the way of sending something by it; nothing where it takes it. */
    public List<Obstacle> against(PostItem item) {
        List<Obstacle> obstacles = new ArrayList<>();
        add(Limit.LENGTH, length.beyond(item.length()), obstacles);
        add(Limit.WIDTH, width.beyond(item.width()), obstacles);
        add(Limit.THICKNESS, thickness.beyond(item.thickness()), obstacles);
        add(Limit.WEIGHT, weight.beyond(item.grams()), obstacles);
        if (round > 0) {
            double together = item.length() + item.width() + item.thickness();
            add(Limit.TOGETHER, Span.upTo(round).beyond(together), obstacles);
        }
        return obstacles;
    }

    private static void add(Limit limit, double beyond, List<Obstacle> obstacles) {
        if (beyond != 0) {
            obstacles.add(new Obstacle(limit, beyond));
        }
    }

    /** Whether something is square, or nearer to it than machines read. */
    public boolean isOddlyShaped(PostItem item) {
        return ratio != null && !ratio.takes(item.length() / item.width());
    }

    /** What it costs with what is due besides; nothing where nobody typed a price. */
    public Optional<BigDecimal> cost(PostItem item) {
        return Optional.ofNullable(price).map(usual -> {
            BigDecimal due = usual;
            due = square != null && isOddlyShaped(item) ? due.add(square) : due;
            return stiff != null && (item.stiff() || item.uneven()) ? due.add(stiff) : due;
        });
    }
}
