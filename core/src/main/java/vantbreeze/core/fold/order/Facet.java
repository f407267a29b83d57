package vantbreeze.core.fold.order;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import vantbreeze.core.fold.plane.Flat;

/** Panels that lie in one plane because the creases between them stay open. */
final class Facet {

    private final int index;
    private final List<Integer> panels;
    private final Geometry shape;
    private final boolean faceUp;

    /**
     * @param index its place among the facets
     * @param panels the panels, by their index in the fold graph
     * @param shape where it lies in the flat form, millimetres
     * @param faceUp whether its decorated side is up
     */
    Facet(int index, List<Integer> panels, Geometry shape, boolean faceUp) {
        this.index = index;
        this.panels = List.copyOf(panels);
        this.shape = shape;
        this.faceUp = faceUp;
    }

    int index() {
        return index;
    }

    List<Integer> panels() {
        return panels;
    }

    Geometry shape() {
        return shape;
    }

    boolean faceUp() {
        return faceUp;
    }

    /** Whether a segment runs through its inside over some length. */
    boolean isCrossedBy(Coordinate from, Coordinate to) {
        return Flat.mayCross(from, to, shape) && Flat.runsThrough(from, to, shape);
    }
}
