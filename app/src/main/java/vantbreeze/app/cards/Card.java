package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A card in the drawer.
 *
 * @param id which
 * @param revision goes up with each change
 * @param worked what the maker decided and all that follows
 * @param changedAt when it was last changed
 * @param document its plan document as it is kept, with what this build does not know of; empty for one that is not
 *     kept
 */
public record Card(UUID id, int revision, WorkedPlan worked, Instant changedAt, String document) {

    /** What the maker decided. */
    public Plan plan() {
        return worked.plan();
    }
}
