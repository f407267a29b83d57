package vantbreeze.core.fold;

import java.util.function.Supplier;

/**
 * Something that is worked out when it is first asked for, and then known. Much of what could be known of a card is not
 * wanted while a line of it is dragged.
 *
 * @param <T> what it is; immutable, not null
 */
public final class Once<T> {

    private Supplier<T> work;
    private T known;

    /** @param work how it is worked out */
    public Once(Supplier<T> work) {
        this.work = work;
    }

    /** What it is. */
    public synchronized T get() {
        if (known == null) {
            known = work.get();
            work = null;
        }
        return known;
    }
}
