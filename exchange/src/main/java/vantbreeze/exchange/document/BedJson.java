package vantbreeze.exchange.document;

import java.util.Map;
import java.util.function.UnaryOperator;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.Bed;

/** Something glued on a mat or on bare card where the maker said so; {@code nth} of those between two panels. */
record BedJson(PanelJson on, PanelJson glued, int nth, Bed bed) {

    /** A panel; {@code nth} of its piece's name, 1 where there is but one. */
    record PanelJson(String piece, int nth, String panel) {
        static PanelJson of(PanelId panel) {
            return new PanelJson(panel.piece().name(), panel.piece().nth(), panel.panel());
        }

        PanelId id(UnaryOperator<String> panels) {
            return new PanelId(new PieceId(piece, Math.max(1, nth)), panels.apply(panel));
        }
    }

    static BedJson of(Map.Entry<JoinId, Bed> one) {
        JoinId join = one.getKey();
        return new BedJson(PanelJson.of(join.on()), PanelJson.of(join.glued()), join.nth(), one.getValue());
    }

    /** @param panels what panels are called now */
    JoinId join(UnaryOperator<String> panels) {
        return new JoinId(on.id(panels), glued.id(panels), Math.max(1, nth));
    }
}
