package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.edit.Field;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.Prints;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Where the print begins on a piece.
 *
 * @param acrossField to be set to how far from the left edge
 * @param upField to be set to how far from the foot
 * @param leads places to slide it to
 */
public record PrintOfPiece(String acrossField, String upField, FigureView across, FigureView up, List<LeadView> leads) {

    /** A place to slide a print to; {@code text} is what its field is set to. */
    public record LeadView(String words, String text, boolean inForce) {}

    /** Null where the piece is plain. */
    static @Nullable PrintOfPiece of(WorkedPlan plan, int piece, Ruler ruler) {
        if (Prints.on(plan, piece).isEmpty()) {
            return null;
        }
        PieceId id = plan.of(Stages.PIECE_STOCKS).get(piece).piece();
        Slide slide = Prints.slide(plan, piece);
        return new PrintOfPiece(
                new Field.OfPrint(id, true).id(),
                new Field.OfPrint(id, false).id(),
                FigureView.of(slide.across(), ruler),
                FigureView.of(slide.up(), ruler),
                Prints.leads(plan, piece).stream()
                        .map(lead -> new LeadView(
                                lead.words(),
                                Figure.of(lead.across(), ruler).text(),
                                lead.across().equals(slide.across())))
                        .toList());
    }
}
