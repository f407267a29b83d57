package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/** A reading in one line, for tests to compare. */
final class Told {

    private Told() {}

    static String of(String recipe, Ruler ruler) {
        RecipeReading reading = Recipes.on(ruler).read(recipe);
        List<String> parts = new ArrayList<>();
        if (reading.card() != null) {
            reading.card().assembly().pieces().forEach(piece -> parts.add(piece(piece, ruler)));
        }
        reading.mats()
                .forEach(mat -> parts.add("mat %dx %s×%s"
                        .formatted(
                                mat.count(),
                                write(mat.size().width(), ruler),
                                write(mat.size().height(), ruler))));
        parts.add(reading.card() == null ? "nothing" : reading.closes() ? "closes" : "open");
        if (!reading.findings().isEmpty()) {
            parts.add("%d found".formatted(reading.findings().size()));
        }
        if (!reading.mends().isEmpty()) {
            parts.add(
                    reading.mends().get(0).was() + "→" + reading.mends().get(0).now());
        }
        if (!reading.notUnderstood().isEmpty()) {
            parts.add("?"
                    + reading.notUnderstood().stream()
                            .map(passage -> recipe.substring(passage.start(), passage.end())
                                    .strip())
                            .collect(Collectors.joining(" ")));
        }
        return String.join("; ", parts);
    }

    private static String piece(Piece piece, Ruler ruler) {
        Panels panels = Panels.of(piece);
        String scores = scores(BoardScore.of(panels), ruler);
        String level = scores(BoardScore.turned(panels), ruler);
        return "%s×%s%s%s%s"
                .formatted(
                        write(piece.cutSize().width(), ruler),
                        write(piece.cutSize().height(), ruler),
                        scores.isEmpty() ? "" : ": " + scores,
                        level.isEmpty() ? "" : " level " + level,
                        piece.slits().isEmpty() ? "" : " slits " + piece.slits().size());
    }

    private static String scores(List<BoardScore> scores, Ruler ruler) {
        return scores.stream()
                .map(score -> write(score.fromLeft(), ruler)
                        + (score.fold() == Fold.MOUNTAIN ? "m" : score.fold() == Fold.VALLEY ? "v" : "?"))
                .collect(Collectors.joining(" "));
    }

    private static String write(Length length, Ruler ruler) {
        return Figure.of(length, ruler).printed().replace(' ', '_');
    }
}
