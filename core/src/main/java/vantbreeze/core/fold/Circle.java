package vantbreeze.core.fold;

import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.length.Length;

/** A round outline, of straight edges so short that no knife tells them from a circle. */
public final class Circle {

    /**
     * Corners of a circle, a multiple of four so that its top, bottom and sides are corners; 48 stray 0.09 mm at 40 mm
     * radius.
     */
    private static final int CORNERS = 48;

    private Circle() {}

    /** Its corners, anticlockwise from the lowest. */
    public static List<Spot> corners(Spot centre, Length radius) {
        double r = radius.millimetres();
        return IntStream.range(0, CORNERS)
                .mapToDouble(i -> 2 * Math.PI * i / CORNERS - Math.PI / 2)
                .mapToObj(angle -> new Spot(
                        centre.x().plus(Length.nearest(r * Math.cos(angle))),
                        centre.y().plus(Length.nearest(r * Math.sin(angle)))))
                .toList();
    }

    /** Whether these corners are, exactly, those of a circle round this spot. */
    public static boolean isOne(List<Spot> corners, Spot centre) {
        return corners.size() == CORNERS
                && corners.equals(
                        corners(centre, centre.y().minus(corners.get(0).y())));
    }
}
