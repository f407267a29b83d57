package vantbreeze.core.edit;

import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** Another plan in place of the present one: an earlier one by undo, a version that was kept. */
public record Replace(Plan by) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return Edited.quietly(by);
    }
}
