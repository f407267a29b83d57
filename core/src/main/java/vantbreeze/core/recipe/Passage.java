package vantbreeze.core.recipe;

import org.jspecify.annotations.Nullable;

/**
 * A part of a recipe's text, and what is to be said about it.
 *
 * @param start where it begins, characters from the beginning
 * @param end where it ends, exclusive
 * @param words for the maker
 * @param instead what most likely belongs there, nothing for what is best left out; null where that is not known
 */
public record Passage(int start, int end, String words, @Nullable String instead) {

    /** A place where nobody knows what belongs there. */
    public Passage(int start, int end, String words) {
        this(start, end, words, null);
    }
}
