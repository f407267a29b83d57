package vantbreeze.core.counter;

import vantbreeze.core.plan.Plan;

/**
 * A change of a card that makes it thinner or lighter.
 *
 * @param id by which it is told from the others of the same plan
 * @param words what is changed, like "foam of 1 mm instead of 2 mm under Kite"
 * @param plan the card's plan after it
 */
public record Saving(String id, String words, Plan plan) {}
