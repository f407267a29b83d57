package vantbreeze.core.build;

import java.util.List;
import java.util.Optional;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Where the edge of a piece comes to lie when one of its scores is folded: what shows whether the fold is true. */
final class FoldLook {

    private final WorkedPiece piece;
    private final boolean upright;
    private final Ruler ruler;
    private final List<BoardScore> scores;
    private final Length end;

    /** @param upright whether it is for the scores that run up the piece, or for the level ones */
    FoldLook(WorkedPiece piece, boolean upright, Ruler ruler) {
        this.piece = piece;
        this.upright = upright;
        this.ruler = ruler;
        this.scores = upright ? piece.scores() : piece.turned();
        Size size = piece.cut();
        this.end = upright ? size.width() : size.height();
    }

    /** "left edge meets right edge", "left edge meets the score at 80 mm"; nothing where it meets no line. */
    Optional<String> of(BoardScore score) {
        boolean runsThrough = score.part(piece.panels().piece(), upright).isEmpty();
        boolean isRectangle = piece.panels().piece().outline().size() == 4;
        if (!runsThrough || !isRectangle) {
            return Optional.empty();
        }
        Length twice = score.fromLeft().times(2);
        String near = upright ? "left edge" : "foot";
        String far = upright ? "right edge" : "top";
        if (twice.equals(end)) {
            return Optional.of("%s meets %s".formatted(near, far));
        }
        boolean nearFolds = twice.isShorterThan(end);
        Length lands = nearFolds ? twice : twice.minus(end);
        return scores.stream()
                .filter(other -> other.fromLeft().equals(lands))
                .findFirst()
                .map(other -> "%s meets the score at %s"
                        .formatted(
                                nearFolds ? near : far, Figure.of(lands, ruler).inWords()));
    }
}
