package vantbreeze.core.edit;

import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A measure, or the width of a free card's panel, that no change of another may move, or may again.
 *
 * @param field its {@linkplain Field#id() id}
 */
public record Lock(String field, boolean locked) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        String id = Field.bare(field);
        Plan said = locked ? plan.saying(workshop.structure(plan), id) : plan;
        return Edited.quietly(said.withLock(id, locked));
    }
}
