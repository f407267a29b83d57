package vantbreeze.app.stock;

import java.util.Objects;

/** A file is larger than is taken. The message is for the maker. */
public final class TooLarge extends RuntimeException {

    private static final long serialVersionUID = 1;

    TooLarge(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
