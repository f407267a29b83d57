package vantbreeze.app.cards;

import java.util.Objects;

/** Someone changed the card in the meantime, in another window. */
public final class ChangedElsewhere extends RuntimeException {

    ChangedElsewhere() {
        super("This card was changed in another window meanwhile. Look at it as it is now, then make "
                + "your change again.");
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
