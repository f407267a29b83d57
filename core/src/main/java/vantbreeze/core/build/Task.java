package vantbreeze.core.build;

import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

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

    /** The same, told otherwise. */
    Task told(BuildStep other) {
        return new Task(other, operation, pieces);
    }
}
