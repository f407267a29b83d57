package vantbreeze.core.fold.plane;

import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.PolygonExtracter;
import vantbreeze.core.length.Precision;

/**
 * What lies on what in the plane, with the precision of the fold model: exact places are multiples of 1/8 µm, so
 * anything under a ten-thousandth of a millimetre is rounding.
 */
public final class Flat {

    /** Nearer than this is the same place, mm. */
    public static final double NEAR = Precision.SAME_PLACE;
    /** Shorter than this is no length, mm. */
    public static final double LEAST_LENGTH = Precision.ON_LINE;
    /** Less than this is no area, mm². */
    public static final double LEAST_AREA = Precision.NO_AREA;

    /** A disc with this radius has more than {@link #LEAST_AREA}, mm. */
    private static final double WELL = 0.05;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Flat() {}

    /** Whether two shapes have some area in common. */
    public static boolean overlap(Geometry a, Geometry b) {
        if (isBox(a) && isBox(b)) {
            return shared(a, b).getArea() > LEAST_AREA;
        }
        return mayOverlap(a, b)
                && ((!areConvex(a, b) && (isWellWithin(a, b) || isWellWithin(b, a)))
                        || !common(a, b).isEmpty());
    }

    /**
     * A place so far inside a convex shape that all round it there is more than {@link #LEAST_AREA} of it; null when
     * its middle is none, or it is not convex.
     */
    public static @Nullable Coordinate depth(Geometry shape) {
        if (!isConvex(shape)) {
            return null;
        }
        Coordinate middle = shape.getCentroid().getCoordinate();
        return liesWellWithin(middle, (Polygon) shape) ? middle : null;
    }

    /**
     * Whether a place lies so far inside a shape: for one that {@link #depth} gave, its shape and this have some area
     * in common. Quickly told of convex shapes; of others never.
     */
    public static boolean reaches(Coordinate depth, Geometry shape) {
        return shape.getEnvelopeInternal().contains(depth) && isConvex(shape) && liesWellWithin(depth, (Polygon) shape);
    }

    private static boolean liesWellWithin(Coordinate at, Polygon convex) {
        Coordinate[] ring = convex.getExteriorRing().getCoordinates();
        double turn = 0;
        for (int i = 0; i + 1 < ring.length; i++) {
            Coordinate a = ring[i];
            Coordinate b = ring[i + 1];
            double side = (b.x - a.x) * (at.y - a.y) - (b.y - a.y) * (at.x - a.x);
            if (turn * side < 0 || Math.abs(side) <= WELL * a.distance(b)) {
                return false;
            }
            turn = side;
        }
        return true;
    }

    private static boolean mayOverlap(Geometry a, Geometry b) {
        Envelope shared = shared(a, b);
        return shared.getWidth() >= NEAR && shared.getHeight() >= NEAR;
    }

    private static Envelope shared(Geometry a, Geometry b) {
        return a.getEnvelopeInternal().intersection(b.getEnvelopeInternal());
    }

    /** Whether a shape is a rectangle that stands square: what most panels are. */
    private static boolean isBox(Geometry shape) {
        if (!(shape instanceof Polygon polygon)
                || polygon.getNumInteriorRing() > 0
                || polygon.getExteriorRing().getNumPoints() != 5) {
            return false;
        }
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        boolean levelFirst = ring[0].y == ring[1].y;
        for (int i = 0; i < 4; i++) {
            boolean level = (i % 2 == 0) == levelFirst;
            if (level ? ring[i].y != ring[i + 1].y : ring[i].x != ring[i + 1].x) {
                return false;
            }
        }
        return true;
    }

    private static boolean areConvex(Geometry a, Geometry b) {
        return isConvex(a) && isConvex(b);
    }

    /**
     * Whether the middle of {@code shape} lies inside both, so far from their edges that they share some area: quickly
     * told, and mostly so.
     */
    private static boolean isWellWithin(Geometry shape, Geometry other) {
        Point middle = shape.getInteriorPoint();
        return !middle.isEmpty()
                && other.getEnvelopeInternal().intersects(middle.getCoordinate())
                && SimplePointInAreaLocator.locate(middle.getCoordinate(), other) == Location.INTERIOR
                && shape.getBoundary().distance(middle) > WELL
                && other.getBoundary().distance(middle) > WELL;
    }

    /** What two shapes have in common; empty when that is no area. */
    public static Geometry common(Geometry a, Geometry b) {
        if (!mayOverlap(a, b)) {
            return FACTORY.createPolygon();
        }
        if (isBox(a) && isBox(b)) {
            Envelope shared = shared(a, b);
            return shared.getArea() > LEAST_AREA ? FACTORY.toGeometry(shared) : FACTORY.createPolygon();
        }
        Geometry common = areConvex(a, b) ? ConvexClip.common((Polygon) a, (Polygon) b) : polygons(a.intersection(b));
        return common.getArea() > LEAST_AREA ? common : FACTORY.createPolygon();
    }

    /** What a geometry has of polygons: shapes that touch have points and lines in common besides. */
    private static Geometry polygons(Geometry geometry) {
        return geometry instanceof Polygon || geometry instanceof MultiPolygon
                ? geometry
                : FACTORY.buildGeometry(PolygonExtracter.getPolygons(geometry));
    }

    /** Whether a segment comes as near to {@code shape} as the box around it. */
    public static boolean mayCross(Coordinate from, Coordinate to, Geometry shape) {
        Envelope box = shape.getEnvelopeInternal();
        return Math.max(from.x, to.x) > box.getMinX() + NEAR
                && Math.min(from.x, to.x) < box.getMaxX() - NEAR
                && Math.max(from.y, to.y) > box.getMinY() + NEAR
                && Math.min(from.y, to.y) < box.getMaxY() - NEAR;
    }

    /** Whether a segment runs through the inside of a shape over some length. */
    public static boolean runsThrough(Coordinate from, Coordinate to, Geometry shape) {
        if (isConvex(shape)) {
            return ConvexClip.lengthInside(from, to, (Polygon) shape, NEAR) > LEAST_LENGTH;
        }
        double inside = Chord.of(from, to, shape, NEAR).stream()
                .mapToDouble(passage -> passage.ends() - passage.begins())
                .sum();
        return inside * from.distance(to) > LEAST_LENGTH;
    }

    /** Whether a shape is one polygon without holes that bends in nowhere. */
    private static boolean isConvex(Geometry shape) {
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
