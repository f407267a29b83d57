package vantbreeze.core.cutting;

import vantbreeze.core.length.Length;

/**
 * Where a maker wants a blank to lie.
 *
 * @param use which of the blanks: what it becomes; of one that runs across several panels, its first part
 * @param sheetId on which kind of sheet
 * @param nth on the how-manieth of these that have anything pinned, from 1
 * @param x its lower left corner, from the left edge of the sheet, squared if that is wished
 * @param y the same from the foot
 * @param turned whether it lies turned by a quarter
 */
public record CutPin(Blank.Use use, String sheetId, int nth, Length x, Length y, boolean turned) {

    /** Most sheets of a kind on which anything is pinned. */
    public static final int MOST_SHEETS = 999;

    /** @throws IllegalArgumentException in words for the maker when it lies nowhere */
    public CutPin {
        if (nth < 1 || nth > MOST_SHEETS || x.isNegative() || y.isNegative()) {
            throw new IllegalArgumentException("It lies beyond the sheet. Put it where it is all paper.");
        }
    }

    /** By which uses are told apart: that of the first part of what runs across several panels. */
    public static Blank.Use key(Blank.Use use) {
        return use instanceof Blank.OfRun run ? run.parts().get(0) : use;
    }
}
