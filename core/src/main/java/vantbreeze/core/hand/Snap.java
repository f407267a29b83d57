package vantbreeze.core.hand;

import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Board;

/** What a line that is let go of snaps to. */
public enum Snap {
    /** The grooves of the scoring board. */
    GROOVES,
    /** The marks of the ruler. */
    MARKS,
    /** Nothing a maker would notice: half a millimetre, or a sixty-fourth of an inch. */
    FREE,
    /** Nothing at all: a place that was typed. */
    EXACT;

    /** The place that a line near {@code place} goes to. */
    Length of(Length place, Ruler ruler, Board board) {
        return switch (this) {
            case GROOVES -> nearest(place, board.groove());
            case MARKS -> ruler.nearest(place).length();
            case EXACT -> place;
            case FREE -> nearest(place, ruler.isInches() ? Length.ofInches(0, 1, 64) : Length.ofMicrometres(500));
        };
    }

    private static Length nearest(Length place, Length step) {
        return step.times(Math.floorDiv(place.units() + step.units() / 2, step.units()));
    }
}
