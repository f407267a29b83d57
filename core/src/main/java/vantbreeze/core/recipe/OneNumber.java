package vantbreeze.core.recipe;

/**
 * A change of one figure that would put a recipe right.
 *
 * @param start where the figure stands in the text
 * @param end where it ends, exclusive
 * @param was what is written
 * @param now what would close the card
 * @param text the whole recipe with that figure changed
 * @param then what comes of it: "it closes", "it is a Z-fold"
 */
public record OneNumber(int start, int end, String was, String now, String text, String then) {}
