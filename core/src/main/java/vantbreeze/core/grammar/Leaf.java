package vantbreeze.core.grammar;

/**
 * A token that was read.
 *
 * @param <T> tokens
 * @param token itself
 * @param as the word, the class or the kind that was asked for
 * @param at its place among all
 */
public record Leaf<T>(T token, String as, int at) implements Node<T> {}
