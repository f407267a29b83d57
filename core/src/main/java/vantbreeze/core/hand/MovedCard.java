package vantbreeze.core.hand;

import vantbreeze.core.plan.WorkedPlan;

/**
 * A card after a move.
 *
 * @param worked the plan after it and all that follows
 * @param words what changed, or what stopped it, for the maker
 */
public record MovedCard(WorkedPlan worked, String words) {}
