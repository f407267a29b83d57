package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.NormOps_DDRM;
import org.ejml.dense.row.SingularOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.SpanningTree;
import vantbreeze.core.fold.Stretch;

/** The equations that keep every loop closed: going round, three points of the last panel come back to their places. */
final class Closure {

    /** A pose is closed when no point is farther off than this, mm. */
    static final double CLOSED = 1e-6;

    private static final int MOST_STEPS = 60;
    /** A step that is refused though it is damped more than this is no step: nothing nearer is found. */
    private static final double MOST_DAMPED = 1e3;

    private static final int POINTS = 3;

    private final FoldGraph graph;
    private final SpanningTree tree;
    private final List<Loop> loops;
    private final int hinges;
    private final List<List<Coordinate>> points;
    private ToDoubleFunction<Link.Glued> travels = link -> 0;

    Closure(FoldGraph graph) {
        this.graph = graph;
        this.tree = graph.tree();
        this.loops = Loop.of(tree);
        this.hinges = graph.hinges().size();
        this.points = graph.panels().stream().map(Closure::spanning).toList();
    }

    /** Says how far every threaded panel has slid, millimetres; that is given, never solved for. */
    void slide(ToDoubleFunction<Link.Glued> slid) {
        travels = slid;
    }

    /** Whether there is no loop to close: any angles will do. */
    boolean isOpen() {
        return loops.isEmpty();
    }

    /** Where each panel is at these angles, degrees, following the tree. */
    Rigid[] place(double[] degrees) {
        Rigid[] placed = new Rigid[graph.panels().size()];
        Arrays.fill(placed, graph.held());
        for (SpanningTree.Step step : tree.steps()) {
            placed[step.child()] = step.place(placed[step.parent()], reading(step.link(), degrees));
        }
        return placed;
    }

    /** The angles nearest to {@code guess} at which all loops are closed, in which the driven hinges keep theirs. */
    double[] solve(double[] guess, boolean[] driven) {
        return solve(guess, driven, CLOSED);
    }

    /**
     * Such angles as near as is wanted.
     *
     * @param closed no point is farther off than this, mm
     */
    double[] solve(double[] guess, boolean[] driven, double closed) {
        if (isOpen()) {
            return guess.clone();
        }
        At at = new At(guess.clone());
        double damping = 1e-9;
        int steps = 0;
        while (at.farthest() >= closed && steps < MOST_STEPS) {
            NormalEquations normal = NormalEquations.of(jacobian(at.placed, at.angles, driven), at.residual);
            At next = new At(normal.stepped(at.angles, damping));
            steps++;
            while (!next.isNearerThan(at)) {
                if (damping > MOST_DAMPED || steps == MOST_STEPS) {
                    return at.angles;
                }
                damping *= 100;
                next = new At(normal.stepped(at.angles, damping));
                steps++;
            }
            at = next;
            damping = Math.max(1e-12, damping / 10);
        }
        return at.angles;
    }

    /** Angles, where the panels come to be, and how far the loops are from closed. */
    private final class At {
        private final double[] angles;
        private final Rigid[] placed;
        private final DMatrixRMaj residual;
        private final double far;

        At(double[] angles) {
            this.angles = angles;
            this.placed = place(angles);
            this.residual = residual(placed, angles);
            this.far = NormOps_DDRM.normF(residual);
        }

        /** How far the farthest point is off, mm. */
        double farthest() {
            return CommonOps_DDRM.elementMaxAbs(residual);
        }

        boolean isNearerThan(At other) {
            return far < other.far;
        }
    }

    /** The farthest that a loop is from closed, mm. */
    double gap(double[] degrees) {
        return isOpen() ? 0 : new At(degrees).farthest();
    }

    /** How far going round each loop puts three points off their places, mm, loop by loop. */
    double[] gaps(double[] degrees) {
        return new At(degrees).residual.getData();
    }

    /** How many hinges could be moved freely, each on its own, at these angles. */
    int freedom(double[] degrees) {
        if (isOpen()) {
            return hinges;
        }
        var svd = DecompositionFactory_DDRM.svd(false, false, true);
        if (!svd.decompose(jacobian(place(degrees), degrees, new boolean[hinges]))) {
            throw new IllegalStateException("the closure equations can't be decomposed");
        }
        return hinges
                - SingularOps_DDRM.rank(
                        svd,
                        1e-7
                                * Math.max(
                                        1,
                                        Arrays.stream(svd.getSingularValues())
                                                .max()
                                                .orElse(1)));
    }

    private DMatrixRMaj residual(Rigid[] placed, double[] degrees) {
        DMatrixRMaj residual = new DMatrixRMaj(3 * POINTS * loops.size(), 1);
        int row = 0;
        for (Loop loop : loops) {
            Link link = loop.link();
            Rigid round = placed[link.from()].after(motion(link, degrees));
            for (Coordinate point : points(link.to())) {
                Vector3D off = round.apply(point.x, point.y, 0).subtract(placed[link.to()].apply(point.x, point.y, 0));
                residual.set(row++, 0, off.getX());
                residual.set(row++, 0, off.getY());
                residual.set(row++, 0, off.getZ());
            }
        }
        return residual;
    }

    /** How the residual changes with each angle, mm per radian: a turn about an axis moves a point across both. */
    private DMatrixRMaj jacobian(Rigid[] placed, double[] degrees, boolean[] driven) {
        DMatrixRMaj jacobian = new DMatrixRMaj(3 * POINTS * loops.size(), hinges);
        Axis[] axes = new Axis[hinges];
        int row = 0;
        for (Loop loop : loops) {
            Link link = loop.link();
            Rigid round = placed[link.from()].after(motion(link, degrees));
            for (Coordinate point : points(link.to())) {
                Vector3D there = round.apply(point.x, point.y, 0);
                Vector3D here = placed[link.to()].apply(point.x, point.y, 0);
                add(jacobian, row, loop.there(), axes, placed, there, 1, driven);
                add(jacobian, row, loop.here(), axes, placed, here, -1, driven);
                row += 3;
            }
        }
        return jacobian;
    }

    /**
     * A loop: the hinges by which both ends of the link that closes it hang on the last panel that both hang on. What
     * comes before that panel moves the whole loop, and so never opens it.
     *
     * @param there by which its first end hangs, and the link itself where it is a hinge
     * @param here by which its other end hangs
     */
    private record Loop(Link link, List<SpanningTree.Step> there, List<SpanningTree.Step> here) {

        static List<Loop> of(SpanningTree tree) {
            List<List<SpanningTree.Step>> ways = tree.hingeWays();
            return tree.closing().stream()
                    .map(SpanningTree.Step::link)
                    .map(link -> of(link, ways.get(link.from()), ways.get(link.to())))
                    .toList();
        }

        private static Loop of(Link link, List<SpanningTree.Step> from, List<SpanningTree.Step> to) {
            int common = 0;
            while (common < Math.min(from.size(), to.size()) && from.get(common).equals(to.get(common))) {
                common++;
            }
            List<SpanningTree.Step> there = new ArrayList<>(from.subList(common, from.size()));
            if (link instanceof Link.Folded) {
                there.add(new SpanningTree.Step(link, true));
            }
            return new Loop(link, there, to.subList(common, to.size()));
        }
    }

    /** The line in space about which a hinge turns, pointing up along the sheet. */
    private record Axis(Vector3D origin, Vector3D along) {
        static Axis of(SpanningTree.Step step, Rigid parent) {
            Link.Folded link = (Link.Folded) step.link();
            Stretch line = link.hinge().seenFrom(link.hinge().right());
            Vector3D origin = parent.apply(line.from());
            return new Axis(origin, parent.apply(line.to()).subtract(origin).normalize());
        }
    }

    private static void add(
            DMatrixRMaj jacobian,
            int row,
            List<SpanningTree.Step> way,
            Axis[] axes,
            Rigid[] placed,
            Vector3D point,
            int sign,
            boolean[] driven) {
        for (SpanningTree.Step step : way) {
            int hinge = ((Link.Folded) step.link()).index();
            if (driven[hinge]) {
                continue;
            }
            if (axes[hinge] == null) {
                axes[hinge] = Axis.of(step, placed[step.parent()]);
            }
            Vector3D along = axes[hinge].along;
            Vector3D arm = point.subtract(axes[hinge].origin);
            double turn = sign * (step.along() ? 1 : -1);
            jacobian.add(row, hinge, turn * (along.getY() * arm.getZ() - along.getZ() * arm.getY()));
            jacobian.add(row + 1, hinge, turn * (along.getZ() * arm.getX() - along.getX() * arm.getZ()));
            jacobian.add(row + 2, hinge, turn * (along.getX() * arm.getY() - along.getY() * arm.getX()));
        }
    }

    /** Three corners that span the panel: the first, the one farthest from it, and the one farthest from their line. */
    private List<Coordinate> points(int index) {
        return points.get(index);
    }

    private static List<Coordinate> spanning(Panel panel) {
        Coordinate[] ring = panel.shape().getExteriorRing().getCoordinates();
        Coordinate first = ring[0];
        Coordinate second = first;
        for (Coordinate c : ring) {
            second = c.distance(first) > second.distance(first) ? c : second;
        }
        Coordinate third = first;
        double most = -1;
        for (Coordinate c : ring) {
            double off = Math.abs((second.x - first.x) * (c.y - first.y) - (second.y - first.y) * (c.x - first.x));
            third = off > most ? c : third;
            most = Math.max(most, off);
        }
        return List.of(first, second, third);
    }

    private Rigid motion(Link link, double[] degrees) {
        return link.motion(reading(link, degrees));
    }

    private double reading(Link link, double[] degrees) {
        return link instanceof Link.Folded folded ? degrees[folded.index()] : travels.applyAsDouble((Link.Glued) link);
    }
}
