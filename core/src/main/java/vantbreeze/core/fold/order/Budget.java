package vantbreeze.core.fold.order;

/**
 * What searches may spend, counted in rules and clauses looked at and not in time, so that every machine and every hour
 * gives the same answer.
 */
final class Budget {

    private long left;

    Budget(long steps) {
        left = steps;
    }

    void spend(long steps) {
        left -= steps;
    }

    boolean isSpent() {
        return left < 0;
    }
}
