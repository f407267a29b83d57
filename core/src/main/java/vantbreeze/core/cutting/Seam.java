package vantbreeze.core.cutting;

import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Length;

/**
 * Where a piece is joined from two parts, as no sheet is large enough for it whole.
 *
 * @param piece which piece of the card
 * @param upright whether the seam runs up the piece; else across it
 * @param at where the first part ends, from the left edge of the piece, or from its foot
 * @param overlap by how much the second part reaches under the first
 */
public record Seam(PieceId piece, boolean upright, Length at, Length overlap) {

    /** Most of one card. */
    public static final int MOST = 60;

    /** @throws IllegalArgumentException in words for the maker when the parts don't overlap within the piece */
    public Seam {
        if (!overlap.isPositive() || !at.isLongerThan(overlap)) {
            throw new IllegalArgumentException(
                    "A seam lies within its piece, and its parts overlap. Put it farther from the edge.");
        }
    }

    /** Where the second part begins. */
    public Length begins() {
        return at.minus(overlap);
    }
}
