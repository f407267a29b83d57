package vantbreeze.core.fold.motion;

/**
 * Two panels that pass through one another.
 *
 * @param frame when, by the frame's number
 * @param one the one panel, by index
 * @param other the other
 */
public record Passing(int frame, int one, int other) {}
