package vantbreeze.core.build;

import static vantbreeze.core.build.Rays.array;
import static vantbreeze.core.build.Rays.cross;
import static vantbreeze.core.build.Rays.meets;
import static vantbreeze.core.build.Rays.minus;
import static vantbreeze.core.build.Rays.plus;
import static vantbreeze.core.build.Rays.times;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;

/**
 * Whether a finger comes to a place: rays against triangles (Möller and Trumbore 1997), triangles and points by JTS;
 * nothing is asked of the planner.
 */
final class RayFinger {

    private static final double FINGER = 60;
    private static final double TOUCHING = 0.05;
    private static final int POINTS = 20;
    /** Where a finger is not only a tip any more, and half its width there; a little less than the planner wants. */
    private static final double TIP = 12;

    private static final double HALF = 5;

    private final List<List<Coordinate[]>> triangles = new ArrayList<>();

    RayFinger(FoldGraph graph) {
        graph.panels().forEach(panel -> {
            Geometry cut = ConstrainedDelaunayTriangulator.triangulate(panel.shape());
            List<Coordinate[]> all = new ArrayList<>();
            for (int i = 0; i < cut.getNumGeometries(); i++) {
                all.add(cut.getGeometryN(i).getCoordinates());
            }
            triangles.add(all);
        });
    }

    /** Points at random well within a region, the same ones each time: a finger is not set on its very edge. */
    static List<Coordinate> points(Polygon region) {
        Random random = new Random(1997);
        Geometry inner = DoubleStream.of(5, 2.5, 1, 0)
                .mapToObj(margin -> region.buffer(-margin))
                .filter(less -> !less.isEmpty())
                .findFirst()
                .orElse(region);
        SimplePointInAreaLocator within = new SimplePointInAreaLocator(inner);
        Envelope box = region.getEnvelopeInternal();
        List<Coordinate> points = new ArrayList<>();
        for (int i = 0; i < 1000 && points.size() < POINTS; i++) {
            Coordinate point = new Coordinate(
                    box.getMinX() + random.nextDouble() * box.getWidth(),
                    box.getMinY() + random.nextDouble() * box.getHeight());
            if (within.locate(point) == Location.INTERIOR) {
                points.add(point);
            }
        }
        return points;
    }

    /** Whether rays come away from points of a face in a pose of a part. */
    boolean reaches(Part part, SampledPose pose, Face face, List<Coordinate> points) {
        int own = -1;
        for (int i = 0; i < part.graph().panels().size(); i++) {
            own = part.inCard(i) == face.panel() ? i : own;
        }
        Rigid motion = pose.frame().panels().get(own);
        int panel = own;
        return points.stream().allMatch(point -> {
            double[] at = array(motion.apply(point.x, point.y, 0));
            double sign = face.side() == Side.FACE ? 1 : -1;
            double[] out = minus(array(motion.apply(point.x, point.y, sign)), at);
            double[] across = minus(array(motion.apply(point.x + 1, point.y, 0)), at);
            double[] up = minus(array(motion.apply(point.x, point.y + 1, 0)), at);
            for (int way = -1; way < 16; way++) {
                double lean = way < 0 ? 0 : Math.toRadians(30);
                double turn = 2 * Math.PI * way / 16;
                double[] ray = new double[3];
                for (int k = 0; k < 3; k++) {
                    ray[k] = Math.cos(lean) * out[k]
                            + Math.sin(lean) * (Math.cos(turn) * across[k] + Math.sin(turn) * up[k]);
                }
                double[] one = times(
                        cross(ray, Math.abs(ray[0]) < 0.8 ? new double[] {1, 0, 0} : new double[] {0, 1, 0}), HALF);
                double[] two = times(cross(ray, one), 1);
                if (isFree(part, pose, panel, at, ray, FINGER, face.side())
                        && isFree(part, pose, panel, plus(at, times(ray, TIP), one), ray, FINGER - TIP, face.side())
                        && isFree(
                                part,
                                pose,
                                panel,
                                plus(at, times(ray, TIP), times(one, -1)),
                                ray,
                                FINGER - TIP,
                                face.side())
                        && isFree(part, pose, panel, plus(at, times(ray, TIP), two), ray, FINGER - TIP, face.side())
                        && isFree(
                                part,
                                pose,
                                panel,
                                plus(at, times(ray, TIP), times(two, -1)),
                                ray,
                                FINGER - TIP,
                                face.side())) {
                    return true;
                }
            }
            return false;
        });
    }

    /**
     * Whether what lies on a panel does not lie on one side of it: by the first fold or joint on the way from one to
     * the other. Folded as a valley, by more than nil degrees, it lies on the face, as a mountain on the back.
     */
    private static boolean isBehind(Part part, SampledPose pose, int own, int other, Side side) {
        FoldGraph graph = part.graph();
        Map<Integer, Optional<Side>> first = new HashMap<>(Map.of(own, Optional.empty()));
        Deque<Integer> waiting = new ArrayDeque<>(List.of(own));
        while (!waiting.isEmpty()) {
            int panel = waiting.remove();
            Optional<Side> known = Objects.requireNonNull(first.get(panel));
            for (Link link : graph.links()) {
                int next = link.from() == panel ? link.to() : link.to() == panel ? link.from() : own;
                if (!first.containsKey(next)) {
                    first.put(next, known.isPresent() ? known : lies(link, panel, pose));
                    waiting.add(next);
                }
            }
        }
        return first.getOrDefault(other, Optional.empty())
                .filter(lies -> lies == side)
                .isEmpty();
    }

    private static Optional<Side> lies(Link link, int panel, SampledPose pose) {
        if (link instanceof Link.Glued glued) {
            return Optional.of(
                    glued.from() == panel ? glued.join().onSide() : glued.join().gluedSide());
        }
        Link.Folded fold = (Link.Folded) link;
        double degrees = pose.frame().degrees().get(fold.index());
        return Math.abs(degrees) < 1e-6 ? Optional.empty() : Optional.of(degrees > 0 ? Side.FACE : Side.BACK);
    }

    private boolean isFree(Part part, SampledPose pose, int own, double[] at, double[] ray, double length, Side side) {
        for (int i = 0; i < part.graph().panels().size(); i++) {
            if (i == own) {
                continue;
            }
            Rigid motion = pose.frame().panels().get(i);
            for (Coordinate[] corners : triangles.get(part.inCard(i))) {
                double distance = meets(
                        at,
                        ray,
                        array(motion.apply(corners[0].x, corners[0].y, 0)),
                        array(motion.apply(corners[1].x, corners[1].y, 0)),
                        array(motion.apply(corners[2].x, corners[2].y, 0)));
                boolean lies = Math.abs(distance) <= TOUCHING && !isBehind(part, pose, own, i, side);
                if (lies || (distance > TOUCHING && distance < length)) {
                    return false;
                }
            }
        }
        return true;
    }
}
