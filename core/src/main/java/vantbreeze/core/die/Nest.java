package vantbreeze.core.die;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Dies of one shape in several sizes, or a single die or punch.
 *
 * @param id how it is told from others
 * @param name what the maker calls it
 * @param punch whether it is punched, not rolled through a machine
 * @param shape what all of them cut out
 * @param sizes what they measure, the largest first; an edge's length by its depth
 */
public record Nest(String id, String name, boolean punch, DieShape shape, List<Size> sizes) {

    /** Most sizes in one nest. */
    public static final int MOST = 40;

    private static final int LONGEST_NAME = 60;
    private static final Length LEAST_SIZE = Length.ofMillimetres(2);
    private static final Length MOST_SIZE = Length.ofMillimetres(600);

    /**
     * @throws IllegalArgumentException in words for the maker, when there is no name or no size, or one is senseless
     */
    public Nest {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "It needs a name of up to %d characters, like Round nest.", LONGEST_NAME));
        }
        sizes = sizes.stream()
                .distinct()
                .sorted(Comparator.<Size, Length>comparing(size -> size.longSide())
                        .thenComparing(Size::shortSide)
                        .reversed())
                .toList();
        if (sizes.isEmpty() || sizes.size() > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "Type its sizes, up to %d of them, like 1, 1 1/2, 2 in.", MOST));
        }
        for (Size size : sizes) {
            if (size.shortSide().isShorterThan(LEAST_SIZE) || size.longSide().isLongerThan(MOST_SIZE)) {
                throw new IllegalArgumentException(
                        "Dies and punches cut out between 2 and 600 mm (1/16 in to 2 ft). Check that size.");
            }
            if (shape.isEven() && !size.width().equals(size.height())) {
                throw new IllegalArgumentException("%s are as wide as high. Type one figure for each, or choose %s."
                        .formatted(
                                shape == DieShape.CIRCLE ? "Circles" : "Squares",
                                shape == DieShape.CIRCLE ? "ovals" : "rectangles"));
            }
        }
    }

    /** Each of them. */
    public List<Die> dies() {
        return sizes.stream().map(size -> new Die(this, size)).toList();
    }
}
