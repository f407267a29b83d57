package vantbreeze.app.api;

import java.util.Objects;

/** What was asked for is not here. The message is for the maker. */
final class NotHere extends RuntimeException {

    private static final long serialVersionUID = 1;

    NotHere(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
