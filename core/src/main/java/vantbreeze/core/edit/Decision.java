package vantbreeze.core.edit;

import java.util.List;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A part of a plan that is set by words or by the id of something chosen.
 *
 * @param id what it is called where fields are told apart by name
 * @param setter the plan with it set
 */
public record Decision(String id, Setter setter) implements Field {

    /** Sets a part of a plan. */
    @FunctionalInterface
    public interface Setter {
        /**
         * The plan with it set.
         *
         * @throws ValidationException when it can't be set so
         */
        Plan set(Plan plan, Workshop workshop, Entry entry);
    }

    /** Every one there is. */
    public static final List<Decision> ALL = List.of(
            new Decision("name", (plan, workshop, entry) -> plan.withName(entry.words())),
            new Decision("notes", (plan, workshop, entry) -> plan.withNotes(entry.words())),
            new Decision("ruler", (plan, workshop, entry) -> plan.withRuler(ruler(entry.words()))),
            new Decision("envelope", (plan, workshop, entry) -> plan.withEnvelope(entry.id())),
            new Decision("sheet", (plan, workshop, entry) -> plan.withSheet(entry.id())),
            new Decision("cardstock", (plan, workshop, entry) -> plan.withCardstock(entry.id())));

    @Override
    public Plan set(Plan plan, Workshop workshop, Entry entry) {
        return setter.set(plan, workshop, entry);
    }

    /**
     * The ruler of that id.
     *
     * @throws ValidationException when there is none
     */
    public static Ruler ruler(String id) {
        return Ruler.find(id)
                .orElseThrow(() -> new ValidationException(
                        "ruler", "There is no ruler called \"%s\". Choose one from the list.".formatted(id)));
    }
}
