package vantbreeze.core.edit;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.counter.Savings;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A card made thinner or lighter, so that a cheaper service takes it.
 *
 * @param saving id of what is changed
 */
public record Lighten(String saving) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return Savings.find(saving, workshop.work(plan))
                .map(found -> Edited.quietly(found.plan()))
                .orElseThrow(() -> new ValidationException(
                        "post", "The card has changed: this is no way any more. Look at the services again."));
    }
}
