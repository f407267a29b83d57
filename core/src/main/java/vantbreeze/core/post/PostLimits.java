package vantbreeze.core.post;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.post.Obstacle.Limit;

/**
 * What a service takes.
 *
 * @param length of the longer side, mm
 * @param width of the shorter side, mm
 * @param thickness mm
 * @param weight g
 * @param together the most that length, width and thickness may be together, mm; nil for no such limit
 * @param ratio how many times as long as wide it must be; null where that does not matter
 */
public record PostLimits(Span length, Span width, Span thickness, Span weight, double together, @Nullable Span ratio) {

    /** @throws ValidationException where they contradict one another, in words */
    public PostLimits {
        length.require("length", "length", "mm");
        width.require("width", "width", "mm");
        thickness.require("thickness", "thickness", "mm");
        weight.require("weight", "weight", "g");
        if (length.to() < width.from()) {
            throw new ValidationException(
                    "length",
                    "Nothing is at most %s mm long and at least %s mm wide. The longer side is the length."
                            .formatted(Span.plain(length.to()), Span.plain(width.from())));
        }
        if (ratio != null) {
            ratio.require("ratio", "ratio of the sides", "times");
        }
        if (!(together >= 0)) {
            throw new ValidationException(
                    "together", "Length, width and thickness together can't be less than nothing.");
        }
    }

    /** Of whatever shape, with no limit of all together. */
    public static PostLimits of(Span length, Span width, Span thickness, Span weight) {
        return new PostLimits(length, width, thickness, weight, 0, null);
    }

    /** The same for what is so many times as long as wide. */
    PostLimits shaped(Span times) {
        return new PostLimits(length, width, thickness, weight, together, times);
    }

    /** What is taken at the most, as it is read off a ruler: "235 × 125 × 5 mm, 20 g". */
    public String inWords(Ruler ruler) {
        String sizes = Stream.of(length, width, thickness)
                .map(span -> Figure.atMost(span.to(), ruler).inWords())
                .collect(Collectors.joining(" × "));
        String all = "up to %s, %s g".formatted(sizes, Span.plain(Math.floor(weight.to())));
        return together > 0
                ? "%s; %s all round"
                        .formatted(all, Figure.atMost(together, ruler).inWords())
                : all;
    }

    /** What of something is beyond them; nothing where it is within. */
    List<Obstacle> against(PostItem item) {
        List<Obstacle> obstacles = new ArrayList<>();
        add(Limit.LENGTH, length.beyond(item.length()), obstacles);
        add(Limit.WIDTH, width.beyond(item.width()), obstacles);
        add(Limit.THICKNESS, thickness.beyond(item.thickness()), obstacles);
        add(Limit.WEIGHT, weight.beyond(item.grams()), obstacles);
        if (together > 0) {
            double all = item.length() + item.width() + item.thickness();
            add(Limit.TOGETHER, Span.upTo(together).beyond(all), obstacles);
        }
        if (ratio != null) {
            add(Limit.SHAPE, ratio.beyond(item.length() / item.width()), obstacles);
        }
        return obstacles;
    }

    private static void add(Limit limit, double beyond, List<Obstacle> obstacles) {
        if (beyond != 0) {
            obstacles.add(new Obstacle(limit, beyond));
        }
    }
}
