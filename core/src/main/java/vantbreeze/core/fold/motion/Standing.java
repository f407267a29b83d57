package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.length.Precision;

/**
 * How a card stands on its lower edges: x to the right, y up, z towards the one who looks at it.
 *
 * @param centre its centre of mass, mm
 * @param base what it stands on, seen from above (x, z): the hull of all that touches the table
 * @param touching the panels that touch the table
 * @param hanging feet that almost do, with their gaps
 * @param tips which way it falls
 */
public record Standing(Vector3D centre, Geometry base, List<Integer> touching, List<Hanging> hanging, Tips tips) {

    /** Nearer to the table than this is on it, mm. */
    private static final double TOUCHES = 0.1;
    /** A lower edge within this of the table was meant to stand on it, mm; from memory. */
    private static final double MEANT_AS_FOOT = 4;
    /** A centre nearer to the edge of the base than this is as good as over it, mm. */
    private static final double MARGIN = 0.5;

    public Standing {
        touching = List.copyOf(touching);
        hanging = List.copyOf(hanging);
    }

    /** A foot that is off the base line. */
    public record Hanging(int panel, double gap) {}

    /** Which way a card falls, if it does. */
    public enum Tips {
        STANDS,
        FORWARDS,
        BACKWARDS,
        LEFT,
        RIGHT
    }

    /**
     * How a bare card stands in {@code frame}.
     *
     * @param grammage grams in a square metre, for each panel
     */
    public static Standing of(FoldGraph graph, Frame frame, List<Double> grammage) {
        return of(graph, frame, grammage, List.of());
    }

    /**
     * How {@code frame} stands.
     *
     * @param grammage grams in a square metre, for each panel
     * @param added what lies on the panels besides: it weighs, and is taken as thin
     */
    public static Standing of(FoldGraph graph, Frame frame, List<Double> grammage, List<Added> added) {
        double floor = Double.MAX_VALUE;
        List<Double> lowest = new ArrayList<>();
        for (int i = 0; i < graph.panels().size(); i++) {
            double foot = corners(graph, frame, i).stream()
                    .mapToDouble(Vector3D::getY)
                    .min()
                    .orElseThrow();
            lowest.add(foot);
            floor = Math.min(floor, foot);
        }
        List<Integer> touching = new ArrayList<>();
        List<Hanging> hanging = new ArrayList<>();
        List<Coordinate> contacts = new ArrayList<>();
        for (int i = 0; i < lowest.size(); i++) {
            double gap = lowest.get(i) - floor;
            if (gap > TOUCHES && gap < MEANT_AS_FOOT) {
                hanging.add(new Hanging(i, gap));
            } else if (gap <= TOUCHES) {
                touching.add(i);
                for (Vector3D corner : corners(graph, frame, i)) {
                    if (corner.getY() - floor <= TOUCHES) {
                        contacts.add(new Coordinate(corner.getX(), corner.getZ()));
                    }
                }
            }
        }
        Geometry base = new ConvexHull(contacts.toArray(new Coordinate[0]), new GeometryFactory()).getConvexHull();
        Vector3D centre = centre(graph, frame, grammage, added);
        return new Standing(centre, base, touching, hanging, tips(centre, base));
    }

    private static List<Vector3D> corners(FoldGraph graph, Frame frame, int panel) {
        return graph.panels().get(panel).corners().stream()
                .map(frame.panels().get(panel)::apply)
                .toList();
    }

    private static Vector3D centre(FoldGraph graph, Frame frame, List<Double> grammage, List<Added> added) {
        Vector3D sum = new Vector3D(0, 0, 0);
        double weight = 0;
        for (int i = 0; i < graph.panels().size(); i++) {
            Panel panel = graph.panels().get(i);
            double grams = panel.area() / 1e6 * grammage.get(i);
            sum = sum.add(weighed(panel.shape(), frame.panels().get(i), grams));
            weight += grams;
        }
        for (Added one : added) {
            sum = sum.add(weighed(one.shape(), frame.panels().get(one.panel()), one.grams()));
            weight += one.grams();
        }
        return sum.divide(weight);
    }

    /** Where the middle of a shape is, times what it weighs. */
    private static Vector3D weighed(Polygon shape, Rigid motion, double grams) {
        Coordinate middle = shape.getCentroid().getCoordinate();
        Vector3D at = motion.apply(middle.x, middle.y, 0);
        return new Vector3D(grams * at.getX(), grams * at.getY(), grams * at.getZ());
    }

    /** It tips about the edge of its base that its centre of mass is beyond, or nearest to: square to that edge. */
    static Tips tips(Vector3D centre, Geometry base) {
        Coordinate over = new Coordinate(centre.getX(), centre.getZ());
        boolean within = SimplePointInAreaLocator.isContained(over, base);
        Coordinate[] hull = base.getCoordinates();
        LineSegment edge = new LineSegment(hull[0], hull[hull.length - 1]);
        for (int i = 0; i + 1 < hull.length; i++) {
            LineSegment other = new LineSegment(hull[i], hull[i + 1]);
            edge = i == 0 || other.distance(over) < edge.distance(over) ? other : edge;
        }
        double distance = edge.distance(over);
        if (within && distance > MARGIN) {
            return Tips.STANDS;
        }
        Coordinate foot = edge.closestPoint(over);
        double right = within ? foot.x - over.x : over.x - foot.x;
        double forward = within ? foot.y - over.y : over.y - foot.y;
        if (distance < Precision.ROUNDING) {
            // right over an edge: to the side that the base is not on, of a mere line forwards
            Coordinate middle = base.getCentroid().getCoordinate();
            double length = Math.max(Precision.ROUNDING, edge.getLength());
            double out = edge.orientationIndex(middle) > 0 ? 1 : -1;
            right = out * (edge.p1.y - edge.p0.y) / length;
            forward = -out * (edge.p1.x - edge.p0.x) / length;
            if (base.getArea() == 0 && forward < 0) {
                right = -right;
                forward = -forward;
            }
        }
        return Math.abs(forward) >= Math.abs(right)
                ? forward >= 0 ? Tips.FORWARDS : Tips.BACKWARDS
                : right > 0 ? Tips.RIGHT : Tips.LEFT;
    }
}
