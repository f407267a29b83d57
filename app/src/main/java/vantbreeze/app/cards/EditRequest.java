package vantbreeze.app.cards;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.length.Ruler;

/** A change as it is asked for: what is typed in it is read on the card's ruler. */
@FunctionalInterface
public interface EditRequest {

    /**
     * The edit that is meant.
     *
     * @throws ValidationException when what is typed can't be read
     */
    Edit on(Ruler ruler);
}
