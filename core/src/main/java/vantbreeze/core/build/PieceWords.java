package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.DieCut;
import vantbreeze.core.cutting.HowCut;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.PieceJoining;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** What is said of a piece as it lies open. */
public final class PieceWords {

    /** How a piece is cut whose outline no straight cuts make. */
    static final String OUTLINE = "along its outline: print it at true size and draw it on";

    private PieceWords() {}

    /** How a piece is cut that is no rectangle: with a die, by straight cuts, or along what is drawn on it. */
    public static Optional<String> howCut(WorkedPlan card, int piece) {
        PieceParts parts = card.of(Stages.PARTS).get(piece);
        if (parts.isSeamed()) {
            return Optional.of("joined from " + new PieceJoining(card).inWords(parts));
        }
        PieceId id = card.of(Stages.PIECE_STOCKS).get(piece).piece();
        Map<PieceId, Blank> blanks = card.of(Stages.PIECE_BLANKS).byPiece();
        Blank blank = requireNonNull(blanks.get(id));
        Optional<String> told = new HowCut(card.ruler(), card.tools().dies()).of(blank.outline());
        boolean isPlain =
                blank.outline().isRectangle() || !DieCut.of(blank.outline()).isEmpty();
        return isPlain ? told : told.or(() -> Optional.of(OUTLINE));
    }

    /** Where glue goes: "Left tab, turned over, 13 × 100 mm, to Back". */
    public static String words(GlueArea area, WorkedPlan card) {
        Envelope box = area.shape().getEnvelopeInternal();
        return "%s, %s, %s, to %s"
                .formatted(
                        card.form().graph().name(area.panel()),
                        area.side() == Side.FACE ? "this side" : "turned over",
                        Figure.of(Length.nearest(box.getWidth()), card.ruler())
                                .by(Figure.of(Length.nearest(box.getHeight()), card.ruler())),
                        card.form().graph().name(area.other()));
    }

    /** Which way a line folds, as a maker says it. */
    public static String words(Fold fold) {
        return switch (fold) {
            case VALLEY -> "valley";
            case MOUNTAIN -> "mountain";
            case UNASSIGNED -> "either way";
            case BEND -> "bend";
        };
    }
}
