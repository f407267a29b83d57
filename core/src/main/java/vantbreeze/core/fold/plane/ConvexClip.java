package vantbreeze.core.fold.plane;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/** Clipping against convex polygons (Sutherland and Hodgman 1974; Cyrus and Beck 1978 for segments). */
final class ConvexClip {

    private ConvexClip() {}

    /** The polygon that two convex ones have in common; empty when there is none. */
    static Polygon common(Polygon subject, Polygon clip) {
        List<Coordinate> left = new ArrayList<>(List.of(counterClockwise(subject)));
        Coordinate[] window = counterClockwise(clip);
        for (int i = 0; i < window.length && left.size() >= 3; i++) {
            left = keepLeft(left, window[i], window[(i + 1) % window.length]);
        }
        if (left.size() < 3) {
            return subject.getFactory().createPolygon();
        }
        left.add(left.get(0).copy());
        return subject.getFactory().createPolygon(left.toArray(new Coordinate[0]));
    }

    /** How much of a segment lies inside {@code polygon}, farther than {@code margin} from its edges. */
    static double lengthInside(Coordinate from, Coordinate to, Polygon polygon, double margin) {
        Coordinate[] ring = counterClockwise(polygon);
        double enter = 0;
        double leave = 1;
        for (int i = 0; i < ring.length; i++) {
            Coordinate a = ring[i];
            Coordinate b = ring[(i + 1) % ring.length];
            double edge = a.distance(b);
            double atFrom = side(a, b, from) / edge - margin;
            double atTo = side(a, b, to) / edge - margin;
            if (atFrom < 0 && atTo < 0) {
                return 0;
            }
            double cross = atFrom / (atFrom - atTo);
            if (atFrom < 0) {
                enter = Math.max(enter, cross);
            } else if (atTo < 0) {
                leave = Math.min(leave, cross);
            }
        }
        return Math.max(0, leave - enter) * from.distance(to);
    }

    private static List<Coordinate> keepLeft(List<Coordinate> ring, Coordinate a, Coordinate b) {
        List<Coordinate> kept = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            Coordinate p = ring.get(i);
            Coordinate q = ring.get((i + 1) % ring.size());
            double atP = side(a, b, p);
            double atQ = side(a, b, q);
            if (atP >= 0) {
                kept.add(p);
            }
            if ((atP > 0 && atQ < 0) || (atP < 0 && atQ > 0)) {
                double part = atP / (atP - atQ);
                kept.add(new Coordinate(p.x + part * (q.x - p.x), p.y + part * (q.y - p.y)));
            }
        }
        return kept;
    }

    /** Twice the area of the triangle a, b, p: positive when p lies on the left of a to b. */
    private static double side(Coordinate a, Coordinate b, Coordinate p) {
        return (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
    }

    private static Coordinate[] counterClockwise(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        Coordinate[] open = new Coordinate[ring.length - 1];
        boolean forwards = Orientation.isCCW(ring);
        for (int i = 0; i < open.length; i++) {
            open[i] = ring[forwards ? i : ring.length - 1 - i];
        }
        return open;
    }
}
