package vantbreeze.exchange.document;

/** A file that could not be read as a plan. The message is for the maker. */
public final class UnreadablePlan extends IllegalArgumentException {

    UnreadablePlan(String message) {
        super(message);
    }
}
