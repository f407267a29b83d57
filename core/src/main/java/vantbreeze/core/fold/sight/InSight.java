package vantbreeze.core.fold.sight;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.motion.Frame;

/**
 * Which sides of which panels are seen.
 *
 * @param faces in the order of their panels
 */
public record InSight(Set<Face> faces) {

    /** Less of a panel than this part of it is not worth dressing; from memory. */
    private static final double WORTH_SEEING = 0.05;
    /** Points looked at along each side of a panel's box. */
    private static final int GRID = 7;
    /** Fewer points than this tell too little of a panel. */
    private static final int ENOUGH = 8;
    /** The finest grid. */
    private static final int FINEST = 8 * GRID;
    /** Nearer than this a panel does not hide another, mm: paper lying on paper. */
    private static final double TOUCHING = 0.05;
    /** A panel seen so much edge-on shows neither side: sine of the angle. */
    private static final double EDGE_ON = 0.02;

    public InSight {
        faces = Collections.unmodifiableSet(new TreeSet<>(faces));
    }

    /** The panels of which a side is seen, by index. */
    public Set<Integer> panels() {
        return faces.stream().map(Face::panel).collect(Collectors.toCollection(TreeSet::new));
    }

    /** Of a card that lies flat, from above. */
    public static InSight fromAbove(FoldedForm form, BulkMap bulk) {
        return outermost(form, bulk, true);
    }

    /** Of a card that lies flat, from below. */
    public static InSight fromBelow(FoldedForm form, BulkMap bulk) {
        return outermost(form, bulk, false);
    }

    private static InSight outermost(FoldedForm form, BulkMap bulk, boolean above) {
        Map<Integer, Double> areas = new LinkedHashMap<>();
        for (BulkCell cell : bulk.cells()) {
            int outer = cell.panels().get(above ? cell.panels().size() - 1 : 0);
            areas.merge(outer, cell.shape().getArea(), Double::sum);
        }
        Set<Face> seen = new TreeSet<>();
        areas.forEach((panel, area) -> {
            if (area >= WORTH_SEEING * form.graph().panels().get(panel).area()) {
                Face up = Face.upward(panel, form.placed().get(panel).motion());
                seen.add(above ? up : up.turned());
            }
        });
        return new InSight(seen);
    }

    /** In space, from far away in the direction of {@code eye}: points on each panel that nothing lies before. */
    public static InSight from(FoldGraph graph, Frame frame, Vector3D eye) {
        Vector3D towards = eye.normalize();
        List<Screen> screens = new ArrayList<>();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            screens.add(Screen.of(graph.panels().get(panel), frame.panels().get(panel), towards));
        }
        Set<Face> seen = new TreeSet<>();
        for (int panel = 0; panel < screens.size(); panel++) {
            int one = panel;
            double facing = screens.get(panel).sight().getZ();
            List<Screen> before = IntStream.range(0, screens.size())
                    .filter(other -> other != one
                            && screens.get(other)
                                    .seen()
                                    .intersects(screens.get(one).seen()))
                    .mapToObj(screens::get)
                    .toList();
            List<Coordinate> points = points(graph.panels().get(panel));
            long open = Math.abs(facing) < EDGE_ON
                    ? 0
                    : points.stream()
                            .filter(point ->
                                    isOpen(before, frame.panels().get(one).apply(point.x, point.y, 0)))
                            .count();
            if (!points.isEmpty() && open >= Math.max(1, WORTH_SEEING * points.size())) {
                seen.add(new Face(panel, facing > 0 ? Side.FACE : Side.BACK));
            }
        }
        return new InSight(seen);
    }

    /** Points well spread over a panel; on one that is mostly hole or slanted, from a finer grid. */
    private static List<Coordinate> points(Panel panel) {
        List<Coordinate> points = points(panel, GRID);
        for (int grid = 2 * GRID; points.size() < ENOUGH && grid <= FINEST; grid *= 2) {
            points = points(panel, grid);
        }
        return points;
    }

    private static List<Coordinate> points(Panel panel, int grid) {
        Envelope box = panel.shape().getEnvelopeInternal();
        Coordinate[][] rings = ringsOf(panel);
        List<Coordinate> points = new ArrayList<>();
        for (int i = 0; i < grid; i++) {
            for (int j = 0; j < grid; j++) {
                Coordinate point = new Coordinate(
                        box.getMinX() + box.getWidth() * (i + 0.5) / grid,
                        box.getMinY() + box.getHeight() * (j + 0.5) / grid);
                if (isWithin(rings, point)) {
                    points.add(point);
                }
            }
        }
        return points;
    }

    /** The outline, then the holes. */
    private static Coordinate[][] ringsOf(Panel panel) {
        Polygon shape = panel.shape();
        Coordinate[][] rings = new Coordinate[1 + shape.getNumInteriorRing()][];
        rings[0] = shape.getExteriorRing().getCoordinates();
        for (int i = 1; i < rings.length; i++) {
            rings[i] = shape.getInteriorRingN(i - 1).getCoordinates();
        }
        return rings;
    }

    private static boolean isWithin(Coordinate[][] rings, Coordinate point) {
        for (int i = 0; i < rings.length; i++) {
            int wanted = i == 0 ? Location.INTERIOR : Location.EXTERIOR;
            if (RayCrossingCounter.locatePointInRing(point, rings[i]) != wanted) {
                return false;
            }
        }
        return true;
    }

    private static boolean isOpen(List<Screen> before, Vector3D at) {
        for (Screen screen : before) {
            if (screen.hides(at)) {
                return false;
            }
        }
        return true;
    }

    /**
     * A panel that may hide another: what looks at it is brought to its own sheet.
     *
     * @param back from space to its sheet
     * @param sight the way to the eye, on its sheet
     * @param rings its outline and its holes
     * @param box the rectangle round it
     * @param seen the rectangle round it as the eye sees it: panels whose rectangles lie apart can't hide one another
     */
    @SuppressWarnings("ArrayRecordComponent") // as JTS takes it; never compared
    private record Screen(Rigid back, Vector3D sight, Coordinate[][] rings, Envelope box, Envelope seen) {

        static Screen of(Panel panel, Rigid motion, Vector3D towards) {
            Rigid back = motion.inverse();
            Vector3D sight =
                    back.apply(towards.getX(), towards.getY(), towards.getZ()).subtract(back.apply(0, 0, 0));
            Coordinate[][] rings = ringsOf(panel);
            return new Screen(back, sight, rings, panel.shape().getEnvelopeInternal(), seen(rings[0], motion, towards));
        }

        /** Where the corners come to lie on a plane square to the line of sight. */
        private static Envelope seen(Coordinate[] ring, Rigid motion, Vector3D towards) {
            double level = Math.hypot(towards.getX(), towards.getZ());
            Vector3D across = new Vector3D(towards.getZ() / level, 0, -towards.getX() / level);
            Vector3D up = new Vector3D(
                    -towards.getX() * towards.getY() / level, level, -towards.getZ() * towards.getY() / level);
            Envelope seen = new Envelope();
            for (Coordinate corner : ring) {
                Vector3D at = motion.apply(corner.x, corner.y, 0);
                seen.expandToInclude(at.dot(across), at.dot(up));
            }
            return seen;
        }

        boolean hides(Vector3D at) {
            if (Math.abs(sight.getZ()) < 1e-9) {
                return false;
            }
            Vector3D from = back.apply(at.getX(), at.getY(), at.getZ());
            double distance = -from.getZ() / sight.getZ();
            if (distance <= TOUCHING) {
                return false;
            }
            Coordinate meets =
                    new Coordinate(from.getX() + distance * sight.getX(), from.getY() + distance * sight.getY());
            return box.contains(meets) && isWithin(rings, meets);
        }
    }
}
