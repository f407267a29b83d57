package vantbreeze.core.build;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.PartialAssembly;
import vantbreeze.core.fold.partial.SampledPose;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Goes through the steps of a card without asking the planner anything: its own rays against triangles (Möller and
 * Trumbore 1997), triangles and points by JTS, and what is glued on a place covers it.
 */
final class Replay {

    private static final double FINGER = 60;
    private static final double TOUCHING = 0.05;
    private static final int POINTS = 20;
    /** Where a finger is not only a tip any more, and half its width there; a little less than the planner wants. */
    private static final double TIP = 12;

    private static final double HALF = 5;

    private final WorkedPlan card;
    private final FoldGraph graph;
    private final List<JoinId> joins;
    private final Part whole;
    private final List<List<Coordinate[]>> triangles = new ArrayList<>();
    private final Map<Asked, Boolean> known = new HashMap<>();
    private final Map<Set<JoinId>, PartialAssembly> states = new HashMap<>();
    private final Map<Together, Part> parts = new HashMap<>();
    private final Set<JoinId> made = new LinkedHashSet<>();
    private final Set<Face> dressed = new LinkedHashSet<>();
    private final Set<Face> marked = new LinkedHashSet<>();
    private final List<String> wrongs = new ArrayList<>();

    /** Pieces that hang together, and by which joins. */
    private record Together(List<Integer> pieces, Set<JoinId> joins) {}

    private record Asked(Together part, Face face, Polygon region) {}

    Replay(WorkedPlan card) {
        this.card = card;
        this.graph = card.form().graph();
        this.joins = JoinId.all(graph.assembly());
        this.whole = PartialAssembly.of(card.form(), new LinkedHashSet<>(joins))
                .parts()
                .get(0);
        graph.panels().forEach(panel -> {
            Geometry cut = ConstrainedDelaunayTriangulator.triangulate(panel.shape());
            List<Coordinate[]> all = new ArrayList<>();
            for (int i = 0; i < cut.getNumGeometries(); i++) {
                all.add(cut.getGeometryN(i).getCoordinates());
            }
            triangles.add(all);
        });
    }

    /** What is wrong with an order, each step that can't be done there. */
    List<String> wrongs(List<BuildStep> steps) {
        made.clear();
        dressed.clear();
        marked.clear();
        wrongs.clear();
        steps.forEach(this::step);
        return List.copyOf(wrongs);
    }

    private void step(BuildStep step) {
        switch (step.id().kind()) {
            case MARK -> marks(step);
            case LAY -> lay(((BuildStep.OfFace) step.subject()).face(), step);
            case RUB_OUT -> {
                Face face = ((BuildStep.OfFace) step.subject()).face();
                marked.remove(face);
            }
            case GLUE, THREAD -> join(((BuildStep.OfJoin) step.subject()).join(), step);
            case CHECK -> {
                if (made.size() < joins.size()) {
                    wrongs.add("not all is joined: " + step.id());
                }
            }
            default -> {}
        }
    }

    private void marks(BuildStep step) {
        card.layers().faces().stream().forEach(face -> {
            if (step.id().of().equals(LayerSteps.id(face, graph).of()) && !dressed.contains(face)) {
                marked.add(face);
            }
        });
    }

    private void lay(Face face, BuildStep step) {
        for (Layer layer : card.layers().on(face)) {
            Geometry free = layer.shape();
            for (int i = 0; i < joins.size(); i++) {
                if (card.grounds().gluedOn(face).get(i) == Bed.UNDER) {
                    free = beside(free, graph.joins().get(i), face, step);
                }
            }
            for (int i = 0; i < free.getNumGeometries(); i++) {
                if (!free.isEmpty() && !reaches(made, face, (Polygon) free.getGeometryN(i))) {
                    wrongs.add("not reached: " + step.id() + " with " + made.size() + " joins");
                    return;
                }
            }
        }
        if (marked.contains(face)) {
            boolean covers = PencilMark.of(graph).stream()
                    .filter(mark -> mark.panel() == face.panel() && mark.side() == face.side())
                    .anyMatch(mark -> card.layers().on(face).stream().anyMatch(layer -> layer.shape()
                            .intersects(layer.shape()
                                    .getFactory()
                                    .createPoint(mark.at().millimetres()))));
            if (covers) {
                wrongs.add("pencil marks are covered: " + step.id());
            }
        }
        dressed.add(face);
    }

    /** What is hidden under a layer is glued by then; the hand comes to the rest of it. */
    private Geometry beside(Geometry laid, Link.Glued link, Face face, BuildStep step) {
        Geometry rest = laid;
        for (GlueArea area : GlueArea.of(link, graph)) {
            if (area.panel() == face.panel()
                    && area.side() == face.side()
                    && area.shape().intersects(laid)) {
                if (!made.contains(joins.get(graph.joins().indexOf(link)))) {
                    wrongs.add("covered before it is glued: " + step.id());
                }
                rest = rest.difference(area.shape().buffer(1e-6));
            }
        }
        return rest;
    }

    private void join(JoinId join, BuildStep step) {
        if (made.contains(join)) {
            wrongs.add("joined twice: " + step.id());
        }
        Link.Glued link = graph.joins().get(joins.indexOf(join));
        if (link.join().slides()) {
            long ends = joins.stream()
                    .filter(made::contains)
                    .map(one -> graph.joins().get(joins.indexOf(one)))
                    .filter(one -> !one.join().slides())
                    .filter(one -> graph.pieceOf()
                                    .get(one.from())
                                    .equals(graph.pieceOf().get(link.to()))
                            || graph.pieceOf()
                                    .get(one.to())
                                    .equals(graph.pieceOf().get(link.to())))
                    .count();
            if (ends > 1) {
                wrongs.add("glued at both ends before it was threaded: " + step.id());
            }
        } else {
            List<GlueArea> areas = GlueArea.of(link, graph);
            boolean isReached = areas.isEmpty()
                    || areas.stream()
                            .anyMatch(area -> reaches(made, new Face(area.panel(), area.side()), area.shape()));
            if (!isReached) {
                wrongs.add("no hand comes to the joint: " + step.id());
            }
        }
        made.add(join);
    }

    /** Whether rays come away from some points of a region in some pose, all in the same. */
    private boolean reaches(Set<JoinId> some, Face face, Polygon region) {
        for (int i = 0; i < joins.size(); i++) {
            if (some.contains(joins.get(i)) && covers(graph.joins().get(i), face, region)) {
                return false;
            }
        }
        Part found = states.computeIfAbsent(
                        new LinkedHashSet<>(some), joined -> PartialAssembly.of(card.form(), joined))
                .partOf(graph.pieceOf().get(face.panel()));
        Set<JoinId> within = new LinkedHashSet<>();
        for (JoinId join : some) {
            int on = graph.joins().get(joins.indexOf(join)).from();
            if (found.pieces().contains(graph.pieceOf().get(on))) {
                within.add(join);
            }
        }
        Together together = new Together(found.pieces(), within);
        Part part = parts.computeIfAbsent(together, key -> found);
        return known.computeIfAbsent(new Asked(together, face, region), asked -> {
            List<Coordinate> points = points(region);
            return part.poses(whole).stream().anyMatch(pose -> reaches(part, pose, face, points));
        });
    }

    /** What is glued on a side of a panel covers what lies there. */
    private boolean covers(Link.Glued link, Face face, Polygon region) {
        Rigid laid = link.motion(0);
        Polygon onFrom = new PlacedPanel(graph.panels().get(link.to()), laid).shadow();
        boolean isFrom = link.from() == face.panel() && link.join().onSide() == face.side();
        boolean isTo = link.to() == face.panel() && link.join().gluedSide() == face.side();
        Geometry there = isFrom
                ? onFrom
                : isTo
                        ? laid.inverse().shadow(graph.panels().get(link.from()).shape())
                        : region.getFactory().createPolygon();
        return !link.join().slides() && Flat.common(there, region).getArea() > 1;
    }

    /** Points at random well within a region, the same ones each time: a finger is not set on its very edge. */
    private static List<Coordinate> points(Polygon region) {
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

    private boolean reaches(Part part, SampledPose pose, Face face, List<Coordinate> points) {
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

    /** Möller and Trumbore, Fast, minimum storage ray/triangle intersection, 1997; NaN where they do not meet. */
    private static double meets(double[] from, double[] ray, double[] a, double[] b, double[] c) {
        double[] one = minus(b, a);
        double[] two = minus(c, a);
        double[] p = cross(ray, two);
        double det = dot(one, p);
        if (Math.abs(det) < 1e-9) {
            return Double.NaN;
        }
        double[] t = minus(from, a);
        double u = dot(t, p) / det;
        double[] q = cross(t, one);
        double v = dot(ray, q) / det;
        return u < 1e-6 || v < 1e-6 || u + v > 1 - 1e-6 ? Double.NaN : dot(two, q) / det;
    }

    private static double[] array(Vector3D v) {
        return new double[] {v.getX(), v.getY(), v.getZ()};
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static double[] times(double[] a, double factor) {
        return new double[] {a[0] * factor, a[1] * factor, a[2] * factor};
    }

    private static double[] plus(double[] a, double[] b, double[] c) {
        return new double[] {a[0] + b[0] + c[0], a[1] + b[1] + c[1], a[2] + b[2] + c[2]};
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
