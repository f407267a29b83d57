package vantbreeze.core.recognition;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;

/** The pieces of a card as they are cut and scored, without the lines along which they only bend. */
final class Unbent {

    private Unbent() {}

    /** Nothing is glued: panels that a bend parts are one, so that joins on them would mean another card. */
    static Assembly of(Assembly card) {
        return new Assembly(card.pieces().stream().map(Unbent::of).toList(), List.of());
    }

    private static Piece of(Piece piece) {
        return new Piece(
                piece.name(),
                piece.outline(),
                piece.creases().stream()
                        .filter(crease -> crease.fold() != Fold.BEND)
                        .toList(),
                piece.slits(),
                List.of(),
                piece.openings(),
                piece.material());
    }
}
