package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;

/**
 * Something on a panel that adds to its thickness: a layer, a foam pad, an embellishment.
 *
 * @param name what the maker calls it
 * @param panel the panel it is on, by index
 * @param side which side of it
 * @param shape what it covers on the panel's sheet, holes and all, millimetres
 * @param height how far it stands up
 * @param grams what it weighs
 */
public record Added(String name, int panel, Side side, Polygon shape, Length height, double grams) {

    /** Foam tape of polyethylene with its glue and backing, g/cm³; from memory. */
    private static final double FOAM_DENSITY = 0.1;

    /** What foam of a shape weighs, grams. */
    public static double foamGrams(Polygon shape, Length thickness) {
        return FOAM_DENSITY * shape.getArea() * thickness.millimetres() / 1000;
    }

    /** The foam between pieces that are glued on foam. */
    public static List<Added> foam(FoldGraph graph) {
        List<Added> foam = new ArrayList<>();
        graph.joins().stream()
                .filter(link -> link.join().foam().isPositive())
                .forEach(link -> GlueArea.of(link, graph).stream()
                        .filter(area -> area.panel() == link.from())
                        .forEach(area -> foam.add(new Added(
                                "foam",
                                area.panel(),
                                area.side(),
                                area.shape(),
                                link.join().foam(),
                                foamGrams(area.shape(), link.join().foam())))));
        return List.copyOf(foam);
    }
}
