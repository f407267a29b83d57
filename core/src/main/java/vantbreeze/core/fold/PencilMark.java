package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.length.Precision;

/**
 * A pencil mark for where a second piece is glued on, to be rubbed out later.
 *
 * @param panel the panel that is marked, by its index in the graph
 * @param at where on its sheet
 * @param glued the panel whose corner comes to lie there
 * @param side which side of the paper is marked
 * @param join which of the graph's joins it is for
 */
public record PencilMark(int panel, Spot at, int glued, Side side, int join) {

    /** Two marks, lower left and upper right, for each panel glued on another whose corners do not place it anyway. */
    public static List<PencilMark> of(FoldGraph graph) {
        List<PencilMark> marks = new ArrayList<>();
        for (int join = 0; join < graph.joins().size(); join++) {
            Link.Glued link = graph.joins().get(join);
            if (link.join().slides()
                    || graph.pieceOf().get(link.from()).equals(graph.pieceOf().get(link.to()))) {
                continue;
            }
            Envelope placed = new PlacedPanel(graph.panels().get(link.to()), link.motion(0))
                    .shadow()
                    .getEnvelopeInternal();
            Envelope on = graph.panels().get(link.from()).shape().getEnvelopeInternal();
            Envelope shared = placed.intersection(on);
            for (Spot at : List.of(
                    Spot.nearest(shared.getMinX(), shared.getMinY()),
                    Spot.nearest(shared.getMaxX(), shared.getMaxY()))) {
                if (!isCornerOf(on, at)) {
                    marks.add(new PencilMark(
                            link.from(), at, link.to(), link.join().onSide(), join));
                }
            }
        }
        return marks;
    }

    private static boolean isCornerOf(Envelope box, Spot at) {
        double x = at.x().millimetres();
        double y = at.y().millimetres();
        return near(x, box.getMinX(), box.getMaxX()) && near(y, box.getMinY(), box.getMaxY());
    }

    private static boolean near(double value, double one, double other) {
        return Math.min(Math.abs(value - one), Math.abs(value - other)) < Precision.ALIKE;
    }
}
