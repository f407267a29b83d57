package vantbreeze.app.cards;

/** Someone changed the card in the meantime, in another window. */
public final class ChangedElsewhere extends RuntimeException {

    ChangedElsewhere() {
        super("This card was changed in another window meanwhile. Look at it as it is now, then make "
                + "your change again.");
    }
}
