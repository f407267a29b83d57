package vantbreeze.core.check;

import java.util.Objects;

/** A change that can't be made. The message is for the maker: what stands in the way and what to do. */
public final class ValidationException extends IllegalArgumentException {

    private final String field;

    /**
     * @param field what was asked to change, by id
     * @param message plain words
     */
    public ValidationException(String field, String message) {
        super(message);
        this.field = field;
    }

    public String field() {
        return field;
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
