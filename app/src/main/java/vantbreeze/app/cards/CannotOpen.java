package vantbreeze.app.cards;

import java.util.Objects;

/** A card is there, but its document can't be made a card of. The message is for the maker: why. */
public final class CannotOpen extends RuntimeException {

    private static final long serialVersionUID = 1;

    CannotOpen(String message, RuntimeException cause) {
        super(message, cause);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
