package vantbreeze.core.edit;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * All measures brought to the marks of a ruler.
 *
 * @param ruler which; null for the one in force
 */
public record Rerule(@Nullable Ruler ruler) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return Edited.quietly(new Drafting(workshop, plan).onMarks(ruler == null ? plan.ruler() : ruler));
    }
}
