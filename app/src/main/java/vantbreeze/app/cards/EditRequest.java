package vantbreeze.app.cards;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowances;

/**
 * A change as it is asked for: what is typed in it is read on the card's ruler, and what is left out is as the maker
 * usually has it.
 */
@FunctionalInterface
public interface EditRequest {

    /**
     * The edit that is meant.
     *
     * @throws ValidationException when what is typed can't be read
     */
    Edit on(Ruler ruler, Allowances allowances);
}
