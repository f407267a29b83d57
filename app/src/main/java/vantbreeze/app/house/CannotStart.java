package vantbreeze.app.house;

import org.jspecify.annotations.Nullable;

/** The house can't be started. The message is one sentence for the maker, or two. */
public final class CannotStart extends RuntimeException {

    private static final long serialVersionUID = 1;

    /**
     * @param message what stands in the way and what to do
     * @param cause what was found, or null
     */
    public CannotStart(String message, @Nullable Throwable cause) {
        super(message, cause);
    }
}
