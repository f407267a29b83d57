package vantbreeze.core.recipe;

/** A recipe of which nothing can be drawn. The message is for the maker. */
final class UnbuildableRecipe extends RuntimeException {

    UnbuildableRecipe(String message) {
        super(message);
    }
}
