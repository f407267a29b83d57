package vantbreeze.app.safekeeping;

/** A file is no backup that can be put back. The message is for the maker. */
public final class UnreadableBackup extends RuntimeException {

    private static final long serialVersionUID = 1;

    UnreadableBackup(String message) {
        super(message);
    }
}
