package vantbreeze.core.layer;

import java.util.Arrays;
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
    /** Fields a side of the grid. */
    private static final int MOST_LINES = 25;

    private PlainRectangle() {}

    /** The shape itself where it has three or four corners and no holes. */
    static Polygon in(Polygon shape) {
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
