package vantbreeze.core.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.math.Vector3D;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Where every panel is when a card takes a pose: the base lies still, the others follow from link to link, each fold a
 * turn about its hinge (a reflection when it is folded flat).
 *
 * @param graph whose form it is
 * @param placed the panels, by index
 * @param loops every loop that a link closes
 */
public record FoldedForm(FoldGraph graph, List<PlacedPanel> placed, List<LoopGap> loops) {

    public FoldedForm {
        placed = List.copyOf(placed);
        loops = List.copyOf(loops);
    }

    /** The form that one piece takes in {@code pose}. */
    public static FoldedForm of(Panels panels, Pose pose) {
        return of(FoldGraph.of(panels), pose);
    }

    /** The form that {@code graph} takes in {@code pose}. What hangs on nothing stays as it lay on its sheet. */
    public static FoldedForm of(FoldGraph graph, Pose pose) {
        return new Walk(graph, pose).form();
    }

    /** The widest gap at any loop, millimetres; nil when the pose is possible. */
    public double closureError() {
        return loops.stream().mapToDouble(LoopGap::gap).max().orElse(0);
    }

    /** Width and height of what the form covers on the table, to the nearest unit. */
    public Size footprint() {
        Envelope box = box();
        return new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
    }

    /** The outline of all that it covers on the table, millimetres. */
    public Geometry outline() {
        return UnaryUnionNG.union(
                placed.stream().map(panel -> (Geometry) panel.shadow()).toList(),
                new GeometryFactory(),
                new PrecisionModel(10_000));
    }

    /** Whether a shape on a panel's sheet lies over a place on the table. */
    public boolean covers(int panel, Polygon shape, Coordinate at) {
        Vector3D onSheet = placed.get(panel).motion().inverse().apply(at.x, at.y, 0);
        return SimplePointInAreaLocator.isContained(new Coordinate(onSheet.getX(), onSheet.getY()), shape);
    }

    /** The left edge of what it covers, millimetres. */
    public double left() {
        return box().getMinX();
    }

    /** The lower edge of what it covers, millimetres. */
    public double bottom() {
        return box().getMinY();
    }

    private Envelope box() {
        Envelope box = new Envelope();
        placed.forEach(panel -> box.expandToInclude(panel.shadow().getEnvelopeInternal()));
        return box;
    }

    /** Breadth first from the base; a link to a panel already reached closes a loop. */
    private static final class Walk {

        private final FoldGraph graph;
        private final Pose pose;
        private final Rigid[] motions;
        private final int[] cameFrom;
        private final List<LoopGap> loops = new ArrayList<>();

        Walk(FoldGraph graph, Pose pose) {
            this.graph = graph;
            this.pose = pose;
            this.motions = new Rigid[graph.panels().size()];
            this.cameFrom = new int[motions.length];
        }

        FoldedForm form() {
            List<List<Link>> links = graph.linksByPanel();
            Set<Link> used = Collections.newSetFromMap(new IdentityHashMap<>());
            Deque<Integer> reached = new ArrayDeque<>();
            start(graph.base(), reached);
            while (!reached.isEmpty()) {
                int from = reached.remove();
                for (Link link : links.get(from)) {
                    if (used.add(link)) {
                        follow(link, from, reached);
                    }
                }
            }
            List<PlacedPanel> placed = new ArrayList<>();
            for (int i = 0; i < motions.length; i++) {
                placed.add(new PlacedPanel(graph.panels().get(i), motions[i] == null ? Rigid.NONE : motions[i]));
            }
            return new FoldedForm(graph, placed, loops);
        }

        private void start(int base, Deque<Integer> reached) {
            motions[base] = graph.held();
            cameFrom[base] = -1;
            reached.add(base);
        }

        private void follow(Link link, int from, Deque<Integer> reached) {
            boolean along = link.from() == from;
            int to = along ? link.to() : link.from();
            Rigid step = link.motion(link.reading(pose));
            Rigid motion = motions[from].after(along ? step : step.inverse());
            if (motions[to] == null) {
                motions[to] = motion;
                cameFrom[to] = from;
                reached.add(to);
            } else {
                loops.add(new LoopGap(loop(from, to), gap(to, motion)));
            }
        }

        private double gap(int panel, Rigid motion) {
            return graph.panels().get(panel).corners().stream()
                    .mapToDouble(corner -> motion.apply(corner)
                            .subtract(motions[panel].apply(corner))
                            .length())
                    .max()
                    .orElse(0);
        }

        private List<Integer> loop(int from, int to) {
            List<Integer> upFrom = up(from);
            List<Integer> upTo = up(to);
            while (upFrom.size() > 1
                    && upTo.size() > 1
                    && upFrom.get(upFrom.size() - 2).equals(upTo.get(upTo.size() - 2))) {
                upFrom.remove(upFrom.size() - 1);
                upTo.remove(upTo.size() - 1);
            }
            upTo.remove(upTo.size() - 1);
            Collections.reverse(upTo);
            upFrom.addAll(upTo);
            return upFrom;
        }

        private List<Integer> up(int panel) {
            List<Integer> way = new ArrayList<>();
            for (int at = panel; at >= 0; at = cameFrom[at]) {
                way.add(at);
            }
            return way;
        }
    }
}
