package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * A panel parted where a slit meets a fold in an inner corner: a maker cuts the layer straight on along the slit's line,
 * as for the square that a corner flip turns over. Outlines that only bend in are left whole.
 */
final class SlitCuts {

    private static final double NEAR = 1e-6;

    private SlitCuts() { }

    /** The parts of {@code shape}; {@code folds} are the creases along its edges. */
    static List<Polygon> of(Polygon shape, List<LineString> folds) {
        Coordinate[] ring = shape.getExteriorRing().getCoordinates();
        if (!Orientation.isCCW(ring)) {
            ring = shape.getExteriorRing().reverse().getCoordinates();
        }
        int corners = ring.length - 1;
        List<Geometry> cuts = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            Coordinate before = ring[(i + corners - 1) % corners];
            Coordinate here = ring[i];
            Coordinate after = ring[(i + 1) % corners];
            if (Orientation.index(before, here, after) != Orientation.CLOCKWISE) {
                continue;
            }
            boolean foldBefore = isFold(before, here, folds);
            boolean foldAfter = isFold(here, after, folds);
            if (foldBefore != foldAfter) {
                cuts.add(onwards(shape, foldBefore ? after : before, here));
            }
        }
        if (cuts.isEmpty()) {
            return List.of(shape);
        }
        Geometry lines = shape.getBoundary();
        for (Geometry cut : cuts) {
            lines = lines.union(cut);
        }
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(lines);
        List<Polygon> parts = new ArrayList<>();
        for (Object part : polygonizer.getPolygons()) {
            if (shape.covers(((Polygon) part).getInteriorPoint())) {
                parts.add((Polygon) ((Polygon) part).norm());
            }
        }
        return parts;
    }

    private static boolean isFold(Coordinate from, Coordinate to, List<LineString> folds) {
        Coordinate middle = new Coordinate((from.x + to.x) / 2, (from.y + to.y) / 2);
        return folds.stream().anyMatch(fold -> fold.distance(fold.getFactory().createPoint(middle)) < NEAR);
    }

    /** The line from {@code from} through {@code to}, onwards from there as far as it stays inside. */
    private static Geometry onwards(Polygon shape, Coordinate from, Coordinate to) {
        Envelope box = shape.getEnvelopeInternal();
        double reach = (box.getWidth() + box.getHeight()) / from.distance(to);
        LineString line = shape.getFactory().createLineString(new Coordinate[] {to,
                new Coordinate(to.x + (to.x - from.x) * reach, to.y + (to.y - from.y) * reach)});
        Geometry inside = line.intersection(shape);
        for (int i = 0; i < inside.getNumGeometries(); i++) {
            Geometry part = inside.getGeometryN(i);
            if (part.distance(shape.getFactory().createPoint(to)) < NEAR && part.getLength() > NEAR) {
                return part;
            }
        }
        return shape.getFactory().createLineString();
    }
}
