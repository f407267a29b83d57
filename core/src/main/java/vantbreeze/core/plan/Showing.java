package vantbreeze.core.plan;

import java.util.List;
import vantbreeze.core.fold.sight.InSight;

/**
 * What shows in one pose.
 *
 * @param pose what a maker calls it
 * @param front what is seen from before; lying, from above
 * @param behind what is seen from behind; lying, from below
 */
public record Showing(String pose, InSight front, InSight behind) {

    /** As {@code worked} is displayed, and at every station; the last is closed. */
    public static List<Showing> of(WorkedPlan worked) {
        return Sights.of(worked).poses();
    }
}
