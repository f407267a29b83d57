package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Precision;

/** Looks at single moments for panels that cut through one another. */
final class PassingFinder {

    /** Nearer than this counts as touching, mm. */
    private static final double TOUCHING = Precision.CLOSES;

    private final FoldGraph graph;
    private final Set<Long> linked = new HashSet<>();

    PassingFinder(FoldGraph graph) {
        this.graph = graph;
        for (Link link : graph.links()) {
            linked.add(pair(link.from(), link.to()));
        }
        // what is tucked or laid over by hand is meant to be bent past the other
        graph.overs().forEach(over -> byHand(over[0], over[1]));
        graph.joins().stream().filter(link -> link.join().slides()).forEach(this::threaded);
    }

    /** What is threaded goes through the other piece, at slots that nobody asks about here. */
    private void threaded(Link.Glued link) {
        for (int a = 0; a < graph.panels().size(); a++) {
            for (int b = 0; b < graph.panels().size(); b++) {
                if (graph.pieceOf().get(a).equals(graph.pieceOf().get(link.from()))
                        && graph.pieceOf().get(b).equals(graph.pieceOf().get(link.to()))) {
                    linked.add(pair(a, b));
                }
            }
        }
    }

    /** What bends with two panels that are laid over one another: all that hangs on them unscored. */
    private void byHand(int above, int below) {
        for (int one : bendingWith(above)) {
            for (int other : bendingWith(below)) {
                linked.add(pair(one, other));
            }
        }
    }

    private Set<Integer> bendingWith(int panel) {
        Set<Integer> bending = new HashSet<>(Set.of(panel));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Link.Folded link : graph.hinges()) {
                if (link.hinge().fold() == Fold.BEND && bending.contains(link.from()) != bending.contains(link.to())) {
                    bending.add(link.from());
                    bending.add(link.to());
                    grew = true;
                }
            }
        }
        return bending;
    }

    List<Passing> find(List<Rigid[]> frames) {
        List<Passing> found = new ArrayList<>();
        Set<Long> seen = new HashSet<>(linked);
        for (int frame = 0; frame < frames.size(); frame++) {
            Rigid[] motions = frames.get(frame);
            Placed[] placed = new Placed[motions.length];
            Arrays.setAll(placed, i -> new Placed(graph.panels().get(i), motions[i]));
            for (int a = 0; a < placed.length; a++) {
                for (int b = a + 1; b < placed.length; b++) {
                    if (placed[a].box.intersects(placed[b].box)
                            && !seen.contains(pair(a, b))
                            && cross(placed[a], placed[b])) {
                        seen.add(pair(a, b));
                        found.add(new Passing(frame, a, b));
                    }
                }
            }
        }
        return found;
    }

    private static long pair(int a, int b) {
        return ((long) Math.min(a, b) << 32) | Math.max(a, b);
    }

    /**
     * Whether two panels cut through one another: each has paper on both sides of the other's plane, and along the line
     * in which the planes meet both have paper at the same place.
     */
    private boolean cross(Placed a, Placed b) {
        Vector3D line = cross(a.normal, b.normal);
        if (line.length() < 1e-9) {
            return false;
        }
        double[] aOffB = a.offPlaneOf(b);
        double[] bOffA = b.offPlaneOf(a);
        if (!isOnBothSides(aOffB) || !isOnBothSides(bOffA)) {
            return false;
        }
        Vector3D along = line.normalize();
        return overlap(a.cut(aOffB, along), b.cut(bOffA, along)) > TOUCHING;
    }

    private static boolean isOnBothSides(double[] off) {
        return Arrays.stream(off).max().orElse(0) > TOUCHING
                && Arrays.stream(off).min().orElse(0) < -TOUCHING;
    }

    /** The longest stretch that two sets of stretches, given as sorted ends, have in common. */
    private static double overlap(double[] one, double[] other) {
        double most = 0;
        for (int i = 0; i + 1 < one.length; i += 2) {
            for (int j = 0; j + 1 < other.length; j += 2) {
                most = Math.max(most, Math.min(one[i + 1], other[j + 1]) - Math.max(one[i], other[j]));
            }
        }
        return most;
    }

    private static Vector3D cross(Vector3D a, Vector3D b) {
        return new Vector3D(
                a.getY() * b.getZ() - a.getZ() * b.getY(),
                a.getZ() * b.getX() - a.getX() * b.getZ(),
                a.getX() * b.getY() - a.getY() * b.getX());
    }

    /** A panel at a moment. */
    private static final class Placed {
        private final List<Vector3D> corners;
        /** For each corner, the next one on its ring: the outline's, or a hole's. */
        private final int[] next;

        private final Vector3D normal;
        private final Vector3D on;
        private final Box box;

        Placed(Panel panel, Rigid motion) {
            corners = new ArrayList<>(panel.corners().size());
            panel.rings().forEach(ring -> ring.forEach(corner -> corners.add(motion.apply(corner))));
            next = new int[corners.size()];
            int first = 0;
            for (List<Spot> ring : panel.rings()) {
                for (int i = 0; i < ring.size(); i++) {
                    next[first + i] = first + (i + 1) % ring.size();
                }
                first += ring.size();
            }
            on = corners.get(0);
            normal = new Vector3D(motion.xz(), motion.yz(), motion.zz());
            box = Box.around(corners);
        }

        double[] offPlaneOf(Placed other) {
            return corners.stream()
                    .mapToDouble(corner -> corner.subtract(other.on).dot(other.normal))
                    .toArray();
        }

        /** Where the outline goes through the plane it is so far off from, along a line in that plane, sorted. */
        double[] cut(double[] off, Vector3D along) {
            List<Double> at = new ArrayList<>();
            for (int i = 0; i < off.length; i++) {
                int then = next[i];
                if (off[i] >= 0 != off[then] >= 0) {
                    double part = off[i] / (off[i] - off[then]);
                    at.add(corners.get(i).dot(along) * (1 - part)
                            + corners.get(then).dot(along) * part);
                }
            }
            return at.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        }
    }

    /** The upright box around a panel. */
    private record Box(double x1, double y1, double z1, double x2, double y2, double z2) {
        static Box around(List<Vector3D> corners) {
            double[] least = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
            double[] most = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
            // plain loops: this is done for every panel at every step of every motion
            for (Vector3D corner : corners) {
                double[] at = {corner.getX(), corner.getY(), corner.getZ()};
                for (int i = 0; i < 3; i++) {
                    least[i] = Math.min(least[i], at[i]);
                    most[i] = Math.max(most[i], at[i]);
                }
            }
            return new Box(least[0], least[1], least[2], most[0], most[1], most[2]);
        }

        boolean intersects(Box other) {
            return x1 <= other.x2
                    && other.x1 <= x2
                    && y1 <= other.y2
                    && other.y1 <= y2
                    && z1 <= other.z2
                    && other.z1 <= z2;
        }
    }
}
