package vantbreeze.core.recipe;

import java.util.Objects;

/** A recipe of which nothing can be drawn. The message is for the maker. */
final class UnbuildableRecipe extends RuntimeException {

    UnbuildableRecipe(String message) {
        super(message);
    }

    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
