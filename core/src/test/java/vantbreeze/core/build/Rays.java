package vantbreeze.core.build;

import org.locationtech.jts.math.Vector3D;

/** Rays against triangles, three numbers at a time. */
final class Rays {

    private Rays() {}

    /** Möller and Trumbore, Fast, minimum storage ray/triangle intersection, 1997; NaN where they do not meet. */
    static double meets(double[] from, double[] ray, double[] a, double[] b, double[] c) {
        double[] one = minus(b, a);
        double[] two = minus(c, a);
        double[] p = cross(ray, two);
        double det = dot(one, p);
        if (Math.abs(det) < 1e-9) {
            return Double.NaN;
        }
        double[] t = minus(from, a);
        double u = dot(t, p) / det;
        double[] q = cross(t, one);
        double v = dot(ray, q) / det;
        return u < 1e-6 || v < 1e-6 || u + v > 1 - 1e-6 ? Double.NaN : dot(two, q) / det;
    }

    static double[] array(Vector3D v) {
        return new double[] {v.getX(), v.getY(), v.getZ()};
    }

    static double[] minus(double[] a, double[] b) {
        return new double[] {a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    static double[] times(double[] a, double factor) {
        return new double[] {a[0] * factor, a[1] * factor, a[2] * factor};
    }

    static double[] plus(double[] a, double[] b, double[] c) {
        return new double[] {a[0] + b[0] + c[0], a[1] + b[1] + c[1], a[2] + b[2] + c[2]};
    }

    static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }
}
