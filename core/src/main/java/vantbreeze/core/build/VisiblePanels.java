package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;

/**
 * What is seen of each panel of a part in a pose. Of two panels that are seen at the same place the nearer one is told
 * there, by an exact overlay of what both cover; so it is right wherever panels do not pass through one another. Film
 * hides nothing.
 */
final class VisiblePanels {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Less than this of paper is not seen, mm². */
    static final double A_SPECK = 0.2;

    /** Nearer than this paper lies on paper, mm. */
    static final double TOUCHING = 0.3;

    private final Part part;
    private final SampledPose pose;
    private final Eye eye;
    private final List<Geometry> visible = new ArrayList<>();

    /**
     * @param eye from where
     * @param lowest of panels that lie on one another in no way that is known, which is the lower one
     */
    VisiblePanels(Part part, SampledPose pose, Eye eye, Comparator<Integer> lowest) {
        this.part = part;
        this.pose = pose;
        this.eye = eye;
        List<Polygon> seen = new ArrayList<>();
        for (int i = 0; i < count(); i++) {
            seen.add(eye.see(motion(i), part.graph().panels().get(i).shape()));
            visible.add(FACTORY.createPolygon());
        }
        List<Integer> order = fromFar(seen, lowest);
        for (int place = 0; place < order.size(); place++) {
            Geometry left = seen.get(order.get(place));
            for (int nearer : order.subList(place + 1, order.size())) {
                Polygon before = seen.get(nearer);
                if (Seen.of(piece(nearer)) != Seen.FILM
                        && before.getEnvelopeInternal().intersects(left.getEnvelopeInternal())) {
                    left = Overlays.area(left, before, OverlayNG.DIFFERENCE);
                }
            }
            visible.set(order.get(place), left);
        }
    }

    /** What is seen of a panel, as the eye sees it; empty where all of it is hidden. */
    Geometry visible(int panel) {
        return visible.get(panel);
    }

    /** The piece of a panel. */
    Piece piece(int panel) {
        FoldGraph graph = part.graph();
        return graph.assembly().pieces().get(graph.pieceOf().get(panel));
    }

    /** How many panels the part has. */
    int count() {
        return part.graph().panels().size();
    }

    /** Where a panel is in the pose. */
    Rigid motion(int panel) {
        return pose.frame().panels().get(panel);
    }

    /** Panels that are seen at all, the farthest first. */
    private List<Integer> fromFar(List<Polygon> seen, Comparator<Integer> lowest) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < count(); i++) {
            if (seen.get(i).getArea() > A_SPECK) {
                left.add(i);
            }
        }
        left.sort(lowest);
        Map<Integer, Set<Integer>> behind = new HashMap<>();
        left.forEach(one -> behind.put(one, new HashSet<>()));
        for (int i = 0; i < left.size(); i++) {
            for (int j = i + 1; j < left.size(); j++) {
                int one = left.get(i);
                int other = left.get(j);
                int nearer = nearer(one, other, seen);
                if (nearer > 0) {
                    requireNonNull(behind.get(one)).add(other);
                } else if (nearer < 0) {
                    requireNonNull(behind.get(other)).add(one);
                }
            }
        }
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            // where they lie on one another in a ring, the first of them goes first
            int next = left.stream()
                    .filter(one -> order.containsAll(requireNonNull(behind.get(one))))
                    .findFirst()
                    .orElse(left.get(0));
            order.add(next);
            left.remove(Integer.valueOf(next));
        }
        return order;
    }

    /**
     * Over 0 where one panel is nearer than another, under 0 where that is, 0 where they hide nothing of one another.
     */
    private int nearer(int one, int other, List<Polygon> seen) {
        if (!seen.get(one).getEnvelopeInternal().intersects(seen.get(other).getEnvelopeInternal())) {
            return 0;
        }
        Geometry common = Overlays.area(seen.get(one), seen.get(other), OverlayNG.INTERSECTION);
        if (common.getArea() < A_SPECK) {
            return 0;
        }
        Coordinate place = common.getInteriorPoint().getCoordinate();
        double nearer = eye.near(motion(one), place) - eye.near(motion(other), place);
        return Math.abs(nearer) > TOUCHING ? (nearer > 0 ? 1 : -1) : lies(one, other);
    }

    /** Of two panels that touch: as they are glued or folded to one another; 0 where they are neither. */
    private int lies(int one, int other) {
        for (Link link : part.graph().links()) {
            boolean isTo = link.to() == one && link.from() == other;
            boolean isFrom = link.from() == one && link.to() == other;
            if (link instanceof Link.Glued glued && (isTo || isFrom)) {
                Side carries = isTo ? glued.join().onSide() : glued.join().gluedSide();
                return carries == eye.side(motion(other)) ? 1 : -1;
            }
            if (link instanceof Link.Folded fold && (isTo || isFrom)) {
                double degrees = pose.frame().degrees().get(fold.index());
                return (degrees > 0 ? Side.FACE : Side.BACK) == eye.side(motion(other)) ? 1 : -1;
            }
        }
        return 0;
    }
}
