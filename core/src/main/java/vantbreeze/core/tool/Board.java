package vantbreeze.core.tool;

import vantbreeze.core.length.Length;

/**
 * A scoring board.
 *
 * @param name what the maker calls it
 * @param groove the distance between two grooves
 * @param length how long a piece lies on it against the fence
 */
public record Board(String name, Length groove, Length length) {

    /** Whether a score so far from the fence has a groove. */
    public boolean hasGrooveAt(Length fromFence) {
        return fromFence.units() % groove.units() == 0 && !fromFence.isLongerThan(length);
    }

    /** Whether a score has a groove with one edge of its piece against the fence, or with the other. */
    public boolean hasGrooveAt(Length fromOneEdge, Length fromTheOther) {
        return hasGrooveAt(fromOneEdge) || hasGrooveAt(fromTheOther);
    }
}
