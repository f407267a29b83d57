package vantbreeze.core.recipe;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.core.length.LengthUnit;

/**
 * Which side of a piece is scored, where a recipe does not say: the first one written, unless its scores do not fit
 * there and do on the other.
 *
 * @param text the recipe
 * @param bare the unit of figures without one
 */
record ScoredSide(String text, LengthUnit bare) {

    /** The recipe, read with its scores along the sides on which they fit. */
    Recipe read() {
        Recipe asWritten = RecipeReader.read(text, bare);
        List<Integer> off = IntStream.range(0, asWritten.pieces().size())
                .filter(i -> asWritten.pieces().get(i).leavesSideOpen()
                        && !asWritten.pieces().get(i).fits())
                .boxed()
                .toList();
        if (off.isEmpty()) {
            return asWritten;
        }
        Recipe other = RecipeReader.read(text, bare, Set.copyOf(off));
        if (!off.stream().allMatch(piece -> other.pieces().get(piece).fits()) || !closes(other)) {
            return asWritten;
        }
        off.forEach(piece -> other.taken()
                .add("%s is scored along the second side written: there its scores fit."
                        .formatted(other.pieces().get(piece).name)));
        return other;
    }

    private static boolean closes(Recipe recipe) {
        try {
            return Misfit.hasty(RecipeCard.of(recipe).card(), recipe.finished()).closes();
        } catch (UnbuildableRecipe unbuildable) {
            return false;
        }
    }
}
