package vantbreeze.core.fold;

/**
 * One side of one panel of a card.
 *
 * @param panel by its index among the panels of the whole card
 * @param side which side of the paper
 */
public record Face(int panel, Side side) implements Comparable<Face> {

    /** The side of a panel that looks at the viewer when it is moved so. */
    public static Face upward(int panel, Rigid motion) {
        return new Face(panel, motion.showsFace() ? Side.FACE : Side.BACK);
    }

    /** The other side of the same panel. */
    public Face turned() {
        return new Face(panel, side.other());
    }

    /** By panel, the decorated side first. */
    @Override
    public int compareTo(Face other) {
        return panel != other.panel ? Integer.compare(panel, other.panel) : side.compareTo(other.side);
    }
}
