package vantbreeze.core.length;

import java.util.Objects;

/** A measure that could not be read. The message is meant for the maker: what is wrong and what to write. */
public final class UnreadableMeasure extends IllegalArgumentException {

    private final String text;

    UnreadableMeasure(String text, String message) {
        super(message);
        this.text = text;
    }

    /** What was written, untouched. */
    public String text() {
        return text;
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
