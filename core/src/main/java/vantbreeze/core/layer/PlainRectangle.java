package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * The largest upright rectangle in what is left of a panel. Its sides run through corners of the outline, of a curved
 * one through some of them: the widest run of covered fields of that grid, row by row.
 */
final class PlainRectangle {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Corners that lie less beside a straight line, mm, are none. */
    private static final double STRAIGHT = 0.01;
    /** What lies across a joint is dressed too where it is at least so large, as a part of the first; our estimate. */
    private static final double LIKEWISE = 0.5;
    /** Edges that differ by less, mm, are in line. */
    private static final double ALIKE = 0.5;
    /** Fields a side of the grid. */
    private static final int MOST_LINES = 25;

    private PlainRectangle() {}

    /**
     * The largest, and what lies across a joint from it: as high or as wide, with the joint between them. So a base
     * with struts down its middle is dressed on both sides of them.
     */
    static List<Polygon> in(Polygon shape) {
        Polygon first = one(shape);
        List<Polygon> all = new ArrayList<>(List.of(first));
        Envelope own = first.getEnvelopeInternal();
        if (first.getArea() < shape.getArea() * (1 - STRAIGHT)) {
            Inset.polygons(shape.difference(first.buffer(STRAIGHT))).stream()
                    .map(PlainRectangle::one)
                    .filter(other -> other.getArea() >= first.getArea() * LIKEWISE)
                    .filter(other -> isAcross(own, other.getEnvelopeInternal(), shape))
                    .forEach(all::add);
        }
        return all;
    }

    /** Whether two stand side by side or one above the other, and what is between them is not all of the shape. */
    private static boolean isAcross(Envelope one, Envelope other, Polygon shape) {
        Envelope both = new Envelope(one);
        both.expandToInclude(other);
        boolean beside = isAlike(one.getMinY(), other.getMinY()) && isAlike(one.getMaxY(), other.getMaxY());
        boolean above = isAlike(one.getMinX(), other.getMinX()) && isAlike(one.getMaxX(), other.getMaxX());
        if (beside == above) {
            return false;
        }
        Envelope between = beside
                ? new Envelope(
                        Math.min(one.getMaxX(), other.getMaxX()),
                        Math.max(one.getMinX(), other.getMinX()),
                        both.getMinY(),
                        both.getMaxY())
                : new Envelope(
                        both.getMinX(),
                        both.getMaxX(),
                        Math.min(one.getMaxY(), other.getMaxY()),
                        Math.max(one.getMinY(), other.getMinY()));
        return !shape.buffer(STRAIGHT).covers(FACTORY.toGeometry(between));
    }

    private static boolean isAlike(double one, double other) {
        return Math.abs(one - other) < ALIKE;
    }

    /** The shape itself where it has three or four corners and no holes. */
    private static Polygon one(Polygon shape) {
        Polygon simple = (Polygon) DouglasPeuckerSimplifier.simplify(shape, STRAIGHT);
        return simple.getNumInteriorRing() == 0 && simple.getNumPoints() <= 5 ? shape : largest(shape, simple);
    }

    private static Polygon largest(Polygon shape, Polygon simple) {
        double[] across = lines(Arrays.stream(simple.getCoordinates()).mapToDouble(Coordinate::getX));
        double[] up = lines(Arrays.stream(simple.getCoordinates()).mapToDouble(Coordinate::getY));
        boolean[][] covered = covered(PreparedGeometryFactory.prepare(shape.buffer(STRAIGHT)), across, up);
        Envelope best = new Envelope();
        for (int left = 0; left + 1 < across.length; left++) {
            boolean[] all = new boolean[up.length - 1];
            Arrays.fill(all, true);
            for (int right = left + 1; right < across.length; right++) {
                int foot = 0;
                for (int row = 0; row < all.length; row++) {
                    all[row] &= covered[right - 1][row];
                    foot = all[row] ? foot : row + 1;
                    Envelope box = new Envelope(across[left], across[right], up[foot], up[row + 1]);
                    best = all[row] && box.getArea() > best.getArea() ? box : best;
                }
            }
        }
        return best.isNull() ? shape : (Polygon) FACTORY.toGeometry(best);
    }

    private static double[] lines(DoubleStream all) {
        double[] sorted = all.map(one -> Math.rint(one / STRAIGHT) * STRAIGHT)
                .sorted()
                .distinct()
                .toArray();
        if (sorted.length <= MOST_LINES) {
            return sorted;
        }
        return IntStream.range(0, MOST_LINES)
                .mapToDouble(i -> sorted[i * (sorted.length - 1) / (MOST_LINES - 1)])
                .toArray();
    }

    private static boolean[][] covered(PreparedGeometry shape, double[] across, double[] up) {
        boolean[][] covered = new boolean[across.length - 1][up.length - 1];
        for (int column = 0; column < covered.length; column++) {
            for (int row = 0; row < covered[column].length; row++) {
                covered[column][row] = shape.covers(
                        FACTORY.toGeometry(new Envelope(across[column], across[column + 1], up[row], up[row + 1])));
            }
        }
        return covered;
    }
}
