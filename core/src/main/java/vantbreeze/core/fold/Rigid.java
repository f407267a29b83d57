package vantbreeze.core.fold;

import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.math.Vector3D;

/**
 * A rigid motion in space: turn, then shift. Millimetres.
 *
 * @param xx first row of the turn, and so on row by row
 */
public record Rigid(
        double xx,
        double xy,
        double xz,
        double yx,
        double yy,
        double yz,
        double zx,
        double zy,
        double zz,
        double dx,
        double dy,
        double dz) {

    /** No motion at all. */
    public static final Rigid NONE = new Rigid(1, 0, 0, 0, 1, 0, 0, 0, 1, 0, 0, 0);

    /**
     * A turn about a line in the plane of the sheet, right-handed about its direction (Rodrigues' formula). A half turn
     * is exact: no rounding of sin π creeps in.
     *
     * @param degrees how far
     */
    static Rigid about(Stretch line, double degrees) {
        double x0 = line.from().x().millimetres();
        double y0 = line.from().y().millimetres();
        double length = line.millimetres();
        double ux = (line.to().x().millimetres() - x0) / length;
        double uy = (line.to().y().millimetres() - y0) / length;
        boolean halfTurn = Math.abs(degrees) == 180;
        double cos = halfTurn ? -1 : Math.cos(Math.toRadians(degrees));
        double sin = halfTurn ? 0 : Math.sin(Math.toRadians(degrees));
        double rest = 1 - cos;
        Rigid turn = new Rigid(
                cos + ux * ux * rest,
                ux * uy * rest,
                uy * sin,
                uy * ux * rest,
                cos + uy * uy * rest,
                -ux * sin,
                -uy * sin,
                ux * sin,
                cos,
                0,
                0,
                0);
        Vector3D moved = turn.apply(x0, y0, 0);
        return turn.shifted(x0 - moved.getX(), y0 - moved.getY(), -moved.getZ());
    }

    /** So many eighths of a turn anticlockwise on the table; quarters are exact. */
    static Rigid eighthTurns(int eighths) {
        double half = Math.sqrt(0.5);
        Rigid turned = eighths % 2 == 0 ? NONE : new Rigid(half, -half, 0, half, half, 0, 0, 0, 1, 0, 0, 0);
        for (int i = 0; i < Math.floorMod(eighths, 8) / 2; i++) {
            turned = new Rigid(0, -1, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0).after(turned);
        }
        return turned;
    }

    /** A lean backwards about the foot, degrees: what looked at the viewer looks up. */
    public static Rigid leaning(double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        return new Rigid(1, 0, 0, 0, cos, sin, 0, -sin, cos, 0, 0, 0);
    }

    /** This after {@code first}. */
    public Rigid after(Rigid first) {
        Rigid f = first;
        Vector3D shift = apply(f.dx, f.dy, f.dz);
        return new Rigid(
                xx * f.xx + xy * f.yx + xz * f.zx,
                xx * f.xy + xy * f.yy + xz * f.zy,
                xx * f.xz + xy * f.yz + xz * f.zz,
                yx * f.xx + yy * f.yx + yz * f.zx,
                yx * f.xy + yy * f.yy + yz * f.zy,
                yx * f.xz + yy * f.yz + yz * f.zz,
                zx * f.xx + zy * f.yx + zz * f.zx,
                zx * f.xy + zy * f.yy + zz * f.zy,
                zx * f.xz + zy * f.yz + zz * f.zz,
                shift.getX(),
                shift.getY(),
                shift.getZ());
    }

    /** The way back. */
    public Rigid inverse() {
        Rigid turn = new Rigid(xx, yx, zx, xy, yy, zy, xz, yz, zz, 0, 0, 0);
        Vector3D shift = turn.apply(dx, dy, dz);
        return turn.shifted(-shift.getX(), -shift.getY(), -shift.getZ());
    }

    /** Where the point goes. */
    public Vector3D apply(double x, double y, double z) {
        return new Vector3D(
                xx * x + xy * y + xz * z + dx, yx * x + yy * y + yz * z + dy, zx * x + zy * y + zz * z + dz);
    }

    /** Where a spot of the sheet goes. */
    public Vector3D apply(Spot spot) {
        return apply(spot.x().millimetres(), spot.y().millimetres(), 0);
    }

    /** What a shape on the sheet, in millimetres, covers on the table, holes and all. */
    public <G extends Geometry> G shadow(G shape) {
        @SuppressWarnings("unchecked") // a copy is of its own kind
        G shadow = (G) shape.copy();
        shadow.apply((CoordinateFilter) corner -> {
            Vector3D at = apply(corner.x, corner.y, 0);
            corner.setX(at.getX());
            corner.setY(at.getY());
        });
        shadow.geometryChanged();
        return shadow;
    }

    public Rigid shifted(double x, double y, double z) {
        return new Rigid(xx, xy, xz, yx, yy, yz, zx, zy, zz, dx + x, dy + y, dz + z);
    }

    /** Whether the decorated side looks at the viewer. */
    public boolean showsFace() {
        return zz > 0;
    }

    /** The same as a column-major 4 × 4 matrix, as graphics libraries take it. */
    public double[] columns() {
        return new double[] {xx, yx, zx, 0, xy, yy, zy, 0, xz, yz, zz, 0, dx, dy, dz, 1};
    }
}
