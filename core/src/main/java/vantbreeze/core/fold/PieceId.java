package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which piece of a card: by its name, which stays when measures change and other pieces come or go, and not by its
 * place among them.
 *
 * @param name what the piece is called
 * @param nth the how-manieth of that name, from 1
 */
public record PieceId(String name, int nth) {

    /** What most structures call the piece that everything else is glued to. */
    public static final PieceId BASE = PieceId.of("Card base");

    /** @throws IllegalArgumentException when {@code nth} is under 1 */
    public PieceId {
        if (nth < 1) {
            throw new IllegalArgumentException("a piece is the first of its name or a later one, not the " + nth);
        }
    }

    /** The only piece of that name, or the first of several. */
    public static PieceId of(String name) {
        return new PieceId(name, 1);
    }

    /** Of each piece, in their order. */
    public static List<PieceId> all(List<Piece> pieces) {
        Map<String, Integer> seen = new HashMap<>();
        List<PieceId> ids = new ArrayList<>();
        pieces.forEach(piece -> ids.add(new PieceId(piece.name(), seen.merge(piece.name(), 1, Integer::sum))));
        return List.copyOf(ids);
    }

    /** As a maker reads it: "Flap", "Flap (2)". */
    public String inWords() {
        return nth == 1 ? name : name + " (" + nth + ")";
    }
}
