package vantbreeze.core.fold;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.length.Length;

/**
 * A part of a piece that stays flat: what creases, slits and edges enclose.
 *
 * @param index its place among the piece's panels, from the left, then from the foot
 * @param name what the maker calls it
 * @param corners its corners in turn, counter-clockwise, exact
 * @param shape the same in millimetres
 */
public record Panel(int index, String name, List<Spot> corners, Polygon shape) {

    public Panel {
        corners = List.copyOf(corners);
    }

    /** Where it begins on the sheet, from the left edge. */
    public Length left() {
        return corners.stream().map(Spot::x).reduce(Length::min).orElseThrow();
    }

    /** Where it ends on the sheet, from the left edge. */
    public Length right() {
        return corners.stream().map(Spot::x).reduce(Length::max).orElseThrow();
    }

    /** How wide it is on the sheet. */
    public Length width() {
        return right().minus(left());
    }

    /** Square millimetres. */
    public double area() {
        return shape.getArea();
    }

    Coordinate[] coordinates() {
        return shape.getExteriorRing().getCoordinates();
    }
}
