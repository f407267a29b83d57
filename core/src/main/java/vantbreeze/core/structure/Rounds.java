package vantbreeze.core.structure;

import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/** Round outlines. */
final class Rounds {

    /**
     * Corners of a circle, a multiple of four so that its top, bottom and sides are corners; 48 stray 0.09 mm at 40 mm
     * radius.
     */
    private static final int CORNERS = 48;

    private Rounds() {}

    /** A circle's corners, anticlockwise from the lowest. */
    static List<Spot> circle(Spot centre, Length radius) {
        double r = radius.millimetres();
        return IntStream.range(0, CORNERS)
                .mapToDouble(i -> 2 * Math.PI * i / CORNERS - Math.PI / 2)
                .mapToObj(angle -> new Spot(
                        centre.x().plus(Length.nearest(r * Math.cos(angle))),
                        centre.y().plus(Length.nearest(r * Math.sin(angle)))))
                .toList();
    }
}
