package vantbreeze.core.fold.sight;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.motion.Frame;

/**
 * Which panels are seen.
 *
 * @param panels by index
 */
public record InSight(Set<Integer> panels) {

    /** Less of a panel than this part of it is not worth dressing; from memory. */
    private static final double WORTH_SEEING = 0.05;
    /** Points looked at along each side of a panel's box. */
    private static final int GRID = 7;
    /** Nearer than this a panel does not hide another, mm: paper lying on paper. */
    private static final double TOUCHING = 0.05;

    public InSight {
        panels = Set.copyOf(panels);
    }

    /** Of a card that lies flat, from above. */
    public static InSight fromAbove(FoldGraph graph, BulkMap bulk) {
        return outermost(graph, bulk, true);
    }

    /** Of a card that lies flat, from below. */
    public static InSight fromBelow(FoldGraph graph, BulkMap bulk) {
        return outermost(graph, bulk, false);
    }

    private static InSight outermost(FoldGraph graph, BulkMap bulk, boolean above) {
        Map<Integer, Double> areas = new LinkedHashMap<>();
        for (BulkCell cell : bulk.cells()) {
            int outer = cell.panels().get(above ? cell.panels().size() - 1 : 0);
            areas.merge(outer, cell.shape().getArea(), Double::sum);
        }
        Set<Integer> seen = new TreeSet<>();
        areas.forEach((panel, area) -> {
            if (area >= WORTH_SEEING * graph.panels().get(panel).area()) {
                seen.add(panel);
            }
        });
        return new InSight(seen);
    }

    /** In space, from far away in the direction of {@code eye}: points on each panel that nothing lies before. */
    public static InSight from(FoldGraph graph, Frame frame, Vector3D eye) {
        Vector3D towards = eye.normalize();
        Set<Integer> seen = new TreeSet<>();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            List<Coordinate> points = points(graph.panels().get(panel));
            int one = panel;
            long open = points.stream().filter(point -> isOpen(graph, frame, one, frame.panels().get(one).apply(point.x, point.y, 0), towards)).count();
            if (!points.isEmpty() && open >= Math.max(1, WORTH_SEEING * points.size())) {
                seen.add(panel);
            }
        }
        return new InSight(seen);
    }

    private static List<Coordinate> points(Panel panel) {
        Envelope box = panel.shape().getEnvelopeInternal();
        List<Coordinate> points = new ArrayList<>();
        for (int i = 0; i < GRID; i++) {
            for (int j = 0; j < GRID; j++) {
                Coordinate point = new Coordinate(box.getMinX() + box.getWidth() * (i + 0.5) / GRID, box.getMinY() + box.getHeight() * (j + 0.5) / GRID);
                if (isWithin(panel, point)) {
                    points.add(point);
                }
            }
        }
        return points;
    }

    private static boolean isWithin(Panel panel, Coordinate point) {
        return RayCrossingCounter.locatePointInRing(point, panel.shape().getExteriorRing().getCoordinates()) == Location.INTERIOR;
    }

    private static boolean isOpen(FoldGraph graph, Frame frame, int panel, Vector3D at, Vector3D towards) {
        for (int other = 0; other < graph.panels().size(); other++) {
            if (other != panel && hides(graph.panels().get(other), frame.panels().get(other), at, towards)) {
                return false;
            }
        }
        return true;
    }

    /** Whether the line of sight from {@code at} goes through a panel. */
    private static boolean hides(Panel panel, Rigid motion, Vector3D at, Vector3D towards) {
        Rigid back = motion.inverse();
        Vector3D from = back.apply(at.getX(), at.getY(), at.getZ());
        Vector3D beyond = at.add(towards);
        Vector3D line = back.apply(beyond.getX(), beyond.getY(), beyond.getZ()).subtract(from);
        if (Math.abs(line.getZ()) < 1e-9) {
            return false;
        }
        double distance = -from.getZ() / line.getZ();
        return distance > TOUCHING && isWithin(panel, new Coordinate(from.getX() + distance * line.getX(), from.getY() + distance * line.getY()));
    }
}
