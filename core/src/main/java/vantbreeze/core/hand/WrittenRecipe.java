package vantbreeze.core.hand;

import vantbreeze.core.fold.Assembly;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.RecipeStyle;
import vantbreeze.core.recipe.RecipeWriter;
import vantbreeze.core.recipe.Recipes;

/** A card written out as a recipe that is read back as the same card. */
public final class WrittenRecipe {

    private WrittenRecipe() {}

    /**
     * The recipe of a card in a style, in the figures of {@code ruler}. The short one leaves unsaid what is glued
     * where, if its pieces alone are known for the card that it is.
     */
    public static String of(WorkedPlan card, Ruler ruler, RecipeStyle style) {
        if (style == RecipeStyle.SHORT && !card.isFree()) {
            String pieces = RecipeWriter.pieces(card, ruler);
            if (isThat(card, pieces, ruler)) {
                return pieces;
            }
        }
        return RecipeWriter.write(card, ruler, style);
    }

    /** Whether a recipe is read as the same structure, piece by piece and joint by joint. */
    private static boolean isThat(WorkedPlan card, String recipe, Ruler ruler) {
        RecipeReading reading = Recipes.on(ruler, card.tools().allowances()).read(recipe);
        if (reading.card() == null || !reading.notUnderstood().isEmpty()) {
            return false;
        }
        KnownRecipe known =
                KnownRecipe.of(reading, Plan.of(card.plan().name(), reading.card(), reading.ruler()), card.workshop());
        return known.card().plan().structureId().equals(card.plan().structureId())
                && assembly(known.card()).equals(assembly(card));
    }

    private static Assembly assembly(WorkedPlan card) {
        return card.form().graph().assembly();
    }
}
