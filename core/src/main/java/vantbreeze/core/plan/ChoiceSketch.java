package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.structure.Choice;

/**
 * What one alternative of a choice is cut and scored like: those pieces that are not alike in all alternatives.
 *
 * @param alternative its id
 * @param pieces as they lie open; none where the alternatives differ only in how it is put together
 */
public record ChoiceSketch(String alternative, List<Piece> pieces) {

    /** More alternatives than this are too many to be told apart by small drawings. */
    private static final int MOST = 4;

    public ChoiceSketch {
        pieces = List.copyOf(pieces);
    }

    /** The drawn lines of a piece, by which it is alike or not. */
    private record Lines(List<Spot> outline, List<Crease> creases, List<Stretch> slits, List<List<Spot>> openings) {

        static Lines of(Piece piece) {
            return new Lines(piece.outline(), piece.creases(), piece.slits(), piece.openings());
        }
    }

    /**
     * A sketch of each alternative that can be had; none of a number, of many alternatives, or where all are cut alike.
     */
    public static List<ChoiceSketch> of(Choice choice, WorkedPlan card) {
        if (choice.alternatives().size() > MOST || choice.usual().id().matches("\\d+")) {
            return List.of();
        }
        List<ChoiceSketch> all = new ArrayList<>();
        for (Choice.Alternative alternative : choice.alternatives()) {
            pieces(choice, alternative, card).ifPresent(pieces -> all.add(new ChoiceSketch(alternative.id(), pieces)));
        }
        List<ChoiceSketch> different = all.stream()
                .map(one -> new ChoiceSketch(
                        one.alternative(),
                        one.pieces().stream()
                                .filter(piece -> !all.stream().allMatch(other -> other.has(piece)))
                                .toList()))
                .toList();
        return different.stream().allMatch(one -> one.pieces().isEmpty()) ? List.of() : different;
    }

    private boolean has(Piece piece) {
        return pieces.stream().anyMatch(own -> Lines.of(own).equals(Lines.of(piece)));
    }

    private static Optional<List<Piece>> pieces(Choice choice, Choice.Alternative alternative, WorkedPlan card) {
        boolean chosen = card.measures().chosen(choice).equals(alternative.id());
        return (chosen ? Optional.of(card.measures()) : card.choosing(choice.id(), alternative.id()))
                .map(measures -> card.structure().assemble(measures).pieces());
    }
}
