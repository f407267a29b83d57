package vantbreeze.core.edit;

import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * One field set: a decision, something to choose, a measure or a panel's width.
 *
 * @param field its {@linkplain Field#id() id}
 */
public record SetField(String field, Entry entry) implements Edit {

    /** A field set to what is written. */
    public static SetField to(String field, String text) {
        return new SetField(field, Entry.of(text));
    }

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return Edited.quietly(Field.find(field, plan, workshop).set(plan, workshop, entry));
    }
}
