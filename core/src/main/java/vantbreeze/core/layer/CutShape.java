package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * A layer as it is cut: its visible side up and the end upright that is up where it is seen, its lower left corner at
 * nil.
 *
 * @param polygon millimetres
 */
public record CutShape(Polygon polygon) {

    /**
     * Corners nearer than this are one, mm; no common fraction or decimal falls half-way between two of its multiples.
     */
    private static final double ALIKE = 0.007;
    /** Angles nearer to a quarter turn than this are one, degrees. */
    private static final double SQUARE = 0.5;

    /** How {@code layer} is cut. */
    static CutShape of(Layer layer) {
        boolean turned = layer.face().side() == Side.BACK;
        double up = turned ? 180 - layer.up() : layer.up();
        double turn = 90 - up;
        double square = Math.rint(turn / 90) * 90;
        AffineTransformation laid = turned ? AffineTransformation.scaleInstance(-1, 1) : new AffineTransformation();
        laid = laid.compose(rotation(Math.abs(turn - square) < SQUARE ? square : turn));
        return settled((Polygon) laid.transform(layer.shape()));
    }

    /** A rotation, exact for quarter turns. */
    private static AffineTransformation rotation(double degrees) {
        if (degrees % 90 == 0) {
            int quarters = Math.floorMod((int) (degrees / 90), 4);
            return AffineTransformation.rotationInstance(
                    quarters == 1 ? 1 : quarters == 3 ? -1 : 0, quarters == 0 ? 1 : quarters == 2 ? -1 : 0);
        }
        return AffineTransformation.rotationInstance(Math.toRadians(degrees));
    }

    private static CutShape settled(Polygon polygon) {
        Envelope box = polygon.getEnvelopeInternal();
        return new CutShape((Polygon) AffineTransformation.translationInstance(-box.getMinX(), -box.getMinY())
                .transform(polygon));
    }

    /** Its mirror image. */
    public CutShape mirrored() {
        return settled((Polygon) AffineTransformation.scaleInstance(-1, 1).transform(polygon));
    }

    /** The upright rectangle it is cut from. */
    public Size size() {
        Envelope box = polygon.getEnvelopeInternal();
        return new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
    }

    /** Whether it is a rectangle that stands square. */
    public boolean isRectangle() {
        return Upright.of(polygon) != null;
    }

    /** What two shapes share that are cut alike from {@code paper}, which is turned only when it has no upper end. */
    List<Long> key(Cardstock paper) {
        return paper.pattern() == Cardstock.Pattern.DIRECTIONAL ? standing() : turnable();
    }

    /** What two shapes share that are cut alike and stand alike. */
    List<Long> standing() {
        return sized(ring(corners(polygon), false));
    }

    /** What two shapes share that are cut alike, whichever way they are turned. */
    List<Long> turnable() {
        return sized(ring(corners(polygon), true));
    }

    /** With how large it is, which tells a ring from a disc. */
    private List<Long> sized(List<Long> ring) {
        List<Long> sized = new ArrayList<>(ring);
        sized.add(rounded(Math.sqrt(polygon.getArea())));
        return sized;
    }

    private static List<Long> ring(List<Coordinate> corners, boolean anyTurn) {
        int count = corners.size();
        List<List<Long>> steps = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Coordinate before = corners.get((i + count - 1) % count);
            Coordinate here = corners.get(i);
            Coordinate after = corners.get((i + 1) % count);
            steps.add(
                    anyTurn
                            ? List.of(rounded(here.distance(after)), rounded(turn(before, here, after)))
                            : List.of(rounded(here.x), rounded(here.y)));
        }
        List<Long> least = null;
        // only a ring begun at its least step can be the least ring
        List<Long> first = steps.stream().min(CutShape::compare).orElse(List.of());
        for (int start = 0; start < count; start++) {
            if (!steps.get(start).equals(first)) {
                continue;
            }
            List<Long> from = new ArrayList<>(2 * count);
            for (int i = 0; i < count; i++) {
                from.addAll(steps.get((start + i) % count));
            }
            least = least == null || compare(from, least) < 0 ? from : least;
        }
        return least == null ? List.of() : least;
    }

    private static int compare(List<Long> one, List<Long> other) {
        return Arrays.compare(one.toArray(new Long[0]), other.toArray(new Long[0]), Comparator.naturalOrder());
    }

    /** The turn at a corner, degrees, to the left. */
    private static double turn(Coordinate before, Coordinate here, Coordinate after) {
        double in = Math.atan2(here.y - before.y, here.x - before.x);
        double out = Math.atan2(after.y - here.y, after.x - here.x);
        return Math.toDegrees(Math.IEEEremainder(out - in, 2 * Math.PI));
    }

    private static long rounded(double value) {
        return Math.round(value / ALIKE);
    }

    /** Corners counter-clockwise, without those on a straight edge. */
    private static List<Coordinate> corners(Polygon polygon) {
        // normalized, shells run clockwise
        Coordinate[] exterior =
                ((Polygon) polygon.norm()).getExteriorRing().reverse().getCoordinates();
        int outer = exterior.length - 1;
        List<Coordinate> corners = new ArrayList<>();
        for (int i = 0; i < outer; i++) {
            Coordinate before = exterior[(i + outer - 1) % outer];
            Coordinate after = exterior[(i + 1) % outer];
            if (Math.abs(turn(before, exterior[i], after)) > 0.01) {
                corners.add(exterior[i]);
            }
        }
        return corners;
    }
}
