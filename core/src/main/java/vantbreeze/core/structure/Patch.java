package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/** Upright rectangles on a sheet, as outlines of pieces and of glue. */
final class Patch {

    private Patch() {}

    /** The corners of a rectangle whose lower left corner is at {@code x}, {@code y}. */
    static List<Spot> of(Length x, Length y, Length width, Length height) {
        return List.of(
                new Spot(x, y),
                new Spot(x.plus(width), y),
                new Spot(x.plus(width), y.plus(height)),
                new Spot(x, y.plus(height)));
    }

    /** The corners of a sheet of this size. */
    static List<Spot> sheet(Length width, Length height) {
        return of(Length.ZERO, Length.ZERO, width, height);
    }
}
