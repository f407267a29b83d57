package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * How far one outline is slid towards another until they touch. Between two heights at which either has a corner all
 * edges are straight and none cross, so the gap there is least at one of the two: what is found is exact. Holes are not
 * slid into.
 */
final class Sliding {

    /** Heights nearer than this are one, mm. */
    private static final double LEVEL = 1e-7;

    private Sliding() {}

    /** An edge that is not level, from its lower end. */
    private record Edge(double x0, double y0, double x1, double y1) {
        double at(double y) {
            return x0 + (x1 - x0) * (y - y0) / (y1 - y0);
        }
    }

    /**
     * How far to the right {@code moved} has to be put so that it lies beside {@code still}, touching it; from farther
     * out nothing is in its way. Negative infinity where they have no height in common.
     */
    static double right(Polygon still, Polygon moved) {
        Envelope one = still.getEnvelopeInternal();
        Envelope other = moved.getEnvelopeInternal();
        if (one.getMaxY() <= other.getMinY() || other.getMaxY() <= one.getMinY()) {
            return Double.NEGATIVE_INFINITY;
        }
        List<Edge> stays = edges(still);
        List<Edge> comes = edges(moved);
        TreeSet<Double> heights = new TreeSet<>();
        stays.forEach(edge -> heights.add(edge.y0));
        stays.forEach(edge -> heights.add(edge.y1));
        comes.forEach(edge -> heights.add(edge.y0));
        comes.forEach(edge -> heights.add(edge.y1));
        double farthest = Double.NEGATIVE_INFINITY;
        double below = Double.NaN;
        for (double above : heights) {
            if (above - below > LEVEL) {
                farthest = Math.max(farthest, between(stays, comes, below, above));
            }
            below = above;
        }
        return farthest;
    }

    private static double between(List<Edge> stays, List<Edge> comes, double below, double above) {
        double middle = (below + above) / 2;
        Edge right = null;
        for (Edge edge : stays) {
            if (edge.y0 < middle && middle < edge.y1 && (right == null || edge.at(middle) > right.at(middle))) {
                right = edge;
            }
        }
        Edge left = null;
        for (Edge edge : comes) {
            if (edge.y0 < middle && middle < edge.y1 && (left == null || edge.at(middle) < left.at(middle))) {
                left = edge;
            }
        }
        if (right == null || left == null) {
            return Double.NEGATIVE_INFINITY;
        }
        return Math.max(right.at(below) - left.at(below), right.at(above) - left.at(above));
    }

    private static List<Edge> edges(Polygon polygon) {
        Coordinate[] corners = polygon.getExteriorRing().getCoordinates();
        List<Edge> edges = new ArrayList<>();
        for (int i = 1; i < corners.length; i++) {
            Coordinate one = corners[i - 1];
            Coordinate other = corners[i];
            Coordinate low = one.y < other.y ? one : other;
            Coordinate high = one.y < other.y ? other : one;
            if (high.y - low.y > LEVEL) {
                edges.add(new Edge(low.x, low.y, high.x, high.y));
            }
        }
        return edges;
    }
}
