package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Layers;

/** What would hide a seam: layers, and pieces that are glued over it. */
public final class SeamCovers {

    private final Map<Face, Geometry> covers = new HashMap<>();
    private final Predicate<Face> isSeen;

    /** @param isSeen whether a face shows anywhere on the card's way */
    public SeamCovers(FoldGraph graph, Layers layers, Predicate<Face> isSeen) {
        this.isSeen = isSeen;
        Map<Face, List<Geometry>> shapes = new HashMap<>();
        for (Layer layer : layers.all()) {
            shapes.computeIfAbsent(layer.face(), face -> new ArrayList<>()).add(layer.shape());
        }
        for (GlueArea area : GlueArea.of(graph)) {
            shapes.computeIfAbsent(new Face(area.panel(), area.side()), face -> new ArrayList<>())
                    .add(area.shape());
        }
        shapes.forEach((face, all) -> covers.put(face, UnaryUnionOp.union(all)));
    }

    /** The share of a line on a face that nobody sees, 0 to 1. */
    double hidden(Face face, LineString line) {
        if (!isSeen.test(face)) {
            return 1;
        }
        Geometry cover = covers.get(face);
        return cover == null ? 0 : cover.intersection(line).getLength() / line.getLength();
    }
}
