package vantbreeze.app.cards;

import java.util.Objects;

/** The card asked for is not in the drawer. */
public final class CardGone extends RuntimeException {

    private static final long serialVersionUID = 1;

    CardGone() {
        this("This card is not in the drawer any more. It may have been deleted in another window.");
    }

    CardGone(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
