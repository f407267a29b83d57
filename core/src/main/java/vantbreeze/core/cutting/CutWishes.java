package vantbreeze.core.cutting;

import vantbreeze.core.length.Length;

/**
 * What a maker wants of a plan of cuts, where there is a choice.
 *
 * @param offcutsFirst whether what is left over from other sheets is used before a sheet is
 * @param grain of what cracks across its grain
 * @param squared how much is trimmed off every edge of a whole sheet before anything is measured from it; nil for
 *     nothing
 */
public record CutWishes(boolean offcutsFirst, Grain grain, Length squared) {

    /** Widest edge that is trimmed off, mm. */
    private static final long MOST_SQUARED = 20;

    /** How strictly folds run along the grain of heavy card. */
    public enum Grain {
        /** They do, whatever it costs. */
        RULE,
        /** They do where that takes no more paper. */
        WISH,
        /** It does not matter. */
        NONE
    }

    /** Offcuts first, the grain where it costs nothing, sheets as they are. */
    public static final CutWishes USUAL = new CutWishes(true, Grain.WISH, Length.ZERO);

    /** @throws IllegalArgumentException in words for the maker when less than nothing is trimmed, or a strip */
    public CutWishes {
        if (squared.isNegative() || squared.millimetres() > MOST_SQUARED) {
            throw new IllegalArgumentException(
                    "Between nothing and 20 mm is trimmed off an edge. Type how much squares your sheets.");
        }
    }

    /** The same with the grain so. */
    public CutWishes withGrain(Grain other) {
        return new CutWishes(offcutsFirst, other, squared);
    }
}
