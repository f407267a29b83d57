package vantbreeze.core.layer;

import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Rigid;

/**
 * What is glued on a panel and can be hidden by layers that lie whole over it: it takes no more than a part of the
 * panel, lies flat on it without foam, all of it is glued, and nothing rises there from the middle of the panel.
 */
final class HiddenTab {

    /** Nearer than this to a panel's edge a fold lies at it, mm. */
    private static final double AT_THE_EDGE = 1;

    private HiddenTab() {}

    /**
     * Whether what is glued by a join can be hidden so.
     *
     * @param shape of the paper that it is glued on, millimetres
     * @param folds along the edges of what is glued, on its own sheet
     * @param most how much of the paper it may take, as a part of one
     */
    static boolean isPossible(Link.Glued link, FoldGraph graph, Geometry shape, List<LineString> folds, double most) {
        if (link.join().foam().isPositive() || link.join().slides()) {
            return false;
        }
        Rigid laid = link.motion(0);
        double glued = GlueArea.of(link, graph).stream()
                .filter(area -> area.panel() == link.from())
                .mapToDouble(area -> area.shape().getArea())
                .sum();
        return glued > 0
                && GlueArea.isAllGlued(link, graph, shape)
                && glued <= most * shape.getArea()
                && folds.stream().allMatch(fold -> isAtTheEdge(placed(laid, fold), shape));
    }

    private static boolean isAtTheEdge(LineString fold, Geometry shape) {
        return fold.intersection(shape)
                        .difference(shape.getBoundary().buffer(AT_THE_EDGE))
                        .getLength()
                < AT_THE_EDGE;
    }

    private static LineString placed(Rigid laid, LineString fold) {
        Coordinate[] ends = Arrays.stream(fold.getCoordinates())
                .map(end -> laid.apply(end.x, end.y, 0))
                .map(end -> new Coordinate(end.getX(), end.getY()))
                .toArray(Coordinate[]::new);
        return fold.getFactory().createLineString(ends);
    }
}
