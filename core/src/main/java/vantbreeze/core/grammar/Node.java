package vantbreeze.core.grammar;

/**
 * A part of a {@link Tree}: a token, or what a rule read.
 *
 * @param <T> tokens
 */
public sealed interface Node<T> permits Leaf, Tree {}
