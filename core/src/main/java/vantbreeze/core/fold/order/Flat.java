package vantbreeze.core.fold.order;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * What lies on what in the plane, with the precision of the fold model: exact places are multiples of 1/8 µm, so
 * anything under a ten-thousandth of a millimetre is rounding.
 */
final class Flat {

    /** Nearer than this is the same place, mm. */
    static final double NEAR = 1e-4;
    /** Shorter than this is no length, mm. */
    static final double LEAST_LENGTH = 1e-3;
    /** Less than this is no area, mm². */
    static final double LEAST_AREA = 1e-3;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Flat() { }

    /** Whether two shapes have some area in common. */
    static boolean overlap(Geometry a, Geometry b) {
        return !common(a, b).isEmpty();
    }

    /** What two shapes have in common; empty when that is no area. */
    static Geometry common(Geometry a, Geometry b) {
        Envelope shared = a.getEnvelopeInternal().intersection(b.getEnvelopeInternal());
        if (shared.getWidth() < NEAR || shared.getHeight() < NEAR) {
            return FACTORY.createPolygon();
        }
        Geometry common = isConvex(a) && isConvex(b)
                ? ConvexClip.common((Polygon) a, (Polygon) b) : a.intersection(b);
        return common.getArea() > LEAST_AREA ? common : FACTORY.createPolygon();
    }

    /** Whether a segment comes as near to {@code shape} as the box around it. */
    static boolean mayCross(Coordinate from, Coordinate to, Geometry shape) {
        Envelope box = shape.getEnvelopeInternal();
        return Math.max(from.x, to.x) > box.getMinX() + NEAR && Math.min(from.x, to.x) < box.getMaxX() - NEAR
                && Math.max(from.y, to.y) > box.getMinY() + NEAR && Math.min(from.y, to.y) < box.getMaxY() - NEAR;
    }

    /** Whether a segment runs over some length through a shape that is convex, or that was made smaller by {@link #NEAR}. */
    static boolean runsThrough(Coordinate from, Coordinate to, Geometry shape, boolean convex) {
        return (convex ? ConvexClip.lengthInside(from, to, (Polygon) shape, NEAR)
                : FACTORY.createLineString(new Coordinate[] {from, to}).intersection(shape).getLength()) > LEAST_LENGTH;
    }

    static boolean isConvex(Geometry shape) {
        if (!(shape instanceof Polygon polygon) || polygon.getNumInteriorRing() > 0) {
            return false;
        }
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        int turn = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            Coordinate a = ring[i];
            Coordinate b = ring[i + 1];
            Coordinate c = ring[(i + 2) % (ring.length - 1)];
            double cross = (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
            if (Math.abs(cross) > 1e-7) {
                int sign = cross > 0 ? 1 : -1;
                if (turn != 0 && sign != turn) {
                    return false;
                }
                turn = sign;
            }
        }
        return true;
    }
}
