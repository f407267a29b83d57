package vantbreeze.core.fold.order;

import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.Fold;

/**
 * A folded crease in the flat form; both its facets lie on its left hand.
 *
 * @param below the facet that the fold tells apart from {@code above}
 * @param above the facet that comes to lie above, when the fold is known
 * @param known whether the fold is known; otherwise either may be above
 */
record FlatCrease(int below, int above, boolean known, Coordinate from, Coordinate to) {

    static FlatCrease of(Facet a, Facet b, Fold fold, Coordinate from, Coordinate to) {
        // a valley turns the neighbour towards the viewer of a's decorated side
        boolean bAbove = (fold == Fold.VALLEY) == a.faceUp();
        return new FlatCrease(bAbove ? a.index() : b.index(), bAbove ? b.index() : a.index(),
                fold != Fold.UNASSIGNED, from, to);
    }

    /** Whether this and {@code other} lie on one line over some length, with their paper on the same side. */
    boolean liesAlong(FlatCrease other) {
        double dx = to.x - from.x;
        double dy = to.y - from.y;
        double length = Math.hypot(dx, dy);
        double ux = dx / length;
        double uy = dy / length;
        double a = ux * (other.from.x - from.x) + uy * (other.from.y - from.y);
        double b = ux * (other.to.x - from.x) + uy * (other.to.y - from.y);
        double offA = Math.abs(ux * (other.from.y - from.y) - uy * (other.from.x - from.x));
        double offB = Math.abs(ux * (other.to.y - from.y) - uy * (other.to.x - from.x));
        // run the same way, so that both have their paper on the same hand
        return b > a && offA < Flat.NEAR && offB < Flat.NEAR && Math.min(length, b) - Math.max(0, a) > Flat.LEAST_LENGTH;
    }
}
