package vantbreeze.core.fold;

import java.util.List;

/**
 * Pieces glued together. Copies of one piece stand in the list as often as they are used.
 *
 * @param pieces what is cut
 * @param joins what is glued
 */
public record Assembly(List<Piece> pieces, List<Join> joins) {

    public Assembly {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
    }

    /** One piece, nothing glued to another. */
    public static Assembly of(Piece piece, Join... joins) {
        return new Assembly(List.of(piece), List.of(joins));
    }
}
