package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.length.Length;

/**
 * A score as it is read off a scoring board: one that runs straight up with the piece's left edge against the fence, a
 * level one with its foot there.
 *
 * @param fromLeft distance from the edge at the fence
 * @param fromRight distance from the other edge, for those who turn the piece round
 * @param start where it starts along the fence, from the foot or from the left edge
 * @param stop where it stops
 * @param fold which way it folds
 */
public record BoardScore(Length fromLeft, Length fromRight, Length start, Length stop, Fold fold) {

    /** The upright scores among {@code panels}' hinges, from the left. Collinear stretches that meet are one. */
    public static List<BoardScore> of(Panels panels) {
        Length left = panels.all().stream().map(Panel::left).reduce(Length::min).orElse(Length.ZERO);
        Length right =
                panels.all().stream().map(Panel::right).reduce(Length::max).orElse(Length.ZERO);
        List<BoardScore> scores = new ArrayList<>();
        panels.hinges().stream()
                .filter(hinge -> hinge.line().isUpright() && hinge.fold() != Fold.BEND)
                .map(hinge -> new BoardScore(
                        hinge.line().from().x().minus(left),
                        right.minus(hinge.line().from().x()),
                        hinge.line().foot(),
                        hinge.line().head(),
                        hinge.fold()))
                .sorted(Comparator.comparing(BoardScore::fromLeft).thenComparing(BoardScore::start))
                .forEach(score -> joinOrAdd(scores, score));
        return List.copyOf(scores);
    }

    /** The level scores, as they are read with the piece turned so that its foot is against the fence. */
    public static List<BoardScore> turned(Panels panels) {
        Length foot = panels.piece().extent().foot();
        Length head = panels.piece().extent().head();
        List<BoardScore> scores = new ArrayList<>();
        panels.hinges().stream()
                .filter(hinge -> hinge.line().isLevel() && hinge.fold() != Fold.BEND)
                .map(hinge -> new BoardScore(
                        hinge.line().from().y().minus(foot),
                        head.minus(hinge.line().from().y()),
                        hinge.line().from().x().min(hinge.line().to().x()),
                        hinge.line().from().x().max(hinge.line().to().x()),
                        hinge.fold()))
                .sorted(Comparator.comparing(BoardScore::fromLeft).thenComparing(BoardScore::start))
                .forEach(score -> joinOrAdd(scores, score));
        return List.copyOf(scores);
    }

    private static void joinOrAdd(List<BoardScore> scores, BoardScore next) {
        BoardScore last = scores.isEmpty() ? null : scores.get(scores.size() - 1);
        if (last != null
                && last.fromLeft.equals(next.fromLeft)
                && last.stop.equals(next.start)
                && last.fold == next.fold) {
            scores.set(
                    scores.size() - 1, new BoardScore(last.fromLeft, last.fromRight, last.start, next.stop, last.fold));
        } else {
            scores.add(next);
        }
    }
}
