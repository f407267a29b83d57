package vantbreeze.core.fold;

import java.util.Collection;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** How far spots on a sheet reach, exact. */
public record Extent(Length left, Length foot, Length right, Length head) {

    /** Of some spots; of none it is nothing. */
    public static Extent of(Collection<Spot> spots) {
        if (spots.isEmpty()) {
            return new Extent(Length.ZERO, Length.ZERO, Length.ZERO, Length.ZERO);
        }
        Spot first = spots.iterator().next();
        Length left = first.x();
        Length foot = first.y();
        Length right = left;
        Length head = foot;
        for (Spot spot : spots) {
            left = left.min(spot.x());
            foot = foot.min(spot.y());
            right = right.max(spot.x());
            head = head.max(spot.y());
        }
        return new Extent(left, foot, right, head);
    }

    /** A spot as it is measured from the left edge and the foot. */
    public Spot fromCorner(Spot spot) {
        return new Spot(spot.x().minus(left), spot.y().minus(foot));
    }

    /** Its width and height. */
    public Size size() {
        return new Size(right.minus(left), head.minus(foot));
    }
}
