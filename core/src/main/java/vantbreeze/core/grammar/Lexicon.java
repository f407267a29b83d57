package vantbreeze.core.grammar;

/**
 * What a grammar asks of tokens.
 *
 * @param <T> tokens
 */
public interface Lexicon<T> {

    /** The word that a token is, in lower case; empty when it is none. */
    String word(T token);

    /** Whether a token is of a kind that is no class of words. */
    boolean is(T token, String kind);

    /** What it costs to step over a token within what a rule reads; infinite when it must not be. */
    double aside(T token);
}
