package vantbreeze.core.recipe;

/**
 * A part of a recipe's text, and what is to be said about it.
 *
 * @param start where it begins, characters from the beginning
 * @param end where it ends, exclusive
 * @param words for the maker
 */
public record Passage(int start, int end, String words) {}
