package vantbreeze.core.fold;

/**
 * A scored line and which way it folds.
 *
 * @param line where
 * @param fold which way
 */
public record Crease(Stretch line, Fold fold) {}
