package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.TableStep;
import vantbreeze.core.length.Ruler;

/**
 * One thing to do at the table.
 *
 * @param piece which of the card's pieces, as they are listed
 * @param note how the figures are meant, or what to mind
 * @param line which line of the piece is meant
 */
public record StepView(
        int piece, String what, List<ShownView> figures, @Nullable String note, @Nullable LineView line) {

    /** A figure to be read from across the table, and a sign before it. */
    public record ShownView(FigureView figure, @Nullable String word) {}

    /** A line of a piece, by its number among those of its kind. */
    public record LineView(TableStep.LineKind kind, int index) {}

    static StepView of(TableStep step, Ruler ruler) {
        TableStep.Line line = step.line();
        return new StepView(
                step.piece(),
                step.what(),
                step.figures().stream()
                        .map(shown -> new ShownView(FigureView.of(shown.length(), ruler), shown.sign()))
                        .toList(),
                step.note(),
                line == null ? null : new LineView(line.kind(), line.index()));
    }
}
