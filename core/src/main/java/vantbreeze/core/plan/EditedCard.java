package vantbreeze.core.plan;

/**
 * What came of an edit, worked out.
 *
 * @param worked the plan after it and all that follows
 * @param words what changed, or what stopped it, for the maker; empty when there is nothing to say
 */
public record EditedCard(WorkedPlan worked, String words) {}
