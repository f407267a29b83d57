package vantbreeze.exchange.document;

import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.extra.FaceId;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;

/** Something set on a card, as a plan document writes it; its measures stand among the card's. */
record ExtraJson(String id, String name, String kind, FaceJson on, @IfThere @Nullable FaceJson to) {

    /** One side of a panel; {@code nth} of its piece's name, 1 where there is but one. */
    record FaceJson(String piece, int nth, String panel, Side side) {
        static FaceJson of(FaceId face) {
            PieceId piece = face.panel().piece();
            return new FaceJson(piece.name(), piece.nth(), face.panel().panel(), face.side());
        }

        FaceId face(UnaryOperator<String> panels) {
            return new FaceId(new PanelId(new PieceId(piece, Math.max(1, nth)), panels.apply(panel)), side);
        }
    }

    static ExtraJson of(Extra extra) {
        FaceId to = extra.to();
        return new ExtraJson(
                extra.id(), extra.name(), extra.kind(), FaceJson.of(extra.on()), to == null ? null : FaceJson.of(to));
    }

    /**
     * @param panels what panels are called now
     * @throws IllegalArgumentException in words for the maker, when there can be no such thing
     */
    Extra extra(UnaryOperator<String> panels) {
        return new Extra(id, name, kind, on.face(panels), to == null ? null : to.face(panels));
    }
}
