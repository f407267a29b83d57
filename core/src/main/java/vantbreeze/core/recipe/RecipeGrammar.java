package vantbreeze.core.recipe;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.Set;
import vantbreeze.core.grammar.Grammar;
import vantbreeze.core.grammar.Lexicon;
import vantbreeze.core.recipe.Token.Kind;

/** The grammar of recipes, and what its words and figures weigh. What a figure costs is far above all else. */
final class RecipeGrammar implements Lexicon<Token> {

    private static final RecipeGrammar ONLY = new RecipeGrammar();

    private static final double NOTHING = 0.01;
    private static final double SIGN = 0.1;
    /** A comma rather parts phrases than stands within one. */
    private static final double WITHIN = 0.15;

    private static final double MINOR = 0.8;
    private static final double NOUN = 0.6;
    private static final double TIMES = 2;
    private static final double KEYWORD = 4;
    private static final double FIGURE = 30;

    /** Nobody says of more pieces than this that they are alike. */
    private static final int MOST_COUNTED = 20;

    private final Grammar grammar;
    private final Set<String> known;

    private RecipeGrammar() {
        try (InputStream written = RecipeGrammar.class.getResourceAsStream("recipe.grammar")) {
            grammar = Grammar.of(new String(Objects.requireNonNull(written).readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        known = grammar.words();
    }

    static RecipeGrammar only() {
        return ONLY;
    }

    Grammar grammar() {
        return grammar;
    }

    /** Whether a word is of a class. */
    boolean is(String word, String ofClass) {
        return grammar.words(ofClass).contains(word);
    }

    /** Whether a word is of one of some classes. */
    boolean isAny(String word, String... ofClasses) {
        for (String ofClass : ofClasses) {
            if (is(word, ofClass)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a token is a word of no rule and of no weight of its own: it is not about the card. */
    boolean isStrange(Token token) {
        return token.is(Kind.WORD)
                && !known.contains(token.text())
                && !is(token.text(), "LITTLE")
                && !is(token.text(), "MINOR")
                && !isWays(token.text())
                && !SheetName.isLike(token.text());
    }

    private static boolean isWays(String word) {
        return word.matches("[mv]{2,}");
    }

    @Override
    public String word(Token token) {
        return token.is(Kind.WORD) ? token.text() : "";
    }

    @Override
    public boolean is(Token token, String kind) {
        return switch (kind) {
            case "LENGTH" -> token.is(Kind.FIGURE) && token.length() != null;
            case "COUNT" -> isCount(token);
            case "NUMBER" -> token.count() >= 0;
            case "DEGREES" -> token.degrees() >= 0;
            case "TIMES" -> token.is(Kind.TIMES);
            case "SOON" -> token.is(Kind.AND_SO_ON);
            case "OPEN" -> token.text().equals("(");
            case "CLOSE" -> token.text().equals(")");
            case "BAR" -> token.text().equals("|");
            case "NAME" -> token.is(Kind.NAME);
            case "SHEET" -> token.is(Kind.WORD) && SheetName.isLike(token.text());
            case "WAYS" -> token.is(Kind.WORD) && isWays(token.text());
            default -> throw new IllegalArgumentException("There are no tokens of a kind " + kind + ".");
        };
    }

    /** A whole figure without a unit, of a number of pieces that may be alike. */
    static boolean isCount(Token token) {
        return token.count() > 0 && token.count() <= MOST_COUNTED && token.figureEnd() == token.end();
    }

    @Override
    public double aside(Token token) {
        double left = leftOver(token);
        return left == SIGN ? WITHIN : left < MINOR ? left : Double.POSITIVE_INFINITY;
    }

    /** What it costs to make nothing of a token. */
    double leftOver(Token token) {
        return switch (token.kind()) {
            case FIGURE -> FIGURE;
            case TIMES -> TIMES;
            case NAME, AND_SO_ON, STOP -> KEYWORD;
            case COMMA, COLON, SIGN -> SIGN;
            case WORD ->
                is(token.text(), "NOUN")
                        ? NOUN
                        : is(token.text(), "MINOR") ? MINOR : is(token.text(), "LITTLE") ? NOTHING : KEYWORD;
        };
    }
}
