package vantbreeze.core.fold.sight;

/**
 * What shows in one pose.
 *
 * @param pose what a maker calls it
 * @param front what is seen from before; lying, from above
 * @param behind what is seen from behind; lying, from below
 */
public record Showing(String pose, InSight front, InSight behind) {}
