package vantbreeze.core.extra;

import java.util.List;
import java.util.Optional;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;

/**
 * One side of a panel, by the name of its piece: that stays when measures change and other pieces come or go.
 *
 * @param panel which panel
 * @param side which side of the paper
 */
public record FaceId(PanelId panel, Side side) {

    /** That side of a panel of a card, by the panel's index. */
    public static FaceId of(int panel, Side side, FoldGraph graph) {
        List<PieceId> pieces = PieceId.all(graph.assembly().pieces());
        return new FaceId(
                new PanelId(
                        pieces.get(graph.pieceOf().get(panel)),
                        graph.panels().get(panel).name()),
                side);
    }

    /** The panel of a card; none when it has no such panel any more. */
    Optional<PanelRef> find(List<PieceId> pieces) {
        int piece = pieces.indexOf(panel.piece());
        return piece < 0 ? Optional.empty() : Optional.of(new PanelRef(piece, panel.panel()));
    }

    /** As a maker reads it. */
    public String inWords() {
        return side == Side.FACE ? panel.inWords() : panel.inWords() + ", other side";
    }
}
