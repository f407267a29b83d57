package vantbreeze.core.build;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * One thing to do at the table.
 *
 * @param piece which of the card's pieces, of those cut alike together counted as one
 * @param what to do
 * @param figures at which measures, in turn
 * @param note how they are meant, or what to mind; null for nothing
 * @param line the line that is meant on the piece; null for none
 * @param told all of it in one sentence, for paper
 */
public record TableStep(
        int piece, String what, List<Shown> figures, @Nullable String note, @Nullable Line line, String told) {

    public TableStep {
        figures = List.copyOf(figures);
    }

    /**
     * A measure to be read from across the table.
     *
     * @param sign that stands before it, like × or ↑; null for none
     */
    public record Shown(Length length, @Nullable String sign) {}

    /** Kinds of lines on a piece. */
    public enum LineKind {
        SCORE,
        LEVEL,
        MARK
    }

    /** A line of a piece, by its number among those of its kind. */
    public record Line(LineKind kind, int index) {}
}
