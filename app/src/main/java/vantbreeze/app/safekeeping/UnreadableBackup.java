package vantbreeze.app.safekeeping;

import java.util.Objects;

/** A file is no backup that can be put back. The message is for the maker. */
public final class UnreadableBackup extends RuntimeException {

    private static final long serialVersionUID = 1;

    UnreadableBackup(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
