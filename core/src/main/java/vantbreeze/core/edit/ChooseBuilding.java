package vantbreeze.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** How a card is built, decided by hand. */
public sealed interface ChooseBuilding extends Edit {

    /** The field that a refusal is about. */
    String FIELD = "building";

    /** What is decided then. */
    BuildChoices after(BuildChoices before, WorkedPlan worked);

    @Override
    default Edited on(Plan plan, Workshop workshop) {
        return Deciding.of(FIELD, () -> Edited.quietly(plan.withBuilding(after(plan.building(), workshop.work(plan)))));
    }

    /** When layers are added. */
    record When(Habit habit) implements ChooseBuilding {
        @Override
        public BuildChoices after(BuildChoices before, WorkedPlan worked) {
            return before.withHabit(habit);
        }
    }

    /** A step put elsewhere. */
    record Move(MovedStep move) implements ChooseBuilding {
        @Override
        public BuildChoices after(BuildChoices before, WorkedPlan worked) {
            worked.of(BuildPlan.STAGE).objection(move).ifPresent(objection -> {
                throw new ValidationException(FIELD, objection);
            });
            return before.withMoved(move);
        }
    }

    /** All steps in the order that is worked out. */
    record InOrder() implements ChooseBuilding {
        @Override
        public BuildChoices after(BuildChoices before, WorkedPlan worked) {
            return before.inOrder();
        }
    }

    /**
     * A join glued with something else.
     *
     * @param step of the join, as it is kept
     * @param adhesive its id; null as it is recommended
     */
    record Glue(String step, @Nullable String adhesive) implements ChooseBuilding {
        @Override
        public BuildChoices after(BuildChoices before, WorkedPlan worked) {
            if (adhesive != null && worked.tools().adhesives().find(adhesive).isEmpty()) {
                throw new ValidationException(FIELD, "There is no such adhesive. Choose one of the list.");
            }
            return before.withAdhesive(join(worked.of(BuildPlan.STAGE).steps()), adhesive);
        }

        private JoinId join(List<BuildStep> steps) {
            return steps.stream()
                    .filter(one -> one.id().text().equals(step))
                    .map(BuildStep::subject)
                    .filter(BuildStep.OfJoin.class::isInstance)
                    .map(subject -> ((BuildStep.OfJoin) subject).join())
                    .findFirst()
                    .orElseThrow(() -> new ValidationException(FIELD, "That joint is not there any more. Look again."));
        }
    }
}
