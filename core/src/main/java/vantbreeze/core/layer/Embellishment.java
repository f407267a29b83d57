package vantbreeze.core.layer;

import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Something bought or made that is set on the uppermost layer, in its middle: a button, a bow, a die cut.
 *
 * @param name what the maker calls it
 * @param size how wide and high
 * @param height how far it stands up
 */
public record Embellishment(String name, Size size, Length height) {

    private static final int LONGEST_NAME = 80;

    /** @throws IllegalArgumentException in words for the maker, when it has no name, no size or no height */
    public Embellishment {
        name = name == null ? "" : name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    "Say what it is, in up to %d characters, like \"paper bow\".".formatted(LONGEST_NAME));
        }
        if (!(size.width().isPositive() && size.height().isPositive() && height.isPositive())) {
            throw new IllegalArgumentException("Say how wide and high it is, and how far it stands up.");
        }
    }
}
