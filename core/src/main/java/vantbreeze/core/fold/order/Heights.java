package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Side;

/**
 * The order of the panels of a form that does not lie flat, like a box: by how high they lie; of those that lie equally
 * high, what is glued on another or laid over it by hand is told by that.
 */
final class Heights {

    /** Panels nearer than this lie equally high, mm. */
    private static final double LEVEL = 0.01;

    private final FoldGraph graph;
    private final FoldedForm form;
    private final List<Double> heights;

    private Heights(FoldedForm form) {
        this.graph = form.graph();
        this.form = form;
        this.heights = form.placed().stream().map(Heights::height).toList();
    }

    static LayerOrder of(FoldedForm form) {
        return LayerOrder.inTurn(new Heights(form).fromBelow());
    }

    private static double height(PlacedPanel panel) {
        return panel.corners().stream().mapToDouble(Vector3D::getZ).average().orElse(0);
    }

    /** Again and again the lowest under which none is left; any, should they lie in a ring. */
    private List<Integer> fromBelow() {
        List<int[]> pairs = pairs();
        List<Integer> left = new ArrayList<>(IntStream.range(0, heights.size())
                .boxed()
                .sorted(Comparator.comparing(heights::get))
                .toList());
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            Integer next = left.stream()
                    .filter(panel -> pairs.stream().noneMatch(pair -> pair[1] == panel && left.contains(pair[0])))
                    .findFirst()
                    .orElse(left.get(0));
            left.remove(next);
            order.add(next);
        }
        return order;
    }

    /** Two panels each of which the first lies below the second. */
    private List<int[]> pairs() {
        List<int[]> pairs = new ArrayList<>();
        for (Link.Glued link : graph.joins()) {
            boolean isUp = (link.join().onSide() == Side.FACE)
                    == form.placed().get(link.from()).motion().showsFace();
            pairs.add(isUp ? new int[] {link.from(), link.to()} : new int[] {link.to(), link.from()});
        }
        for (int[] over : graph.overs()) {
            if (Math.abs(heights.get(over[0]) - heights.get(over[1])) < LEVEL) {
                pairs.add(new int[] {over[1], over[0]});
            }
        }
        return pairs;
    }
}
