package vantbreeze.core.build;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.CoordinateSequenceFilter;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;

/**
 * From where something is looked at: from far away, so that lines that run alike in space do so in the picture.
 *
 * @param right what goes to the right in the picture, of length one
 * @param up what goes up in it
 * @param towards to the eye
 * @param upright round what it goes when what is looked at is turned aside
 */
record Eye(Vector3D right, Vector3D up, Vector3D towards, Vector3D upright) {

    /**
     * How far from square something is looked at, degrees: from below, so that what stands is seen to stand, and from
     * aside.
     */
    record Tilt(double below, double aside) {

        /** Right before it. */
        static final Tilt SQUARE = new Tilt(0, 0);

        /** As one looks at something that stands, and other ways where that is hidden. */
        static final List<Tilt> ALL =
                List.of(new Tilt(24, 18), SQUARE, new Tilt(24, -18), new Tilt(-24, 18), new Tilt(-24, -18));
    }

    /** At one side of a panel, its own up being up. */
    static Eye at(Rigid panel, Side side, Tilt tilt) {
        Vector3D origin = panel.apply(0, 0, 0);
        Vector3D across = panel.apply(1, 0, 0).subtract(origin);
        Vector3D up = panel.apply(0, 1, 0).subtract(origin);
        Vector3D out = panel.apply(0, 0, side == Side.FACE ? 1 : -1).subtract(origin);
        double aside = Math.tan(Math.toRadians(tilt.aside())) * (side == Side.FACE ? 1 : -1);
        Vector3D towards = sum(sum(out, up, -Math.tan(Math.toRadians(tilt.below()))), across, aside)
                .normalize();
        Vector3D seenUp = sum(up, towards, -up.dot(towards)).normalize();
        return new Eye(cross(seenUp, towards), seenUp, towards, up);
    }

    /** The same after what is looked at was turned before it: the eye goes round it, and then over it. */
    Eye turned(Turn turn) {
        double aside = Math.toRadians(turn.aside());
        double over = -Math.toRadians(turn.over());
        Vector3D across = about(upright, right, aside);
        return new Eye(
                across,
                about(across, about(upright, up, aside), over),
                about(across, about(upright, towards, aside), over),
                upright);
    }

    /** Turned about an axis of length one, radians (Rodrigues' formula). */
    private static Vector3D about(Vector3D axis, Vector3D one, double angle) {
        Vector3D turned = sum(sum(new Vector3D(0, 0, 0), one, Math.cos(angle)), cross(axis, one), Math.sin(angle));
        return sum(turned, axis, axis.dot(one) * (1 - Math.cos(angle)));
    }

    private static Vector3D sum(Vector3D one, Vector3D other, double times) {
        return new Vector3D(
                one.getX() + times * other.getX(),
                one.getY() + times * other.getY(),
                one.getZ() + times * other.getZ());
    }

    private static Vector3D cross(Vector3D one, Vector3D other) {
        return new Vector3D(
                one.getY() * other.getZ() - one.getZ() * other.getY(),
                one.getZ() * other.getX() - one.getX() * other.getZ(),
                one.getX() * other.getY() - one.getY() * other.getX());
    }

    /** Where a place on a panel's sheet is seen. */
    Coordinate see(Rigid panel, double x, double y) {
        Vector3D at = panel.apply(x, y, 0);
        return new Coordinate(at.dot(right), at.dot(up));
    }

    /** Which side of a panel is seen. */
    Side side(Rigid panel) {
        Vector3D out = panel.apply(0, 0, 1).subtract(panel.apply(0, 0, 0));
        return out.dot(towards) > 0 ? Side.FACE : Side.BACK;
    }

    /** A shape on a panel's sheet as it is seen. */
    Polygon see(Rigid panel, Polygon shape) {
        Polygon seen = (Polygon) shape.copy();
        seen.apply(new CoordinateSequenceFilter() {
            @Override
            public void filter(CoordinateSequence all, int i) {
                Coordinate at = see(panel, all.getX(i), all.getY(i));
                all.setOrdinate(i, CoordinateSequence.X, at.x);
                all.setOrdinate(i, CoordinateSequence.Y, at.y);
            }

            @Override
            public boolean isDone() {
                return false;
            }

            @Override
            public boolean isGeometryChanged() {
                return true;
            }
        });
        return seen;
    }

    /** How near a panel is where it is seen at a place of the picture; not a number where it is seen edge-on. */
    double near(Rigid panel, Coordinate place) {
        Coordinate origin = see(panel, 0, 0);
        Coordinate across = see(panel, 1, 0);
        Coordinate upwards = see(panel, 0, 1);
        double ax = across.x - origin.x;
        double ay = across.y - origin.y;
        double bx = upwards.x - origin.x;
        double by = upwards.y - origin.y;
        double area = ax * by - ay * bx;
        if (Math.abs(area) < 1e-9) {
            return Double.NaN;
        }
        double px = place.x - origin.x;
        double py = place.y - origin.y;
        double x = (px * by - py * bx) / area;
        double y = (ax * py - ay * px) / area;
        return panel.apply(x, y, 0).dot(towards);
    }
}
