package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.recipe.WrittenPiece.Score;

/** Draws one piece of a recipe, scored side along the board. */
record PieceDrawing(WrittenPiece written, String title, String text, List<Assumption> taken) {

    Piece piece() {
        Size size = written.size();
        List<Score> scores = within(written.scores, size.width());
        List<Score> levels = within(written.levels, size.height());
        if (written.folds.isEmpty() && !scores.isEmpty()) {
            return likeliest(size, scores, levels);
        }
        return drawn(size, scores, written.folds, levels);
    }

    /** Scores on the piece, in order. */
    private static List<Score> within(List<Score> scores, Length side) {
        return scores.stream()
                .filter(score -> score.at().isPositive() && score.at().isShorterThan(side))
                .sorted(Comparator.comparing(Score::at))
                .toList();
    }

    private Piece likeliest(Size size, List<Score> scores, List<Score> levels) {
        List<Length> widths = widths(size.width(), scores);
        Piece best = null;
        double least = Double.MAX_VALUE;
        List<Fold> folds = List.of();
        for (List<Fold> likely : RecipeCard.likelyFolds(widths)) {
            Piece piece = drawn(size, scores, likely, levels);
            FreeCard alone = FreeCard.of(Assembly.of(piece));
            double weight = alone.impossible().isPresent()
                    ? Double.MAX_VALUE / 2
                    : Misfit.hasty(alone, null).weight();
            if (weight < least) {
                least = weight;
                best = piece;
                folds = likely;
            }
        }
        taken.add(new Assumption(
                Assumption.About.FOLDS,
                "Which way %s folds is not said; taken as %s.".formatted(title, FoldWords.letters(folds)),
                folded(folds, widths)));
        return requireNonNull(best);
    }

    /** The other ways that people are likely to mean, told behind the scores. */
    private List<Rewording> folded(List<Fold> taken, List<Length> widths) {
        String as = FoldWords.letters(taken);
        return written.end < 0 || !written.levels.isEmpty()
                ? List.of()
                : RecipeCard.likelyFolds(widths).stream()
                        .map(FoldWords::letters)
                        .distinct()
                        .filter(letters -> !letters.equals(as))
                        .map(letters -> Rewording.with("Folded " + letters, text, written.end, ", fold " + letters))
                        .toList();
    }

    static List<Length> widths(Length side, List<Score> scores) {
        List<Length> widths = new ArrayList<>();
        Length before = Length.ZERO;
        for (Score score : scores) {
            widths.add(score.at().minus(before));
            before = score.at();
        }
        widths.add(side.minus(before));
        return widths;
    }

    private List<Spot> outline(Size size) {
        if (!written.corners.isEmpty()) {
            return written.corners;
        }
        Length radius = size.width().dividedBy(2);
        return written.isRound
                ? Circle.corners(new Spot(radius, radius), radius)
                : FreeCard.sheet("", size).outline();
    }

    private Piece drawn(Size size, List<Score> scores, List<Fold> folds, List<Score> levels) {
        List<Spot> outline = outline(size);
        List<Crease> creases = new ArrayList<>();
        for (int i = 0; i < scores.size(); i++) {
            Length x = scores.get(i).at();
            creases.add(new Crease(
                    new Stretch(new Spot(x, Length.ZERO), new Spot(x, size.height())),
                    i < folds.size() ? folds.get(i) : Fold.UNASSIGNED));
        }
        for (int i = 0; i < levels.size(); i++) {
            Length y = levels.get(i).at();
            creases.add(new Crease(
                    new Stretch(new Spot(Length.ZERO, y), new Spot(size.width(), y)),
                    i < written.levelFolds.size() ? written.levelFolds.get(i) : Fold.VALLEY));
        }
        List<Stretch> slits = new ArrayList<>();
        for (WrittenPiece.Line line : written.lines) {
            if (line.stretch().isNothing()) {
                continue;
            }
            if (line.fold() == null) {
                slits.add(line.stretch());
            } else {
                creases.add(new Crease(line.stretch(), line.fold()));
            }
        }
        return new Piece(written.name, outline, creases, slits, List.of(), written.holes);
    }
}
