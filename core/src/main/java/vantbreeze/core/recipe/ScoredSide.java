package vantbreeze.core.recipe;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which side of a piece is scored, where a recipe does not say: the first one written, unless its scores do not fit
 * there and do on the other, or the card comes to the size it shall have only on the other.
 *
 * @param phrases of the recipe
 * @param interpretation how else it is taken
 */
record ScoredSide(Phrases phrases, Interpretation interpretation) {

    /** The recipe, read with its scores along the sides on which they fit. */
    Recipe read() {
        Recipe asWritten = RecipeReader.read(phrases, interpretation);
        List<Integer> open = IntStream.range(0, asWritten.pieces().size())
                .filter(i -> asWritten.pieces().get(i).leavesSideOpen())
                .boxed()
                .toList();
        List<Integer> off =
                open.stream().filter(i -> !asWritten.pieces().get(i).fits()).toList();
        if (!off.isEmpty()) {
            return along(off).orElse(asWritten);
        }
        if (asWritten.finished() == null || open.isEmpty() || closes(asWritten)) {
            return asWritten;
        }
        // how large it shall be closed says which side is meant
        return along(open.subList(0, 1)).orElse(asWritten);
    }

    /** Read with these pieces scored along their second side, if all fits and closes so. */
    private Optional<Recipe> along(List<Integer> flipped) {
        Recipe other = RecipeReader.read(phrases, interpretation.flipping(flipped));
        if (!flipped.stream().allMatch(piece -> other.pieces().get(piece).fits()) || !closes(other)) {
            return Optional.empty();
        }
        return Optional.of(other);
    }

    private static boolean closes(Recipe recipe) {
        try {
            return Misfit.hasty(RecipeCard.of(recipe).card(), recipe.finished()).closes();
        } catch (UnbuildableRecipe unbuildable) {
            return false;
        }
    }
}
