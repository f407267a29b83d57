package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
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

    /** The form that {@code graph} takes in {@code pose}. What hangs on nothing lies as the card is held. */
    public static FoldedForm of(FoldGraph graph, Pose pose) {
        return walked(graph, pose);
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

    private static FoldedForm walked(FoldGraph graph, Pose pose) {
        SpanningTree tree = graph.tree();
        Rigid[] motions = new Rigid[graph.panels().size()];
        Arrays.fill(motions, graph.held());
        for (SpanningTree.Step step : tree.steps()) {
            motions[step.child()] =
                    step.place(motions[step.parent()], step.link().reading(pose));
        }
        List<PlacedPanel> placed = new ArrayList<>();
        for (int i = 0; i < motions.length; i++) {
            placed.add(new PlacedPanel(graph.panels().get(i), motions[i]));
        }
        SpanningTree.Step[] stepTo = tree.stepTo();
        List<LoopGap> loops = new ArrayList<>();
        for (SpanningTree.Step closing : tree.closing()) {
            Rigid round =
                    closing.place(motions[closing.parent()], closing.link().reading(pose));
            loops.add(new LoopGap(
                    loop(closing.parent(), closing.child(), stepTo),
                    gap(graph.panels().get(closing.child()), round, motions[closing.child()])));
        }
        return new FoldedForm(graph, placed, loops);
    }

    private static double gap(Panel panel, Rigid one, Rigid other) {
        return panel.corners().stream()
                .mapToDouble(corner ->
                        one.apply(corner).subtract(other.apply(corner)).length())
                .max()
                .orElse(0);
    }

    /** Up from one panel to where the ways part, and down to the other. */
    private static List<Integer> loop(int from, int to, SpanningTree.Step[] stepTo) {
        List<Integer> upFrom = up(from, stepTo);
        List<Integer> upTo = up(to, stepTo);
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

    private static List<Integer> up(int panel, SpanningTree.Step[] stepTo) {
        List<Integer> way = new ArrayList<>(List.of(panel));
        for (SpanningTree.Step step = stepTo[panel]; step != null; step = stepTo[step.parent()]) {
            way.add(step.parent());
        }
        return way;
    }
}
