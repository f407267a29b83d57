package vantbreeze.core.fold.motion;

import java.util.Arrays;
import java.util.List;
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
import vantbreeze.core.fold.Stretch;

/** The equations that keep every loop closed: going round, three points of the last panel come back to their places. */
final class Closure {

    /** A pose is closed when no point is farther off than this, mm. */
    static final double CLOSED = 1e-6;
    /** As near as it must come to be called reachable, mm. */
    static final double REACHED = 1e-3;

    private static final int MOST_STEPS = 60;
    private static final int POINTS = 3;

    private final FoldGraph graph;
    private final Tree tree;
    private final int hinges;
    private final List<List<Coordinate>> points;

    Closure(FoldGraph graph) {
        this.graph = graph;
        this.tree = Tree.of(graph);
        this.hinges = graph.hinges().size();
        this.points = graph.panels().stream().map(Closure::spanning).toList();
    }

    /** Where each panel is at these angles, degrees, following the tree. */
    Rigid[] place(double[] degrees) {
        Rigid[] placed = new Rigid[graph.panels().size()];
        Arrays.fill(placed, graph.held());
        for (Tree.Step step : tree.steps()) {
            Rigid motion = motion(step.link(), degrees);
            placed[step.child()] = placed[step.parent()].after(step.along() ? motion : motion.inverse());
        }
        return placed;
    }

    /** The angles nearest to {@code guess} at which all loops are closed, in which the driven hinges keep theirs. */
    double[] solve(double[] guess, boolean[] driven) {
        double[] angles = guess.clone();
        if (tree.closing().isEmpty()) {
            return angles;
        }
        double damping = 1e-9;
        for (int step = 0; step < MOST_STEPS; step++) {
            Rigid[] placed = place(angles);
            DMatrixRMaj residual = residual(placed, angles);
            if (CommonOps_DDRM.elementMaxAbs(residual) < CLOSED) {
                return angles;
            }
            DMatrixRMaj jacobian = jacobian(placed, angles, driven);
            double before = norm(residual);
            double[] next = stepped(angles, jacobian, residual, damping);
            double after = norm(residual(place(next), next));
            if (after < before) {
                angles = next;
                damping = Math.max(1e-12, damping / 10);
            } else if (damping > 1e3) {
                return angles;
            } else {
                damping *= 100;
            }
        }
        return angles;
    }

    /** The farthest that a loop is from closed, mm. */
    double gap(double[] degrees) {
        return tree.closing().isEmpty() ? 0 : CommonOps_DDRM.elementMaxAbs(residual(place(degrees), degrees));
    }

    /** How far going round each loop puts three points off their places, mm, loop by loop. */
    double[] gaps(double[] degrees) {
        return residual(place(degrees), degrees).getData().clone();
    }

    /** How many hinges could be moved freely, each on its own, at these angles. */
    int freedom(double[] degrees) {
        if (tree.closing().isEmpty()) {
            return hinges;
        }
        var svd = DecompositionFactory_DDRM.svd(false, false, true);
        if (!svd.decompose(jacobian(place(degrees), degrees, new boolean[hinges]))) {
            throw new IllegalStateException("the closure equations can't be decomposed");
        }
        return hinges - SingularOps_DDRM.rank(svd, 1e-7 * Math.max(1, Arrays.stream(svd.getSingularValues()).max().orElse(1)));
    }

    private static double[] stepped(double[] angles, DMatrixRMaj jacobian, DMatrixRMaj residual, double damping) {
        int n = angles.length;
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        DMatrixRMaj move = new DMatrixRMaj(n, 1);
        CommonOps_DDRM.multTransA(jacobian, jacobian, normal);
        CommonOps_DDRM.multTransA(-1, jacobian, residual, right);
        double scale = Math.max(1, CommonOps_DDRM.elementMaxAbs(normal));
        for (int i = 0; i < n; i++) {
            normal.add(i, i, damping * scale);
        }
        CommonOps_DDRM.solve(normal, right, move);
        double[] next = angles.clone();
        for (int i = 0; i < n; i++) {
            next[i] += Math.toDegrees(Math.max(-0.5, Math.min(0.5, move.get(i))));
        }
        return next;
    }

    private DMatrixRMaj residual(Rigid[] placed, double[] degrees) {
        DMatrixRMaj residual = new DMatrixRMaj(3 * POINTS * tree.closing().size(), 1);
        int row = 0;
        for (Link link : tree.closing()) {
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
        DMatrixRMaj jacobian = new DMatrixRMaj(3 * POINTS * tree.closing().size(), hinges);
        int row = 0;
        for (Link link : tree.closing()) {
            Rigid round = placed[link.from()].after(motion(link, degrees));
            for (Coordinate point : points(link.to())) {
                Vector3D there = round.apply(point.x, point.y, 0);
                Vector3D here = placed[link.to()].apply(point.x, point.y, 0);
                add(jacobian, row, tree.ways().get(link.from()), placed, there, 1, driven);
                add(jacobian, row, tree.ways().get(link.to()), placed, here, -1, driven);
                if (link instanceof Link.Folded) {
                    add(jacobian, row, List.of(new Tree.Step(link, true)), placed, there, 1, driven);
                }
                row += 3;
            }
        }
        return jacobian;
    }

    private static void add(DMatrixRMaj jacobian, int row, List<Tree.Step> way, Rigid[] placed, Vector3D point, int sign,
                            boolean[] driven) {
        for (Tree.Step step : way) {
            Link.Folded link = (Link.Folded) step.link();
            if (driven[link.index()]) {
                continue;
            }
            Stretch line = link.hinge().seenFrom(link.hinge().right());
            Rigid parent = placed[step.parent()];
            Vector3D origin = parent.apply(line.from());
            Vector3D axis = parent.apply(line.to()).subtract(origin).normalize();
            Vector3D arm = point.subtract(origin);
            double turn = sign * (step.along() ? 1 : -1);
            jacobian.add(row, link.index(), turn * (axis.getY() * arm.getZ() - axis.getZ() * arm.getY()));
            jacobian.add(row + 1, link.index(), turn * (axis.getZ() * arm.getX() - axis.getX() * arm.getZ()));
            jacobian.add(row + 2, link.index(), turn * (axis.getX() * arm.getY() - axis.getY() * arm.getX()));
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

    private static Rigid motion(Link link, double[] degrees) {
        return link.motion(link instanceof Link.Folded folded ? degrees[folded.index()] : 0);
    }

    private static double norm(DMatrixRMaj residual) {
        return NormOps_DDRM.normF(residual);
    }
}
