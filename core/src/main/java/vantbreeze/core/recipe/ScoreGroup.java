package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.length.Length;
import vantbreeze.core.recipe.WrittenPiece.Score;

/** Scores named together, "at 2 and 4 from both ends", before it is known how long the side is. */
final class ScoreGroup {

    private final List<Token> figures = new ArrayList<>();
    private final List<@Nullable Fold> ways = new ArrayList<>();
    boolean fromBoth;
    boolean fromFarEnd;
    boolean level;
    boolean andSoOn;

    @Nullable
    Token every;

    int parts;

    /**
     * A score at a figure.
     *
     * @param way it folds, or null where that is not told with it
     */
    void add(Token figure, @Nullable Fold way) {
        figures.add(figure);
        ways.add(way);
    }

    /** The same figures the other way, from the far end or the near one. */
    ScoreGroup turned(boolean far) {
        ScoreGroup other = new ScoreGroup();
        other.figures.addAll(figures);
        other.ways.addAll(ways);
        other.every = every;
        other.parts = parts;
        other.level = !level;
        other.fromFarEnd = far;
        return other;
    }

    /** The figure named last is measured from the one before it. */
    void fromLast() {
        int last = figures.size() - 1;
        if (last > 0) {
            Token from = figures.get(last - 1);
            Token figure = figures.get(last);
            figures.set(last, figure.of(from.measure().plus(figure.measure())));
        }
    }

    private boolean isTurnedRound() {
        return fromBoth || fromFarEnd;
    }

    /** Adds its scores to {@code piece}; those that lie beyond it too, for the judge to see. */
    void addTo(WrittenPiece piece) {
        Length side = level ? piece.across() : piece.along();
        List<Score> to = level ? piece.levels : piece.scores;
        for (int i = 0; i < figures.size(); i++) {
            Token figure = figures.get(i);
            if (!fromFarEnd) {
                put(to, new Score(figure.measure(), figure.start(), figure.end(), ways.get(i)));
            }
            piece.crosses |= fromBoth && !figure.measure().times(2).isShorterThan(side);
            if (isTurnedRound()) {
                put(to, new Score(side.minus(figure.measure()), figure.start(), figure.end(), ways.get(i)));
            }
        }
        for (int i = 1; i < figures.size() && !isTurnedRound(); i++) {
            if (figures.get(i).measure().isShorterThan(figures.get(i - 1).measure())) {
                piece.outOfTurn.add(new Score(
                        figures.get(i).measure(),
                        figures.get(i).start(),
                        figures.get(i).end(),
                        null));
            }
        }
        if (parts > 1) {
            for (int i = 1; i < parts; i++) {
                put(to, new Score(side.times(i).dividedBy(parts), piece.start, piece.start, null));
            }
        }
        if (every != null && every.measure().isPositive()) {
            repeat(to, every.measure(), every.measure(), side, every);
        }
        if (andSoOn && figures.size() > 1) {
            Token last = figures.get(figures.size() - 1);
            Length step = last.measure().minus(figures.get(figures.size() - 2).measure());
            if (step.isPositive()) {
                repeat(to, last.measure().plus(step), step, side, last);
            }
        }
    }

    private static void repeat(List<Score> to, Length from, Length step, Length side, Token token) {
        for (Length at = from; at.isShorterThan(side) && to.size() < 200; at = at.plus(step)) {
            put(to, new Score(at, token.start(), token.end(), null));
        }
    }

    /** A score that is named from either end is still one. */
    private static void put(List<Score> to, Score score) {
        if (to.stream().noneMatch(one -> one.at().equals(score.at()))) {
            to.add(score);
        }
    }
}
