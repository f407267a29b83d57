package vantbreeze.core.fold.order;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.FoldedForm;

/** What is known of how the panels of a card lie on one another. */
public final class Ordering {

    /** Whether they can. */
    public enum Verdict {
        /** They can, and how is known. */
        FOUND,
        /** They can't. */
        IMPOSSIBLE,
        /** It could not be told with what might be spent on it. */
        NOT_DECIDED
    }

    private final Verdict verdict;
    private final @Nullable LayerOrder order;

    private Ordering(Verdict verdict, @Nullable LayerOrder order) {
        this.verdict = verdict;
        this.order = order;
    }

    static Ordering found(LayerOrder order) {
        return new Ordering(Verdict.FOUND, order);
    }

    /** Of a form that does not lie flat: by how high its panels lie. */
    public static Ordering standing(FoldedForm form) {
        return found(Heights.of(form));
    }

    static Ordering impossible() {
        return new Ordering(Verdict.IMPOSSIBLE, null);
    }

    static Ordering notDecided(LayerOrder guess) {
        return new Ordering(Verdict.NOT_DECIDED, guess);
    }

    /** Whether they can. */
    public Verdict verdict() {
        return verdict;
    }

    /** One order, or a guess where it could not be decided; empty when they can't. */
    public Optional<LayerOrder> ifLying() {
        return Optional.ofNullable(order);
    }

    /**
     * One order; where it could not be decided a guess, good enough to draw it by.
     *
     * @throws NullPointerException when there is none
     */
    public LayerOrder order() {
        return requireNonNull(order);
    }
}
