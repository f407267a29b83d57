package vantbreeze.core.paper;

import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * Width by height of something flat, as it stands.
 *
 * @param width across
 * @param height up
 */
public record Size(Length width, Length height) {

    /** A size in whole millimetres. */
    public static Size ofMillimetres(long width, long height) {
        return new Size(Length.ofMillimetres(width), Length.ofMillimetres(height));
    }

    /** The same thing turned by a quarter. */
    public Size turned() {
        return new Size(/* width= */ height, /* height= */ width);
    }

    /** Turned, if need be, so that it is at least as wide as high. */
    public Size landscape() {
        return width.isShorterThan(height) ? turned() : this;
    }

    public Length longSide() {
        return width.max(height);
    }

    public Length shortSide() {
        return width.min(height);
    }

    /** As it is read off a ruler: "5½ in × 4¼ in". */
    public String inWords(Ruler ruler) {
        return Figure.of(width, ruler).inWords() + " × "
                + Figure.of(height, ruler).inWords();
    }

    /** Whether this lies within {@code other} without being turned; equal counts as within. */
    public boolean isWithin(Size other) {
        return !width.isLongerThan(other.width) && !height.isLongerThan(other.height);
    }
}
