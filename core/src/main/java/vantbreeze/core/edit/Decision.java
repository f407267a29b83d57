package vantbreeze.core.edit;

import java.util.List;
import java.util.function.Function;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * A part of a plan that is set by words or by the id of something chosen.
 *
 * @param id what it is called where fields are told apart by name
 * @param label what the maker calls it
 * @param setter the plan with it set
 * @param reader what it is, as the maker reads it
 */
public record Decision(String id, String label, Setter setter, Function<WorkedPlan, String> reader) implements Field {

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

    static final Decision NAME = new Decision(
            "name", "Name", (plan, workshop, entry) -> plan.withName(entry.words()), worked -> worked.plan()
                    .name());

    /** Every one there is. */
    public static final List<Decision> ALL = List.of(
            NAME,
            new Decision("envelope", "Envelope", (plan, workshop, entry) -> plan.withEnvelope(entry.id()), worked -> {
                String id = worked.plan().envelopeId();
                return id == null ? "none" : worked.workshop().envelope(id).name();
            }),
            new Decision("sheet", "Sheet", (plan, workshop, entry) -> plan.withSheet(entry.id()), worked -> {
                String id = worked.plan().sheetId();
                return id == null ? "any" : worked.workshop().sheet(id).name();
            }),
            new Decision(
                    "cardstock",
                    "Card",
                    (plan, workshop, entry) -> plan.withCardstock(entry.id()),
                    worked -> worked.cardstock().name()),
            new Decision(
                    "ruler",
                    "Ruler",
                    (plan, workshop, entry) -> plan.withRuler(ruler(entry.words())),
                    worked -> worked.plan().ruler().label()),
            new Decision(
                    "notes", "Notes", (plan, workshop, entry) -> plan.withNotes(entry.words()), worked -> worked.plan()
                            .notes()));

    /** What it is, as the maker reads it where two plans are compared. */
    public String shown(WorkedPlan worked) {
        return reader.apply(worked);
    }

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
