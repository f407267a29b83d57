package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;
import vantbreeze.core.plan.Plan;

/**
 * A card in the drawer.
 *
 * @param id which
 * @param revision goes up with each change
 * @param plan what the maker decided
 * @param changedAt when it was last changed
 */
public record Card(UUID id, int revision, Plan plan, Instant changedAt) { }
