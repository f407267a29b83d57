package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import vantbreeze.core.fold.plane.Chord;
import vantbreeze.core.length.Precision;

/**
 * A panel parted where a slit meets a fold in an inner corner: a maker cuts the layer straight on along the slit's
 * line, as for the square that a corner flip turns over. Outlines that only bend in are left whole.
 */
final class SlitCuts {

    private static final double NEAR = Precision.SAME_PLACE;

    private SlitCuts() {}

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
        cuts.add(shape.getBoundary());
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(OverlayNGRobust.union(cuts));
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
        return folds.stream()
                .anyMatch(
                        fold -> Distance.pointToSegment(middle, fold.getCoordinateN(0), fold.getCoordinateN(1)) < NEAR);
    }

    /** The line from {@code from} through {@code to}, onwards from there as far as it stays inside. */
    private static LineString onwards(Polygon shape, Coordinate from, Coordinate to) {
        Envelope box = shape.getEnvelopeInternal();
        double reach = (box.getWidth() + box.getHeight()) / from.distance(to);
        Coordinate end = new Coordinate(to.x + (to.x - from.x) * reach, to.y + (to.y - from.y) * reach);
        return Chord.of(to, end, shape, NEAR).stream()
                // from the very corner, but for what is rounded
                .filter(passage -> passage.begins() * to.distance(end) < NEAR)
                .findFirst()
                // a hair beyond the edge: where it ended just short of it nothing would be parted
                .map(passage -> new LineSegment(to, end).pointAlong(passage.ends() + NEAR / to.distance(end)))
                .map(beyond -> shape.getFactory().createLineString(new Coordinate[] {to, beyond}))
                .orElseGet(shape.getFactory()::createLineString);
    }
}
