package vantbreeze.core.fit;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.cutting.CardYield;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;

/**
 * A size to start from.
 *
 * @param finished the closed card
 * @param measures what gives it
 * @param pieces how many pieces are to be cut
 * @param yield what comes out of the sheet in hand, of the piece of which the fewest do
 * @param cards how many whole cards come out of the sheet
 * @param onGrooves whether every score has a groove on the board in hand
 * @param fit how it sits in its envelope
 * @param bound what keeps it from being larger
 */
public record Proposal(
        Size finished,
        Measures measures,
        int pieces,
        SheetYield yield,
        CardYield cards,
        boolean onGrooves,
        @Nullable EnvelopeFit fit,
        Bound bound) {

    /** What sets a size. */
    public enum Bound {
        /** The envelope takes no more. */
        ENVELOPE,
        /** The sheet gives no more. */
        SHEET,
        /** A larger one would have scores between the grooves of the board. */
        GROOVES,
        /** The maker said so. */
        MAKER
    }
}
