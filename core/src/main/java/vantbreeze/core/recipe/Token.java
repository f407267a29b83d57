package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;

/**
 * A word, figure or sign of a recipe.
 *
 * @param kind what it is
 * @param start where it begins in the text
 * @param end where it ends, exclusive
 * @param text in lower case
 * @param length a figure's length, or null
 * @param unit what a figure is measured in, or null
 * @param figureEnd where a figure ends without its unit, exclusive
 */
record Token(
        Kind kind, int start, int end, String text, @Nullable Length length, @Nullable LengthUnit unit, int figureEnd) {

    /** The length of a figure that has one. */
    Length measure() {
        return requireNonNull(length);
    }

    enum Kind {
        FIGURE,
        WORD,
        /** What the maker calls a piece, before a colon and its size. */
        NAME,
        TIMES,
        COMMA,
        COLON,
        STOP,
        AND_SO_ON,
        SIGN
    }

    boolean is(Kind other) {
        return kind == other;
    }

    boolean isWord(String... words) {
        if (kind != Kind.WORD) {
            return false;
        }
        for (String word : words) {
            if (text.equals(word)) {
                return true;
            }
        }
        return false;
    }

    /** The same figure, of another length. */
    Token of(Length other) {
        return new Token(kind, start, end, text, other, unit, figureEnd);
    }

    /** A figure as degrees of a turn, whole or with a part after a point; −1 when it is none. */
    double degrees() {
        return kind == Kind.FIGURE && text.matches("\\d{1,3}(\\.\\d{1,7})?") ? Double.parseDouble(text) : -1;
    }

    /** A figure as a whole number, or −1: panels, pieces and quarters are counted, not measured. */
    int count() {
        return kind == Kind.FIGURE && text.matches("\\d{1,3}") ? Integer.parseInt(text) : -1;
    }
}
