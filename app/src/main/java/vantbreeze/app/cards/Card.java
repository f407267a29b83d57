package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A card in the drawer, or a wrap of one.
 *
 * @param id which
 * @param revision goes up with each change
 * @param worked what the maker decided and all that follows
 * @param changedAt when it was last changed
 * @param document its plan document as it is kept, with what this build does not know of; empty for one that is not
 *     kept
 * @param wraps the card that it goes round; null of a card that is no wrap
 */
public record Card(
        UUID id, int revision, WorkedPlan worked, Instant changedAt, String document, @Nullable Wrapped wraps) {

    /** A card that is wrapped. */
    public record Wrapped(UUID id, String name) {}

    /** One that is no wrap. */
    public Card(UUID id, int revision, WorkedPlan worked, Instant changedAt, String document) {
        this(id, revision, worked, changedAt, document, null);
    }

    /** What the maker decided. */
    public Plan plan() {
        return worked.plan();
    }
}
