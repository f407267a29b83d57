package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;

/**
 * A piece as it lies open, to be drawn small.
 *
 * @param outline its corners
 * @param openings the corners of each hole
 * @param hinges its scores
 * @param marks its slits
 */
public record LaidPiece(
        List<PointView> outline, List<List<PointView>> openings, List<LaidLine> hinges, List<LaidLine> marks) {

    /**
     * A line on it.
     *
     * @param fold which way it folds; null for a slit
     */
    public record LaidLine(PointView from, PointView to, @Nullable Fold fold) {

        static LaidLine of(Stretch line, @Nullable Fold fold) {
            return new LaidLine(PointView.of(line.from()), PointView.of(line.to()), fold);
        }
    }

    static LaidPiece of(Piece piece) {
        return new LaidPiece(
                points(piece.outline()),
                piece.openings().stream().map(LaidPiece::points).toList(),
                piece.creases().stream()
                        .map(crease -> LaidLine.of(crease.line(), crease.fold()))
                        .toList(),
                piece.slits().stream().map(slit -> LaidLine.of(slit, null)).toList());
    }

    private static List<PointView> points(List<Spot> spots) {
        return spots.stream().map(PointView::of).toList();
    }
}
