package vantbreeze.core.fold.bulk;

import java.util.List;
import org.locationtech.jts.geom.Polygon;

/**
 * A part of the closed card that is equally thick all over.
 *
 * @param shape where, on the table, millimetres
 * @param panels the panels that lie there, by index, from below where their order is known
 * @param thickness of all that lies there, millimetres
 */
public record BulkCell(Polygon shape, List<Integer> panels, double thickness) {

    public BulkCell {
        panels = List.copyOf(panels);
    }
}
