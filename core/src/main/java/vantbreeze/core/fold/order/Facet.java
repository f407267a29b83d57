package vantbreeze.core.fold.order;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** Panels that lie in one plane because the creases between them stay open. */
final class Facet {

    private final int index;
    private final List<Integer> panels;
    private final Geometry shape;
    private final boolean faceUp;
    private final boolean convex;
    private Geometry inside;

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
        this.convex = Flat.isConvex(shape);
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
        if (!Flat.mayCross(from, to, shape)) {
            return false;
        }
        if (!convex && inside == null) {
            inside = shape.buffer(-Flat.NEAR);
        }
        return Flat.runsThrough(from, to, convex ? shape : inside, convex);
    }
}
