package vantbreeze.core.recipe;

import java.util.List;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.recipe.Token.Kind;

/** A place among a recipe's tokens. */
final class Cursor {

    private static final Token END = new Token(Kind.STOP, 0, 0, "", null, null, 0);

    private final List<Token> tokens;
    private int at;

    Cursor(List<Token> tokens) {
        this.tokens = tokens;
    }

    boolean hasNext() {
        return at < tokens.size();
    }

    Token peek() {
        return peek(0);
    }

    Token peek(int ahead) {
        int index = at + ahead;
        return index >= 0 && index < tokens.size() ? tokens.get(index) : END;
    }

    Token next() {
        return tokens.get(at++);
    }

    int mark() {
        return at;
    }

    void back(int mark) {
        at = mark;
    }

    /** Steps over the next token when it is one of these words. */
    boolean skip(String... words) {
        if (peek().isWord(words)) {
            at++;
            return true;
        }
        return false;
    }

    /** Steps over commas. */
    void skipCommas() {
        while (peek().is(Kind.COMMA) || peek().is(Kind.COLON)) {
            at++;
        }
    }

    /**
     * Whether "3 from left and 1 from foot" or "3 across 1 up" stands here; either may be "minus 3", for a corner that
     * lies off the sheet.
     */
    boolean isAtSpot() {
        int across = peek().isWord("minus") ? 1 : 0;
        int up = across + 1 + axis(across + 1, "across", "left");
        up += peek(up).is(Kind.COMMA) || peek(up).isWord("and") ? 1 : 0;
        up += peek(up).isWord("minus") ? 1 : 0;
        return isLength(peek(across))
                && axis(across + 1, "across", "left") > 0
                && isLength(peek(up))
                && axis(up + 1, "up", "foot") > 0;
    }

    /** How many tokens say which way a figure is measured: "across", or "from left"; 0 when none does. */
    private int axis(int ahead, String way, String edge) {
        return peek(ahead).isWord(way)
                ? 1
                : peek(ahead).isWord("from") && peek(ahead + 1).isWord(edge) ? 2 : 0;
    }

    private static boolean isLength(Token token) {
        return token.is(Kind.FIGURE) && token.length() != null;
    }

    /** The spot that stands here. */
    Spot spot() {
        Length across = coordinate("across", "left");
        skipCommas();
        skip("and");
        return new Spot(across, coordinate("up", "foot"));
    }

    private Length coordinate(String way, String edge) {
        boolean minus = skip("minus");
        Length length = next().measure();
        at += axis(0, way, edge);
        return minus ? length.negated() : length;
    }

    /** A number behind a word, "panel 3"; −1 and back where it was when it does not stand here. */
    int numbered(String word) {
        int mark = at;
        if (skip(word, word + "s") && peek().count() > 0) {
            return next().count();
        }
        at = mark;
        return -1;
    }
}
