package vantbreeze.core.check;

import java.util.List;
import java.util.Objects;

/** A change that can't be made. The message is for the maker: what stands in the way and what to do. */
public final class ValidationException extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final String field;
    private final transient List<WayOut> ways;

    /**
     * @param field what was asked to change, by id
     * @param message plain words
     * @param ways what could be done instead, at a click
     */
    public ValidationException(String field, String message, List<WayOut> ways) {
        super(message);
        this.field = field;
        this.ways = List.copyOf(ways);
    }

    /**
     * @param field what was asked to change, by id
     * @param message plain words
     */
    public ValidationException(String field, String message) {
        this(field, message, List.of());
    }

    /** What could be done instead, the most likely first; empty when there is no one thing. */
    public List<WayOut> ways() {
        return ways;
    }

    public String field() {
        return field;
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
