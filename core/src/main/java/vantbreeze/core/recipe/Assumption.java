package vantbreeze.core.recipe;

import java.util.List;

/**
 * What a recipe leaves open, and how that was taken.
 *
 * @param about what of the card hangs on it
 * @param words in a sentence
 * @param others the recipe saying that it is otherwise, each way that there is; none where it can't be said in it
 */
public record Assumption(About about, String words, List<Rewording> others) {

    /** What of a card a recipe may leave open. */
    public enum About {
        /** Which card of the catalogue it is. */
        CARD,
        /** The unit of figures without one. */
        UNIT,
        /** How many of a piece are cut. */
        COUNT,
        /** Which side of a piece is scored. */
        SIDE,
        /** What figures are for. */
        FIGURES,
        FOLDS,
        GLUE,
        /** What is not taken from a recipe. */
        STOCK
    }

    public Assumption {
        others = List.copyOf(others);
    }

    static Assumption plain(About about, String words) {
        return new Assumption(about, words, List.of());
    }
}
