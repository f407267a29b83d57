package vantbreeze.core.outline;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * An outline of width 1 and height 1, its foot on the line y = 0 and its axis x = 0, symmetrical, with a straight
 * upright run on each side along which a neighbour can hang.
 *
 * @param below corners of the right half from the axis at the foot to the lower end of the run
 * @param above corners from the upper end of the run to the axis at the head
 * @param ratio the drawing's own height for a width of 1
 */
public record Silhouette(List<Coordinate> below, List<Coordinate> above, double ratio) {

    private static final String NO_AREA =
            "The outline has no area. Draw one closed line, like M 0 0 L 40 0 L 40 60 L 0 60 Z.";

    /**
     * Most corners of an outline, its bends drawn as short straight lines: laying layers on eight of them still takes
     * under a second.
     */
    public static final int MOST_CORNERS = 200;

    /** The least part of the height that a side must run straight up for a hinge; from memory. */
    public static final double LEAST_RUN = 0.25;

    /** As much of the width as may be trimmed off each side to get a straight run. */
    private static final double MOST_TRIMMED = 0.15;

    private static final double TRIM_STEP = 0.0025;
    /** More than this part of its area on one side only is not symmetrical. */
    private static final double LOPSIDED = 0.01;

    private static final double FLAT = 0.0003;
    private static final double NEAR = 1e-6;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public Silhouette {
        below = List.copyOf(below);
        above = List.copyOf(above);
    }

    /**
     * The outline of {@code drawn}, y upwards, its sides trimmed straight where they are not.
     *
     * @throws IllegalArgumentException when it is not one closed line, crosses itself, is lopsided, or too round to be
     *     hinged; in words for the maker
     */
    public static Silhouette of(Shape drawn) {
        Rectangle2D box = drawn.getBounds2D();
        if (!(box.getWidth() > 0) || !(box.getHeight() > 0)) {
            throw new IllegalArgumentException(NO_AREA);
        }
        AffineTransform toUnit = AffineTransform.getScaleInstance(1 / box.getWidth(), 1 / box.getHeight());
        toUnit.translate(-box.getCenterX(), -box.getMinY());
        Polygon whole = polygon(toUnit.createTransformedShape(drawn));
        if (whole == null) {
            throw new IllegalArgumentException(NO_AREA);
        }
        requireSymmetry(whole);
        for (double trimmed = 0; trimmed <= MOST_TRIMMED; trimmed += TRIM_STEP) {
            Silhouette found = trimmedTo(whole, 0.5 - trimmed, box.getHeight() / box.getWidth());
            if (found != null) {
                return found;
            }
        }
        throw new IllegalArgumentException(
                "The outline's sides nowhere run straight up for a quarter of its height, so nothing can "
                        + "be hinged there. Make the sides straighter.");
    }

    /** Where the straight run of its sides begins, as a part of the height. */
    public double runFrom() {
        return below.get(below.size() - 1).y;
    }

    /** Where the straight run ends, as a part of the height. */
    public double runTo() {
        return above.get(0).y;
    }

    /** Its area as a part of width times height. */
    public double area() {
        List<Coordinate> half = new ArrayList<>(below);
        half.addAll(above);
        half.add(half.get(0));
        return 2 * FACTORY.createPolygon(half.toArray(new Coordinate[0])).getArea();
    }

    private static @Nullable Polygon polygon(Shape shape) {
        List<Coordinate> ring = new ArrayList<>();
        double[] at = new double[6];
        int parts = 0;
        for (PathIterator path = shape.getPathIterator(null, FLAT); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO && ++parts > 1) {
                throw new IllegalArgumentException(
                        "The outline has several parts. Draw one closed line without holes.");
            }
            if (kind != PathIterator.SEG_CLOSE
                    && (ring.isEmpty() || ring.get(ring.size() - 1).distance(new Coordinate(at[0], at[1])) > NEAR)) {
                ring.add(new Coordinate(at[0], at[1]));
            }
        }
        if (ring.size() > 2 && ring.get(0).distance(ring.get(ring.size() - 1)) <= NEAR) {
            ring.remove(ring.size() - 1);
        }
        if (ring.size() > MOST_CORNERS) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "The outline has %d corners and bends, and %d are as fine as paper is cut. Simplify it.",
                    ring.size(),
                    MOST_CORNERS));
        }
        if (ring.size() < 3) {
            throw new IllegalArgumentException(NO_AREA);
        }
        ring.add(ring.get(0).copy());
        Polygon polygon = FACTORY.createPolygon(ring.toArray(new Coordinate[0]));
        if (!polygon.isValid()) {
            throw new IllegalArgumentException("The outline crosses itself. Draw one closed line that does not.");
        }
        return polygon;
    }

    private static void requireSymmetry(Polygon whole) {
        Geometry mirrored = whole.copy();
        mirrored.apply((Coordinate c) -> c.setX(-c.getX()));
        mirrored.geometryChanged();
        if (whole.symDifference(mirrored.norm()).getArea() > 2 * LOPSIDED * whole.getArea()) {
            throw new IllegalArgumentException(
                    "The outline is not the same left and right of its upright axis, so its folded "
                            + "copies would poke out. Mirror one half of it.");
        }
    }

    /** The right half as far as {@code side}, when it runs straight up there far enough; otherwise null. */
    private static @Nullable Silhouette trimmedTo(Polygon whole, double side, double ratio) {
        Geometry half = whole.intersection(FACTORY.toGeometry(new Envelope(0, side, 0, 1)));
        if (!(half instanceof Polygon polygon) || polygon.getNumInteriorRing() > 0) {
            return null;
        }
        Coordinate[] ring = polygon.norm().reverse().getCoordinates();
        int foot = 0;
        for (int i = 1; i < ring.length; i++) {
            boolean onAxis = ring[i].x < NEAR;
            foot = onAxis && (ring[foot].x >= NEAR || ring[i].y < ring[foot].y) ? i : foot;
        }
        List<Coordinate> chain = new ArrayList<>();
        for (int i = 0; i < ring.length - 1; i++) {
            chain.add(ring[(foot + i) % (ring.length - 1)]);
        }
        int from = -1;
        for (int i = 0; i + 1 < chain.size() && from < 0; i++) {
            boolean straight = chain.get(i).x > side - NEAR && chain.get(i + 1).x > side - NEAR;
            from = straight && chain.get(i + 1).y - chain.get(i).y >= LEAST_RUN ? i : -1;
        }
        if (from < 0 || chain.get(0).x >= NEAR || chain.get(chain.size() - 1).x >= NEAR) {
            return null;
        }
        return new Silhouette(
                widened(chain.subList(0, from + 1), side),
                widened(chain.subList(from + 1, chain.size()), side),
                ratio / (2 * side));
    }

    private static List<Coordinate> widened(List<Coordinate> chain, double side) {
        return chain.stream()
                .map(c -> new Coordinate(Math.abs(c.x - side) < NEAR ? 0.5 : c.x / (2 * side), c.y))
                .toList();
    }
}
