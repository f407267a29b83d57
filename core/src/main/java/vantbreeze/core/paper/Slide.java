package vantbreeze.core.paper;

import vantbreeze.core.length.Length;

/**
 * Where on a piece the print of its paper begins: a maker slides the sheet under the scores so that the pattern leads
 * where the card folds.
 *
 * @param across from the left edge of the piece
 * @param up from its foot
 */
public record Slide(Length across, Length up) {

    /** From the lower left corner on. */
    public static final Slide NONE = new Slide(Length.ZERO, Length.ZERO);
}
