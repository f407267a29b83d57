package vantbreeze.core.build;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;

/**
 * A step that wants its place in the order.
 *
 * @param operation what hands do in it to a card half put together; null where that does not matter
 * @param pieces which of the card's it touches
 */
record Task(BuildStep step, @Nullable Operation operation, Set<Integer> pieces) {

    Task {
        pieces = Collections.unmodifiableSet(new TreeSet<>(pieces));
    }

    StepId id() {
        return step.id();
    }

    Optional<Operation> does() {
        return Optional.ofNullable(operation);
    }

    boolean shares(Task other) {
        return pieces.stream().anyMatch(other.pieces::contains);
    }

    /** Which side of a piece looks up; nothing where that is not known. */
    Optional<Side> up() {
        return step.subject() instanceof BuildStep.OfFace one
                ? Optional.of(one.face().side())
                : step.subject() instanceof BuildStep.OfPieces open ? Optional.of(open.up()) : Optional.empty();
    }

    /** Whether a piece has to be turned over for it, as the pieces lie. */
    boolean isOtherSide(Map<Integer, Side> lying) {
        return up().filter(side -> pieces.stream().map(lying::get).anyMatch(other -> other != null && other != side))
                .isPresent();
    }

    /** Whether the same is done to another piece at the same figures, so that a fence stays where it is. */
    boolean isAlike(Task other) {
        return id().kind() == other.id().kind()
                && step.subject() instanceof BuildStep.OfPieces
                && step.readings().equals(other.step.readings());
    }

    /** The same, told otherwise. */
    Task told(BuildStep other) {
        return new Task(other, operation, pieces);
    }
}
