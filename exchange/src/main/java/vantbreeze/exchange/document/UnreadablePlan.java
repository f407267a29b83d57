package vantbreeze.exchange.document;

import java.util.Objects;

/** A file that could not be read as a plan. The message is for the maker. */
public final class UnreadablePlan extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final boolean noPlan;

    UnreadablePlan(String message) {
        this(message, false);
    }

    private UnreadablePlan(String message, boolean noPlan) {
        super(message);
        this.noPlan = noPlan;
    }

    static UnreadablePlan noPlan() {
        return new UnreadablePlan(
                "This file is not a Vantbreeze plan. Choose one that was downloaded from a card here.", true);
    }

    /** Whether it is something else altogether, so that nothing can be said of what is wrong with the plan in it. */
    public boolean isNoPlan() {
        return noPlan;
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
