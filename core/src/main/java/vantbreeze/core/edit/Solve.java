package vantbreeze.core.edit;

import vantbreeze.core.hand.OpenMeasure;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A measure, or the width of a free card's panel, worked out from the rest.
 *
 * @param field its {@linkplain Field#id() id}
 */
public record Solve(String field) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return new OpenMeasure(workshop, plan).solved(Field.bare(field));
    }
}
