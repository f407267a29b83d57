package vantbreeze.core.fold;

import static java.util.Objects.requireNonNull;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something that is worked out when it is first asked for, and then known. Much of what could be known of a card is not
 * wanted while a line of it is dragged.
 *
 * @param <T> what it is; immutable, not null
 */
public final class Lazy<T> {

    private @Nullable Supplier<T> work;
    private @Nullable T known;

    /** @param work how it is worked out */
    public Lazy(Supplier<T> work) {
        this.work = work;
    }

    /** What it is. */
    public synchronized T get() {
        T result = known;
        if (result == null) {
            result = requireNonNull(work).get();
            known = result;
            work = null;
        }
        return result;
    }
}
