package vantbreeze.core.fold;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Pieces glued together. Copies of one piece stand in the list as often as they are used.
 *
 * @param pieces what is cut
 * @param joins what is glued
 * @param overs what is laid over what by hand
 * @param eighthTurns how far the first piece is turned anticlockwise from how it lies on the board to how the card is
 *     held, eighths of a whole turn: one for a square that is held on its corner
 * @param base the panel of the first piece that everything else moves from, or null for its largest
 */
public record Assembly(List<Piece> pieces, List<Join> joins, List<Over> overs, int eighthTurns, @Nullable String base) {

    /** Eighths of a whole turn. */
    private static final int WHOLE = 8;

    public Assembly {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
        overs = List.copyOf(overs);
    }

    /** Pieces that lie on the board the way the card is held. */
    public Assembly(List<Piece> pieces, List<Join> joins) {
        this(pieces, joins, List.of(), 0, null);
    }

    /** The same, held with its first piece turned anticlockwise by so many quarters. */
    public Assembly turned(int quarters) {
        return turnedEighths(2 * quarters);
    }

    /** The same, held with its first piece turned anticlockwise by so many eighths. */
    public Assembly turnedEighths(int eighths) {
        return new Assembly(pieces, joins, overs, Math.floorMod(eighths, WHOLE), base);
    }

    /** The same, with these laid over others by hand. */
    public Assembly laid(Over... over) {
        return new Assembly(pieces, joins, List.of(over), eighthTurns, base);
    }

    /** The same, everything moving from this panel of the first piece. */
    public Assembly movingFrom(String panel) {
        return new Assembly(pieces, joins, overs, eighthTurns, panel);
    }

    /** One piece, nothing glued to another. */
    public static Assembly of(Piece piece, Join... joins) {
        return new Assembly(List.of(piece), List.of(joins));
    }
}
