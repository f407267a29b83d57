package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
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

    /** Corners nearer than this lie on each other, mm: less than any ruler shows, more than arithmetic loses. */
    private static final double ALIKE = 0.01;
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

    /** Whether both are cut alike from {@code paper}, which is turned only when it has no upper end. */
    boolean like(CutShape other, Cardstock paper) {
        return like(other, paper.pattern() != Cardstock.Pattern.DIRECTIONAL);
    }

    /**
     * Whether one laid on the other covers it.
     *
     * @param turned whether it may be turned for that; it is never turned over
     */
    boolean like(CutShape other, boolean turned) {
        // which tells a ring from a disc, and most others before their corners are looked for
        double more = Math.abs(polygon.getArea() - other.polygon.getArea());
        if (more > ALIKE * polygon.getLength()) {
            return false;
        }
        double[] own = corners(polygon);
        double[] others = corners(other.polygon);
        if (own.length != others.length) {
            return false;
        }
        for (int first = 0; first < own.length; first += 2) {
            if (covers(own, others, first, turned)) {
                return true;
            }
        }
        return false;
    }

    /**
     * Whether corners fall on others when the first falls on that at {@code first}. The turn is the one that leaves the
     * least squares between them: in the plane, the argument of the sum of products of each corner's conjugate with its
     * counterpart, seen from the middle of all (Kabsch 1976, here in complex numbers).
     */
    private static boolean covers(double[] own, double[] others, int first, boolean turned) {
        double along = 0;
        double across = 0;
        for (int i = 0; turned && i < own.length; i += 2) {
            int j = (i + first) % own.length;
            along += own[i] * others[j] + own[i + 1] * others[j + 1];
            across += own[i] * others[j + 1] - own[i + 1] * others[j];
        }
        double length = Math.hypot(along, across);
        double cosine = length == 0 ? 1 : along / length;
        double sine = length == 0 ? 0 : across / length;
        for (int i = 0; i < own.length; i += 2) {
            int j = (i + first) % own.length;
            double x = cosine * own[i] - sine * own[i + 1];
            double y = sine * own[i] + cosine * own[i + 1];
            if (Math.hypot(x - others[j], y - others[j + 1]) > ALIKE) {
                return false;
            }
        }
        return true;
    }

    /** The turn at a corner, degrees, to the left. */
    private static double turn(Coordinate before, Coordinate here, Coordinate after) {
        double in = Math.atan2(here.y - before.y, here.x - before.x);
        double out = Math.atan2(after.y - here.y, after.x - here.x);
        return Math.toDegrees(Math.IEEEremainder(out - in, 2 * Math.PI));
    }

    /** Corners counter-clockwise as x, y, seen from the middle of them all; without those on a straight edge. */
    private static double[] corners(Polygon polygon) {
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
        double middleX =
                corners.stream().mapToDouble(Coordinate::getX).average().orElse(0);
        double middleY =
                corners.stream().mapToDouble(Coordinate::getY).average().orElse(0);
        return corners.stream()
                .flatMapToDouble(corner -> DoubleStream.of(corner.x - middleX, corner.y - middleY))
                .toArray();
    }
}
