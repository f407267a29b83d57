package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Upright;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * A layer as it is cut: its visible side up and the end upright that is up where it is seen, its lower left corner at
 * nil.
 *
 * @param polygon millimetres
 */
public record CutShape(Polygon polygon) {

    /** Angles nearer to a quarter turn than this are one, degrees. */
    private static final double SQUARE = 0.5;

    private static final GeometryFactory FACTORY = new GeometryFactory();

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

    /** A rectangle that stands square. */
    static CutShape rectangle(Size size) {
        return new CutShape((Polygon) FACTORY.toGeometry(
                new Envelope(0, size.width().millimetres(), 0, size.height().millimetres())));
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
        // which tells most apart before their corners are looked for
        double more = Math.abs(polygon.getArea() - other.polygon.getArea());
        if (more > Precision.ALIKE * polygon.getLength()) {
            return false;
        }
        double[][] own = rings();
        double[][] others = other.rings();
        if (own.length != others.length || own[0].length != others[0].length) {
            return false;
        }
        for (int first = 0; first < own[0].length; first += 2) {
            Turn turn = turned ? Turn.bringing(own[0], others[0], first) : Turn.NONE;
            if (turn.brings(own[0], others[0], first) && turn.bringsHoles(own, others)) {
                return true;
            }
        }
        return false;
    }

    /** A turn about the middle of the outer corners. */
    private record Turn(double cosine, double sine) {

        static final Turn NONE = new Turn(1, 0);

        /**
         * The turn that brings corners nearest to others when the first falls on that at {@code first}: it leaves the
         * least squares between them. In the plane that is the argument of the sum of products of each corner's
         * conjugate with its counterpart, seen from the middle of all (Kabsch 1976, here in complex numbers).
         */
        static Turn bringing(double[] own, double[] others, int first) {
            double along = 0;
            double across = 0;
            for (int i = 0; i < own.length; i += 2) {
                int j = (i + first) % own.length;
                along += own[i] * others[j] + own[i + 1] * others[j + 1];
                across += own[i] * others[j + 1] - own[i + 1] * others[j];
            }
            double length = Math.hypot(along, across);
            return length == 0 ? NONE : new Turn(along / length, across / length);
        }

        boolean brings(double[] own, double[] others, int first) {
            for (int i = 0; i < own.length; i += 2) {
                int j = (i + first) % own.length;
                double x = cosine * own[i] - sine * own[i + 1];
                double y = sine * own[i] + cosine * own[i + 1];
                if (Math.hypot(x - others[j], y - others[j + 1]) > Precision.ALIKE) {
                    return false;
                }
            }
            return true;
        }

        /** Whether each hole, after the outer ring, falls on one of the others'. */
        boolean bringsHoles(double[][] own, double[][] others) {
            for (int hole = 1; hole < own.length; hole++) {
                boolean found = false;
                for (int other = 1; other < others.length && !found; other++) {
                    found = own[hole].length == others[other].length && bringsSomehow(own[hole], others[other]);
                }
                if (!found) {
                    return false;
                }
            }
            return true;
        }

        private boolean bringsSomehow(double[] own, double[] others) {
            for (int first = 0; first < own.length; first += 2) {
                if (brings(own, others, first)) {
                    return true;
                }
            }
            return false;
        }
    }

    /** The turn at a corner, degrees, to the left. */
    private static double turn(Coordinate before, Coordinate here, Coordinate after) {
        double in = Math.atan2(here.y - before.y, here.x - before.x);
        double out = Math.atan2(after.y - here.y, after.x - here.x);
        return Math.toDegrees(Math.IEEEremainder(out - in, 2 * Math.PI));
    }

    /**
     * The corners of the outline and of each hole as x, y, counter-clockwise, seen from the middle of the outer ones;
     * without those on a straight edge.
     */
    private double[][] rings() {
        List<Coordinate> outer = corners(polygon.getExteriorRing());
        double middleX = outer.stream().mapToDouble(Coordinate::getX).average().orElse(0);
        double middleY = outer.stream().mapToDouble(Coordinate::getY).average().orElse(0);
        double[][] rings = new double[1 + polygon.getNumInteriorRing()][];
        for (int i = 0; i < rings.length; i++) {
            List<Coordinate> corners = i == 0 ? outer : corners(polygon.getInteriorRingN(i - 1));
            rings[i] = corners.stream()
                    .flatMapToDouble(corner -> DoubleStream.of(corner.x - middleX, corner.y - middleY))
                    .toArray();
        }
        return rings;
    }

    /** The corners of its outer edge in turn, counter-clockwise, without those on a straight edge. */
    List<Coordinate> corners() {
        return corners(polygon.getExteriorRing());
    }

    /** What makers call it. */
    public CutKind kind() {
        return CutKind.of(this);
    }

    private static List<Coordinate> corners(LinearRing ring) {
        Coordinate[] all = Orientation.isCCW(ring.getCoordinates())
                ? ring.getCoordinates()
                : ring.reverse().getCoordinates();
        int count = all.length - 1;
        List<Coordinate> corners = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            if (Math.abs(turn(all[(i + count - 1) % count], all[i], all[(i + 1) % count])) > 0.01) {
                corners.add(all[i]);
            }
        }
        return corners;
    }
}
