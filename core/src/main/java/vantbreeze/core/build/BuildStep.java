package vantbreeze.core.build;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;

/**
 * Something done on the way from bare sheets to the finished card.
 *
 * @param what to do, "Score Card base"
 * @param how it is meant, once for all readings; empty where nothing is to be said
 * @param tool what is in the hand
 * @param subject what it is done to
 * @param readings one thing after the other
 * @param cautions what can hurt
 * @param seconds how long it usually takes; from memory
 * @param sets how long what is glued wants to be left alone, seconds
 */
public record BuildStep(
        StepId id,
        String what,
        String how,
        StepTool tool,
        Subject subject,
        List<Reading> readings,
        List<String> cautions,
        int seconds,
        int sets) {

    public BuildStep {
        readings = List.copyOf(readings);
        cautions = List.copyOf(cautions);
    }

    /** A step without anything to wait for. */
    static BuildStep of(
            StepId id,
            String what,
            String how,
            StepTool tool,
            Subject subject,
            List<Reading> readings,
            List<String> cautions,
            int seconds) {
        return new BuildStep(id, what, how, tool, subject, readings, cautions, seconds, 0);
    }

    /**
     * One thing to read and do.
     *
     * @param figures at which measures, in turn
     * @param words how they are meant, or what to mind; empty where the figures say it all
     * @param lines which lines of the piece are meant
     */
    public record Reading(List<Shown> figures, String words, List<Line> lines) {
        public Reading {
            figures = List.copyOf(figures);
            lines = List.copyOf(lines);
        }

        /** Something without figures. */
        static Reading of(String words) {
            return new Reading(List.of(), words, List.of());
        }
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
        MARK,
        PENCIL
    }

    /** A line of a piece, by its number among those of its kind. */
    public record Line(LineKind kind, int index) {}

    /** What a step is done to. */
    public sealed interface Subject {}

    /** All that is cut from one paper. */
    public record OfPaper(String stockId) implements Subject {}

    /**
     * Pieces as they lie open.
     *
     * @param pieces those that are worked on alike, as they are counted in the assembly
     * @param up which side looks up
     */
    public record OfPieces(List<Integer> pieces, Side up) implements Subject {
        public OfPieces {
            pieces = List.copyOf(pieces);
        }
    }

    /** One side of a panel. */
    public record OfFace(Face face) implements Subject {}

    /** A join. */
    public record OfJoin(JoinId join) implements Subject {}

    /** All of the card. */
    public record OfCard() implements Subject {}
}
