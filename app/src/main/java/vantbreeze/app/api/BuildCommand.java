package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.ChooseBuilding;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.tool.Allowances;

/**
 * Something decided about how a card is built.
 *
 * @param habit when layers are added
 * @param step which step, by its id
 * @param before the step that it shall come before; left out for the end
 * @param adhesive id of what a joint is glued with; left out for what is usual
 */
public record BuildCommand(
        int revision,
        @NotNull Choice what,
        @Nullable Habit habit,
        @Nullable @MaybeText String step,
        @Nullable @MaybeText String before,
        @Nullable @MaybeText String adhesive)
        implements EditRequest {

    /** What is decided. */
    public enum Choice {
        /** When layers are added. */
        WHEN,
        /** Where a step comes. */
        MOVE,
        /** Every step comes where it is worked out to. */
        IN_ORDER,
        /** What a joint is glued with. */
        GLUE
    }

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        return switch (what) {
            case WHEN -> new ChooseBuilding.When(habit == null ? Habit.FLAT_FIRST : habit);
            case MOVE -> new ChooseBuilding.Move(move());
            case IN_ORDER -> new ChooseBuilding.InOrder();
            case GLUE -> new ChooseBuilding.Glue(named(), adhesive);
        };
    }

    /** What is moved where. */
    MovedStep move() {
        return new MovedStep(named(), before == null ? "" : before);
    }

    private String named() {
        if (step == null || step.isEmpty()) {
            throw new ValidationException(ChooseBuilding.FIELD, "Say which step.");
        }
        return step;
    }
}
