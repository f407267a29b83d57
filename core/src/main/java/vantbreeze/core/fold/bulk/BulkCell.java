package vantbreeze.core.fold.bulk;

import java.util.List;
import org.locationtech.jts.geom.Polygon;

/**
 * A part of the closed card that is equally thick all over.
 *
 * @param shape where, on the table, millimetres
 * @param panels the panels that lie there, by index, from below where their order is known
 * @param heights how thick each of them is there with all that lies on it, millimetres
 * @param air how much of nothing is under the topmost of them, in a box, millimetres
 */
public record BulkCell(Polygon shape, List<Integer> panels, List<Double> heights, double air) {

    /** No paper lies in a gap narrower than this, mm; from memory. */
    private static final double THINNEST = 0.2;

    public BulkCell {
        panels = List.copyOf(panels);
        heights = List.copyOf(heights);
    }

    /** Where one lies on another. */
    public BulkCell(Polygon shape, List<Integer> panels, List<Double> heights) {
        this(shape, panels, heights, 0);
    }

    /**
     * Whether it is wide enough to hold paper: a disc of {@link #THINNEST} fits into it. Cells thinner than that are
     * what rounding leaves between edges that were meant to meet.
     */
    public boolean isPlace() {
        // the largest disc inside is no smaller than area by length of outline: mostly that settles it
        return 2 * shape.getArea() >= THINNEST * shape.getLength()
                || !shape.buffer(-THINNEST / 2).isEmpty();
    }

    /** Of all that lies there, millimetres. */
    public double thickness() {
        return air + heights.stream().mapToDouble(Double::doubleValue).sum();
    }
}
