package vantbreeze.core.fold.bulk;

import java.util.List;
import org.locationtech.jts.geom.Polygon;

/**
 * A part of the closed card that is equally thick all over.
 *
 * @param shape where, on the table, millimetres
 * @param panels the panels that lie there, by index, from below where their order is known
 * @param heights how thick each of them is there with all that lies on it, millimetres
 */
public record BulkCell(Polygon shape, List<Integer> panels, List<Double> heights) {

    public BulkCell {
        panels = List.copyOf(panels);
        heights = List.copyOf(heights);
    }

    /** Of all that lies there, millimetres. */
    public double thickness() {
        return heights.stream().mapToDouble(Double::doubleValue).sum();
    }
}
