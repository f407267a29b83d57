package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;

/** Looks at single moments for an edge of one panel that pierces another. */
final class PassingFinder {

    /** Nearer than this counts as touching, mm. */
    private static final double TOUCHING = 0.02;

    private final FoldGraph graph;
    private final Set<Long> linked = new HashSet<>();

    PassingFinder(FoldGraph graph) {
        this.graph = graph;
        for (Link link : graph.links()) {
            linked.add(pair(link.from(), link.to()));
        }
    }

    List<Passing> find(List<Rigid[]> frames) {
        List<Passing> found = new ArrayList<>();
        Set<Long> seen = new HashSet<>(linked);
        for (int frame = 0; frame < frames.size(); frame++) {
            Rigid[] placed = frames.get(frame);
            for (int a = 0; a < placed.length; a++) {
                for (int b = a + 1; b < placed.length; b++) {
                    if (!seen.contains(pair(a, b)) && (pierces(a, b, placed) || pierces(b, a, placed))) {
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

    /** Whether an edge of {@code a} goes through the inside of {@code b}, seen on b's own sheet. */
    private boolean pierces(int a, int b, Rigid[] placed) {
        Rigid toB = placed[b].inverse().after(placed[a]);
        Panel panel = graph.panels().get(a);
        Coordinate[] target = graph.panels().get(b).shape().getExteriorRing().getCoordinates();
        for (int i = 0; i < panel.corners().size(); i++) {
            Vector3D p = toB.apply(panel.corners().get(i));
            Vector3D q = toB.apply(panel.corners().get((i + 1) % panel.corners().size()));
            boolean through = p.getZ() > TOUCHING && q.getZ() < -TOUCHING || p.getZ() < -TOUCHING && q.getZ() > TOUCHING;
            if (through) {
                double part = p.getZ() / (p.getZ() - q.getZ());
                Coordinate at = new Coordinate(p.getX() + part * (q.getX() - p.getX()), p.getY() + part * (q.getY() - p.getY()));
                if (isWellInside(at, target)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isWellInside(Coordinate at, Coordinate[] ring) {
        for (double[] off : new double[][] {{0, 0}, {TOUCHING, 0}, {-TOUCHING, 0}, {0, TOUCHING}, {0, -TOUCHING}}) {
            if (RayCrossingCounter.locatePointInRing(new Coordinate(at.x + off[0], at.y + off[1]), ring) != Location.INTERIOR) {
                return false;
            }
        }
        return true;
    }
}
