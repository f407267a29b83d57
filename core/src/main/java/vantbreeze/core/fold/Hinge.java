package vantbreeze.core.fold;

/**
 * A stretch of crease between two panels.
 *
 * @param left the panel on the left hand, going along {@code line}
 * @param right the panel on the right hand
 * @param line the stretch they share
 * @param fold which way it folds
 */
public record Hinge(Panel left, Panel right, Stretch line, Fold fold) {

    /** The line directed so that {@code panel} lies on its left hand. */
    public Stretch seenFrom(Panel panel) {
        return panel.equals(left) ? line : new Stretch(line.to(), line.from());
    }
}
