package vantbreeze.core.fold;

import java.util.List;

/**
 * Something about a piece that no folding can put right.
 *
 * @param kind what it is
 * @param text the same in words, with what to do
 * @param where the spots it concerns
 */
public record Fault(Kind kind, String text, List<Spot> where) {

    /** What can be wrong. */
    public enum Kind {
        /** Fewer than three corners, or no area. */
        NO_OUTLINE,
        /** The outline crosses or touches itself. */
        OUTLINE_CROSSES_ITSELF,
        /** More lines than any card has. */
        TOO_MANY_LINES,
        /** A crease or slit with both ends at one spot. */
        NO_LENGTH,
        /** A crease or slit that leaves the piece. */
        OUTSIDE,
        /** Two creases on one line that fold different ways. */
        CONTRADICTORY_FOLDS,
        /** A crease that ends inside a panel. */
        LOOSE_CREASE,
        /** A slit that ends inside a panel and not on a score. */
        LOOSE_SLIT,
        /** A panel that hangs on nothing. */
        CUT_FREE
    }

    public Fault {
        where = List.copyOf(where);
    }
}
