package vantbreeze.app.api;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Panel;

/**
 * A flat shape, for drawing.
 *
 * @param corners of its outline in turn, the last joined to the first
 * @param holes the corners of each hole likewise
 */
public record ShapeView(List<PointView> corners, List<List<PointView>> holes) {

    static ShapeView of(Polygon shape) {
        return of(shape, 0, 0);
    }

    /** The same with this place as its nil. */
    static ShapeView of(Polygon shape, double left, double bottom) {
        return new ShapeView(
                ring(shape.getExteriorRing(), left, bottom),
                IntStream.range(0, shape.getNumInteriorRing())
                        .mapToObj(i -> ring(shape.getInteriorRingN(i), left, bottom))
                        .toList());
    }

    static ShapeView of(Panel panel) {
        return new ShapeView(
                panel.corners().stream().map(PointView::of).toList(),
                panel.holes().stream()
                        .map(hole -> hole.stream().map(PointView::of).toList())
                        .toList());
    }

    private static List<PointView> ring(LineString ring, double left, double bottom) {
        return Arrays.stream(ring.getCoordinates())
                .limit(ring.getNumPoints() - 1L)
                .map(corner -> new PointView(corner.x - left, corner.y - bottom))
                .toList();
    }
}
