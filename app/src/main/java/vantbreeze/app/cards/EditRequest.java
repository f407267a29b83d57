package vantbreeze.app.cards;

import vantbreeze.core.edit.Edit;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Refusal;

/** A change as it is asked for: what is typed in it is read on the card's ruler. */
@FunctionalInterface
public interface EditRequest {

    /**
     * The edit that is meant.
     *
     * @throws Refusal when what is typed can't be read
     */
    Edit on(Ruler ruler);
}
