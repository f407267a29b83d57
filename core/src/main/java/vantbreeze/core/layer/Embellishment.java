package vantbreeze.core.layer;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Something bought or made that is set on the uppermost layer, in its middle: a button, a bow, a die cut.
 *
 * @param name what the maker calls it
 * @param size how wide and high
 * @param height how far it stands up
 * @param grams what it weighs on the scales; null when nobody weighed it
 */
public record Embellishment(String name, Size size, Length height, @Nullable Double grams) {

    private static final int LONGEST_NAME = 80;
    /** Grams of a cubic centimetre of the box round a bow, a button or a die cut; from memory. */
    private static final double USUAL_DENSITY = 0.2;
    /** Heavier than this is a slip of the pen. */
    private static final double HEAVIEST = 1_000;

    /** One that nobody weighed. */
    public Embellishment(String name, Size size, Length height) {
        this(name, size, height, null);
    }

    /** @throws IllegalArgumentException in words for the maker, when it has no name, no size or no height */
    public Embellishment {
        name = name == null ? "" : name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "Say what it is, in up to %d characters, like \"paper bow\".", LONGEST_NAME));
        }
        if (!(size.width().isPositive() && size.height().isPositive() && height.isPositive())) {
            throw new IllegalArgumentException("Say how wide and high it is, and how far it stands up.");
        }
        if (grams != null && !(grams >= 0 && grams <= HEAVIEST)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "Type what it weighs in grams, from 0 to %.0f, or leave it empty.", HEAVIEST));
        }
    }

    /** What it weighs, grams; where nobody weighed it, as much as things of its size do. */
    public double weight() {
        return grams != null
                ? grams
                : USUAL_DENSITY
                        * size.width().millimetres()
                        * size.height().millimetres()
                        * height.millimetres()
                        / 1000;
    }
}
