package vantbreeze.core.fold;

import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.length.Length;

/**
 * A part of a piece that stays flat: what creases, slits and edges enclose. It may have holes: windows, and doors
 * hinged inside it, which are panels of their own.
 *
 * @param index its place among the piece's panels, from the left, then from the foot
 * @param name what the maker calls it
 * @param corners its corners in turn, counter-clockwise, exact
 * @param holes the corners of each of its holes in turn, clockwise, exact: the paper lies on the left of every ring
 * @param shape the same in millimetres
 */
public record Panel(int index, String name, List<Spot> corners, List<List<Spot>> holes, Polygon shape) {

    public Panel {
        corners = List.copyOf(corners);
        holes = holes.stream().map(List::copyOf).toList();
    }

    /** All lines that bound it: the outer corners, then those of each hole. */
    public List<List<Spot>> rings() {
        return holes.isEmpty()
                ? List.of(corners)
                : Stream.concat(Stream.of(corners), holes.stream()).toList();
    }

    /** Where it begins on the sheet, from the left edge. */
    public Length left() {
        return Extent.of(corners).left();
    }

    /** Where it ends on the sheet, from the left edge. */
    public Length right() {
        return Extent.of(corners).right();
    }

    /** How wide it is on the sheet. */
    public Length width() {
        return right().minus(left());
    }

    /** Square millimetres. */
    public double area() {
        return shape.getArea();
    }
}
