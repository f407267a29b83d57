package vantbreeze.core.fold;

import java.util.List;

/**
 * Which panel of a card: by its name on its piece, which stays when measures change.
 *
 * @param panel its name there
 */
public record PanelId(PieceId piece, String panel) {

    /** The panel that {@code ref} names among these pieces. */
    static PanelId of(PanelRef ref, List<PieceId> pieces) {
        return new PanelId(pieces.get(ref.piece()), ref.panel());
    }

    /** As a maker reads it: "Left tab of Band"; the card base goes without saying. */
    public String inWords() {
        return piece.equals(PieceId.BASE) ? panel : inWords(panel, piece);
    }

    static String inWords(String panel, PieceId piece) {
        if (panel.equals(piece.name())) {
            return piece.inWords();
        }
        return piece.nth() == 1 && panel.startsWith(piece.name() + " ")
                ? panel
                : "%s of %s".formatted(panel, piece.inWords());
    }
}
