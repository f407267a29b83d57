package vantbreeze.core.fold;

import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.length.Length;

/**
 * An exact place on a piece.
 *
 * @param x from the left edge, to the right
 * @param y from the foot, upwards
 */
public record Spot(Length x, Length y) {

    /** The place at {@code x}, {@code y} millimetres, brought to the nearest unit. */
    public static Spot nearest(double x, double y) {
        return new Spot(Length.nearest(x), Length.nearest(y));
    }

    /** The same place as a JTS coordinate in millimetres. */
    public Coordinate millimetres() {
        return new Coordinate(x.millimetres(), y.millimetres());
    }

    /** The same place on the grid of units, exact; noding is done there. */
    Coordinate units() {
        return new Coordinate(x.units(), y.units());
    }

    static Spot ofUnits(Coordinate grid) {
        return new Spot(Length.ofUnits(Math.round(grid.x)), Length.ofUnits(Math.round(grid.y)));
    }
}
