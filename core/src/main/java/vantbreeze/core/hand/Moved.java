package vantbreeze.core.hand;

import vantbreeze.core.plan.Plan;

/**
 * What came of a move.
 *
 * @param plan the plan after it
 * @param words what changed, or what stopped it, for the maker
 */
public record Moved(Plan plan, String words) {}
