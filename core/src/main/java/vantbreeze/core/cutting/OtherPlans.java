package vantbreeze.core.cutting;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What a card would be cut from, had less been decided by hand: beside it one sees what the choices cost. */
public final class OtherPlans {

    /** Nothing was decided. */
    public static final OtherPlans NONE = new OtherPlans(null, null);

    private final @Nullable CutPlan unpinned;
    private final @Nullable CutPlan plain;

    private OtherPlans(@Nullable CutPlan unpinned, @Nullable CutPlan plain) {
        this.unpinned = unpinned;
        this.plain = plain;
    }

    /**
     * Worked out.
     *
     * @param watch may stop it; is told of nothing
     */
    public static OtherPlans of(CutOrder order, CutWatch watch) {
        CutChoices choices = order.choices();
        if (choices.isUsual()) {
            return NONE;
        }
        CutWatch quiet = watch.quiet();
        CutPlan unpinned = choices.pins().isEmpty() ? null : CutPlan.of(order.with(choices.withoutPins()), quiet);
        boolean isAllPins = choices.withoutPins().isUsual();
        return new OtherPlans(unpinned, isAllPins ? unpinned : CutPlan.of(order.with(CutChoices.NONE), quiet));
    }

    /** With nothing pinned, all else as it was decided; nothing where nothing is pinned. */
    public Optional<CutPlan> unpinned() {
        return Optional.ofNullable(unpinned);
    }

    /** With nothing decided at all; nothing where nothing is. */
    public Optional<CutPlan> plain() {
        return Optional.ofNullable(plain);
    }
}
