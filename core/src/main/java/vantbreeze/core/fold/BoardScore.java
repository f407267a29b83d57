package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Distance;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;

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
        return joined(panels.hinges().stream()
                .filter(hinge -> hinge.line().isUpright() && hinge.fold() != Fold.BEND)
                .map(hinge -> new BoardScore(
                        hinge.line().from().x().minus(left),
                        right.minus(hinge.line().from().x()),
                        hinge.line().foot(),
                        hinge.line().head(),
                        hinge.fold())));
    }

    /** The level scores, as they are read with the piece turned so that its foot is against the fence. */
    public static List<BoardScore> turned(Panels panels) {
        Length foot = panels.piece().extent().foot();
        Length head = panels.piece().extent().head();
        return joined(panels.hinges().stream()
                .filter(hinge -> hinge.line().isLevel() && hinge.fold() != Fold.BEND)
                .map(hinge -> new BoardScore(
                        hinge.line().from().y().minus(foot),
                        head.minus(hinge.line().from().y()),
                        hinge.line().from().x().min(hinge.line().to().x()),
                        hinge.line().from().x().max(hinge.line().to().x()),
                        hinge.fold())));
    }

    /**
     * A stretch along the fence.
     *
     * @param from how far from the foot, or of a level score from the left edge, it begins
     * @param to how far from there it ends
     */
    public record Part(Length from, Length to) {}

    /**
     * From where to where it is scored, where it does not run from edge to edge of the piece: scored through, it would
     * spoil the rows above and below.
     *
     * @param upright whether it runs up the piece; otherwise it is level
     */
    public Optional<Part> part(Piece piece, boolean upright) {
        return isWhole(piece, upright) ? Optional.empty() : Optional.of(along(piece, upright));
    }

    /**
     * From where to where scores of one line are scored, whichever way they fold; those that meet are one. Where one of
     * them does not run from edge to edge all are told, also those that do; none otherwise.
     *
     * @param line scores as far from the fence as one another
     * @param upright whether they run up the piece; otherwise they are level
     */
    public static List<Part> parts(List<BoardScore> line, Piece piece, boolean upright) {
        List<BoardScore> met = joined(line.stream()
                .map(score ->
                        new BoardScore(score.fromLeft, score.fromRight, score.start, score.stop, line.get(0).fold)));
        return met.stream().allMatch(score -> score.isWhole(piece, upright))
                ? List.of()
                : met.stream().map(score -> score.along(piece, upright)).toList();
    }

    private boolean isWhole(Piece piece, boolean upright) {
        Extent extent = piece.extent();
        return isOnOutline(end(extent, start, upright), piece) && isOnOutline(end(extent, stop, upright), piece);
    }

    private Part along(Piece piece, boolean upright) {
        Length edge = upright ? piece.extent().foot() : piece.extent().left();
        return new Part(start.minus(edge), stop.minus(edge));
    }

    private Spot end(Extent extent, Length along, boolean upright) {
        return upright
                ? new Spot(extent.left().plus(fromLeft), along)
                : new Spot(along, extent.foot().plus(fromLeft));
    }

    private static boolean isOnOutline(Spot spot, Piece piece) {
        List<Spot> corners = piece.outline();
        return IntStream.range(0, corners.size())
                .anyMatch(i -> Distance.pointToSegment(
                                spot.millimetres(),
                                corners.get(i).millimetres(),
                                corners.get((i + 1) % corners.size()).millimetres())
                        < Precision.SAME_PLACE);
    }

    /** From the left and from the foot; stretches of one line and way that meet are one. */
    private static List<BoardScore> joined(Stream<BoardScore> scores) {
        List<BoardScore> joined = new ArrayList<>();
        scores.sorted(Comparator.comparing(BoardScore::fromLeft).thenComparing(BoardScore::start))
                .forEach(score -> joinOrAdd(joined, score));
        return List.copyOf(joined);
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
