package vantbreeze.core.edit;

import java.util.function.Supplier;
import vantbreeze.core.check.ValidationException;

/** What is decided by hand where values say for themselves what they can't be. */
public final class Deciding {

    private Deciding() {}

    /**
     * What is decided.
     *
     * @param field the field that a refusal is about
     * @throws ValidationException when it can't be, in words for the maker
     */
    public static <T> T of(String field, Supplier<T> decided) {
        try {
            return decided.get();
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException unfit) {
            throw new ValidationException(field, String.valueOf(unfit.getMessage()));
        }
    }
}
