package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;

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
     * How {@code frame} stands.
     *
     * @param grammage grams in a square metre, for each panel
     */
    public static Standing of(FoldGraph graph, Frame frame, List<Double> grammage) {
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
        Vector3D centre = centre(graph, frame, grammage);
        return new Standing(centre, base, touching, hanging, tips(centre, base));
    }

    private static List<Vector3D> corners(FoldGraph graph, Frame frame, int panel) {
        return graph.panels().get(panel).corners().stream()
                .map(frame.panels().get(panel)::apply)
                .toList();
    }

    private static Vector3D centre(FoldGraph graph, Frame frame, List<Double> grammage) {
        double x = 0;
        double y = 0;
        double z = 0;
        double weight = 0;
        for (int i = 0; i < graph.panels().size(); i++) {
            Panel panel = graph.panels().get(i);
            Rigid motion = frame.panels().get(i);
            Coordinate middle = panel.shape().getCentroid().getCoordinate();
            double grams = panel.area() * grammage.get(i);
            Vector3D there = motion.apply(middle.x, middle.y, 0);
            x += grams * there.getX();
            y += grams * there.getY();
            z += grams * there.getZ();
            weight += grams;
        }
        return new Vector3D(x / weight, y / weight, z / weight);
    }

    private static Tips tips(Vector3D centre, Geometry base) {
        Point over = base.getFactory().createPoint(new Coordinate(centre.getX(), centre.getZ()));
        if (base.getArea() > 0 && base.buffer(-MARGIN).covers(over)) {
            return Tips.STANDS;
        }
        double beyondFront = centre.getZ() - base.getEnvelopeInternal().getMaxY();
        double beyondBack = base.getEnvelopeInternal().getMinY() - centre.getZ();
        double beyondRight = centre.getX() - base.getEnvelopeInternal().getMaxX();
        double beyondLeft = base.getEnvelopeInternal().getMinX() - centre.getX();
        double most = Math.max(Math.max(beyondFront, beyondBack), Math.max(beyondLeft, beyondRight));
        return most == beyondFront
                ? Tips.FORWARDS
                : most == beyondBack ? Tips.BACKWARDS : most == beyondRight ? Tips.RIGHT : Tips.LEFT;
    }
}
