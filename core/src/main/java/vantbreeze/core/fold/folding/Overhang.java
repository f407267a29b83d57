package vantbreeze.core.fold.folding;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.length.Precision;

/**
 * A panel that reaches past the body of the closed card: of all panels that lie flat with one another those that take
 * up most of it, holes and notches included; of equals those that everything else moves from. Where several panels
 * reach equally far on a side, as the leaves of a fan do, they are the card's own shape; what is threaded is drawn in
 * and out.
 *
 * @param panel which, by index
 * @param body the panel whose edge it reaches past, by index
 * @param across whether to the left or right; otherwise up or down
 * @param millimetres by how much
 */
public record Overhang(int panel, int body, boolean across, double millimetres) {

    /** As many panels may reach past one side of the body by mistake; more of them are meant. */
    private static final int BY_MISTAKE = 2;

    /** All that reach past the body, the farthest first. */
    public static List<Overhang> of(FoldGraph graph, FoldedForm closed, Pose pose) {
        int[] leaf = graph.leaves(pose);
        Set<Integer> threaded = graph.joins().stream()
                .filter(link -> link.join().slides())
                .map(link -> link.join().glued().piece())
                .collect(Collectors.toSet());
        int bodily = body(graph, closed, leaf);
        Envelope body = box(closed, leaf, leaf[bodily]);
        List<Overhang> all = new ArrayList<>();
        for (int side = 0; side < 4; side++) {
            int which = side;
            List<Overhang> reaching = IntStream.range(0, leaf.length)
                    .filter(i -> !threaded.contains(graph.pieceOf().get(i)))
                    .mapToObj(i -> new Overhang(i, bodily, which < 2, beyond(body, box(closed, i), which)))
                    .filter(reach -> reach.millimetres >= Precision.CLOSES)
                    .sorted(Comparator.comparingDouble(reach -> -reach.millimetres))
                    .toList();
            long farthest = reaching.stream()
                    .filter(reach -> reach.millimetres > reaching.get(0).millimetres - Precision.CLOSES)
                    .map(reach -> leaf[reach.panel])
                    .distinct()
                    .count();
            if (farthest > 0 && farthest <= BY_MISTAKE) {
                all.add(reaching.get(0));
            }
        }
        all.sort(Comparator.comparingDouble(reach -> -reach.millimetres));
        return all;
    }

    /** The largest panel of the body. */
    private static int body(FoldGraph graph, FoldedForm closed, int[] leaf) {
        double base = box(closed, leaf, leaf[graph.base()]).getArea();
        int largest = Arrays.stream(leaf)
                .distinct()
                .boxed()
                .max(Comparator.comparingDouble(one -> box(closed, leaf, one).getArea()))
                .orElseThrow();
        if (box(closed, leaf, largest).getArea() <= base + Precision.NO_AREA) {
            return graph.base();
        }
        return IntStream.range(0, leaf.length)
                .filter(i -> leaf[i] == largest)
                .boxed()
                .max(Comparator.comparingDouble(i -> graph.panels().get(i).area()))
                .orElseThrow();
    }

    private static Envelope box(FoldedForm closed, int[] leaf, int which) {
        Envelope box = new Envelope();
        for (int i = 0; i < leaf.length; i++) {
            if (leaf[i] == which) {
                box.expandToInclude(box(closed, i));
            }
        }
        return box;
    }

    private static Envelope box(FoldedForm closed, int panel) {
        return closed.placed().get(panel).shadow().getEnvelopeInternal();
    }

    private static double beyond(Envelope body, Envelope panel, int side) {
        return switch (side) {
            case 0 -> body.getMinX() - panel.getMinX();
            case 1 -> panel.getMaxX() - body.getMaxX();
            case 2 -> body.getMinY() - panel.getMinY();
            default -> panel.getMaxY() - body.getMaxY();
        };
    }
}
