package vantbreeze.core.grammar;

import java.util.List;

/** What a rule is made of (after EBNF, ISO/IEC 14977). */
sealed interface Expression {

    /** Just this word. */
    record Word(String word) implements Expression {}

    /** A word of a class, or a token of a kind. */
    record Term(String name) implements Expression {}

    /** What another rule reads. */
    record Named(String rule) implements Expression {}

    /** One after another. */
    record Row(List<Expression> parts) implements Expression {}

    /** One of these. */
    record Choice(List<Expression> parts) implements Expression {}

    /**
     * The same again and again.
     *
     * @param isOptional whether it may be missing
     * @param isMany whether it may come more than once
     */
    record Repeat(Expression part, boolean isOptional, boolean isMany) implements Expression {}
}
