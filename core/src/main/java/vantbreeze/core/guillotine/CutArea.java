package vantbreeze.core.guillotine;

/**
 * Where a rectangle lies on its sheet, in units.
 *
 * @param x from the sheet's left edge
 * @param y from the sheet's foot
 */
public record CutArea(long x, long y, long width, long height) {

    /** How far it reaches in the direction in which upright cuts, or level ones, take from it. */
    long extent(boolean upright) {
        return upright ? width : height;
    }

    /** The part of it that reaches so far, from its left edge or foot, or from the side across. */
    CutArea end(boolean upright, boolean far, long extent) {
        if (upright) {
            return new CutArea(far ? x + width - extent : x, y, extent, height);
        }
        return new CutArea(x, far ? y + height - extent : y, width, extent);
    }

    /** Whether both have more than an edge in common. */
    public boolean overlaps(CutArea other) {
        return x < other.x + other.width && other.x < x + width && y < other.y + other.height && other.y < y + height;
    }

    /** Whether the other lies in it. */
    public boolean contains(CutArea other) {
        return x <= other.x
                && y <= other.y
                && other.x + other.width <= x + width
                && other.y + other.height <= y + height;
    }

    public double area() {
        return (double) width * height;
    }
}
