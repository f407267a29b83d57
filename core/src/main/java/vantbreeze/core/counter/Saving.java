package vantbreeze.core.counter;

import vantbreeze.core.plan.Plan;

/**
 * A change of a card that makes it thinner, lighter or smaller.
 *
 * @param id by which it is told from the others of the same plan
 * @param words what is changed, like "foam of 1 mm instead of 2 mm under Kite"
 * @param plan the card's plan after it
 */
public record Saving(String id, String words, Plan plan) {

    /** This, and on top of it another of the card as it is then. */
    Saving and(Saving other) {
        return new Saving(id + Savings.AND + other.id, "%s and %s".formatted(words, other.words), other.plan);
    }
}
