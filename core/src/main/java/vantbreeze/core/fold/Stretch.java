package vantbreeze.core.fold;

import vantbreeze.core.length.Length;

/**
 * A straight line on a piece from one spot to another.
 *
 * @param from where it begins
 * @param to where it ends; not where it begins
 */
public record Stretch(Spot from, Spot to) {

    /** Whether both ends are the same spot, which no crease or slit may be. */
    public boolean isNothing() {
        return from.equals(to);
    }

    /** Whether it runs straight up. */
    public boolean isUpright() {
        return from.x().equals(to.x());
    }

    /** Whether it runs straight across. */
    public boolean isLevel() {
        return from.y().equals(to.y());
    }

    /** Its length in millimetres. */
    public double millimetres() {
        double across = to.x().minus(from.x()).millimetres();
        double up = to.y().minus(from.y()).millimetres();
        // not hypot, which takes ten times as long for what never overflows here
        return Math.sqrt(across * across + up * up);
    }

    /** The lower end's height. */
    public Length foot() {
        return from.y().min(to.y());
    }

    /** The upper end's height. */
    public Length head() {
        return from.y().max(to.y());
    }
}
