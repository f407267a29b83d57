package vantbreeze.core.fold.order;

import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.plane.Flat;

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
        return new FlatCrease(
                bAbove ? a.index() : b.index(), bAbove ? b.index() : a.index(), fold != Fold.UNASSIGNED, from, to);
    }

    /** Whether this and {@code other} lie on one line over some length, with their paper on the same side. */
    boolean liesAlong(FlatCrease other) {
        // run the same way, so that both have their paper on the same hand
        return alongside(from, to, other.from, other.to) > 0;
    }

    /**
     * Whether two segments lie on one line over some length: +1 when they run the same way, −1 against each other, 0
     * when not.
     */
    static int alongside(Coordinate from, Coordinate to, Coordinate otherFrom, Coordinate otherTo) {
        double length = from.distance(to);
        double ux = (to.x - from.x) / length;
        double uy = (to.y - from.y) / length;
        double a = ux * (otherFrom.x - from.x) + uy * (otherFrom.y - from.y);
        double b = ux * (otherTo.x - from.x) + uy * (otherTo.y - from.y);
        double offA = Math.abs(ux * (otherFrom.y - from.y) - uy * (otherFrom.x - from.x));
        double offB = Math.abs(ux * (otherTo.y - from.y) - uy * (otherTo.x - from.x));
        boolean shared = offA < Flat.NEAR
                && offB < Flat.NEAR
                && Math.min(length, Math.max(a, b)) - Math.max(0, Math.min(a, b)) > Flat.LEAST_LENGTH;
        return !shared ? 0 : b > a ? 1 : -1;
    }
}
