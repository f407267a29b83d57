package vantbreeze.core.made;

import java.util.List;
import java.util.Set;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Length;

/**
 * A figure that can be held against the ruler once its step is done.
 *
 * @param id how it is kept
 * @param words "Card base, width"
 * @param planned as it shall be
 * @param where what it measures
 * @param among what of {@link Remaining} it is read with
 */
public record MadeFigure(String id, String words, Length planned, Where where, Set<String> among) {

    public MadeFigure {
        among = Set.copyOf(among);
    }

    /** What a figure measures. */
    sealed interface Where {}

    /**
     * A line of a piece, an edge among them: how far it lies from the left edge or from the foot.
     *
     * @param alike the same line of each piece that is made alike
     */
    record OfLine(List<Handle> alike) implements Where {
        OfLine {
            alike = List.copyOf(alike);
        }
    }

    /**
     * A side of a layer as it is cut.
     *
     * @param level how many layers lie beneath it
     * @param across whether its width is meant; otherwise its height
     */
    record OfLayer(FaceName face, int level, boolean across) implements Where {}

    /** A measure of the closed card. */
    record OfClosed(Way way) implements Where {}

    /** Ways in which a closed card is measured. */
    enum Way {
        WIDTH,
        HEIGHT,
        THICKNESS
    }

    /** A side that nothing else is measured by: of a part of a piece, or of one paper that runs across panels. */
    record Alone() implements Where {}
}
