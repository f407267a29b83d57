package vantbreeze.core.recipe;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.NumberWords;
import vantbreeze.core.length.NumberWords.Understood;
import vantbreeze.core.recipe.Token.Kind;

/**
 * Finds figures that are said in words, "four and a quarter", "half an inch", "an inch and a half", "ten point five
 * centimetres", also half in words: "4 and three eighths".
 */
final class SpokenFigures {

    private static final Set<String> UNITS = Set.of(
            "inch",
            "inches",
            "cm",
            "centimetre",
            "centimetres",
            "centimeter",
            "centimeters",
            "mm",
            "millimetre",
            "millimetres",
            "millimeter",
            "millimeters");
    /** Behind these a lone "one" is a figure; elsewhere it stands for a thing. */
    private static final Set<String> BEFORE_ONE =
            Set.of("at", "by", "every", "to", "@", "x", "×", "panel", "piece", "turned");
    /** Behind these it is always a thing: "fold this one in". */
    private static final Set<String> BEFORE_A_THING =
            Set.of("this", "that", "the", "first", "second", "last", "other", "each", "every", "which");

    /** Behind these, parts are into how many, not how long. */
    private static final Set<String> BEFORE_PARTS = Set.of("in", "into", "turned");

    /** Between figures of a list. */
    private static final Set<String> JOINTS = Set.of("and", "then", ",", "&", "/");

    private static final Set<String> EVERY = Set.of("every", "each");
    private static final Set<String> SIDES = Set.of("length", "width");
    private static final Set<String> ARTICLES = Set.of("a", "an", "the");

    private final List<Token> tokens;
    private final List<String> words;

    /**
     * A figure that is said.
     *
     * @param figure the same in digits: "4 1/4", "10.5"
     * @param unit in which it is said, or null
     * @param tokens how many tokens it takes
     * @param last how many of these, at its end, say only the unit
     */
    record Spoken(String figure, @Nullable String unit, int tokens, int last) {}

    /** Of tokens of which hyphens within a number are left out. */
    SpokenFigures(List<Token> tokens) {
        this.tokens = tokens;
        this.words = tokens.stream()
                .map(token -> token.is(Kind.WORD) || token.is(Kind.TIMES) ? token.text() : "")
                .toList();
    }

    /** Parts of one: how many of how many, in so many tokens. */
    private record Parts(int upper, int lower, int tokens) {}

    /** The figure that is said from a token on; null when none is. */
    @Nullable
    Spoken at(int from) {
        Spoken ofSheet = ofSheet(from);
        if (ofSheet != null) {
            return ofSheet;
        }
        if (UNITS.contains(word(from)) && EVERY.contains(text(from - 1))) {
            Parts more = word(from + 1).equals("and") ? parts(from + 2, true) : null;
            return more == null
                    ? new Spoken("1", word(from), 1, 0)
                    : new Spoken("1 " + more.upper() + "/" + more.lower(), word(from), 2 + more.tokens(), 0);
        }
        Parts parts = parts(from, false);
        if (parts != null) {
            return withUnit(parts.upper() + "/" + parts.lower(), from, parts.tokens());
        }
        if (word(from).equals("a") || word(from).equals("an")) {
            return UNITS.contains(word(from + 1)) ? mixed(1, from, 1) : null;
        }
        Understood whole = whole(from);
        return whole == null ? null : mixed(whole.value(), from, whole.words());
    }

    /** "The length of an A4". */
    private @Nullable Spoken ofSheet(int from) {
        if (!SIDES.contains(word(from)) || !word(from + 1).equals("of")) {
            return null;
        }
        int name = ARTICLES.contains(word(from + 2)) ? from + 3 : from + 2;
        boolean isLong = word(from).equals("length");
        return SheetName.find(word(name))
                .map(sheet -> SheetName.written(isLong ? sheet.width() : sheet.height()))
                .map(figure -> figure.text().split(" (?=\\p{L})"))
                .map(said -> new Spoken(said[0], said[1], name + 1 - from, 0))
                .orElse(null);
    }

    /** A whole number, and what is said behind it: a unit, a fraction, decimals. */
    private @Nullable Spoken mixed(int whole, int from, int taken) {
        int behind = from + taken;
        int unit = UNITS.contains(word(behind)) ? 1 : 0;
        if (word(behind + unit).equals("and")) {
            Parts parts = parts(behind + unit + 1, true);
            if (parts != null && parts.upper() < parts.lower()) {
                String figure = whole + " " + parts.upper() + "/" + parts.lower();
                Spoken said = withUnit(figure, from, taken + unit + 1 + parts.tokens());
                return unit == 1 ? new Spoken(figure, word(behind), said.tokens(), said.last()) : said;
            }
        }
        String decimals = word(behind).equals("point") ? decimals(behind + 1) : "";
        if (!decimals.isEmpty()) {
            return withUnit(whole + "." + decimals, from, taken + 1 + decimals.length());
        }
        boolean inDigits = tokens.get(from).is(Kind.FIGURE);
        return inDigits || (unit == 0 && isNoFigure(whole, from, behind))
                ? null
                : withUnit(String.valueOf(whole), from, taken);
    }

    /** "This one" is none. */
    private boolean isNoFigure(int whole, int from, int behind) {
        boolean isSize = behind < tokens.size() && tokens.get(behind).is(Kind.TIMES);
        boolean hasUnit = (isUnit(behind) || UNITS.contains(word(behind))) && !BEFORE_A_THING.contains(text(from - 1));
        return whole == 1
                && behind == from + 1
                && !isSize
                && !hasUnit
                && !BEFORE_ONE.contains(text(from - 1))
                && !isListed(from);
    }

    /** "A half and one and three": behind another figure and its joint. */
    private boolean isListed(int from) {
        int before = from - 1;
        while (JOINTS.contains(text(before))) {
            before--;
        }
        return before < from - 1
                && before >= 0
                && (JOINTS.contains(text(from + 1)) || isUnit(from + 1))
                && (tokens.get(before).is(Kind.FIGURE)
                        || UNITS.contains(text(before))
                        || isUnit(before)
                        || NumberWords.part(words, before) != null
                        || NumberWords.whole(words, before) != null);
    }

    /** Digits said one by one. */
    private String decimals(int from) {
        StringBuilder digits = new StringBuilder();
        for (int i = from; NumberWords.digit(word(i)) >= 0; i++) {
            digits.append(NumberWords.digit(word(i)));
        }
        return digits.toString();
    }

    /** "Three quarters", "a half"; "half" alone only before a unit or behind a whole number. */
    private @Nullable Parts parts(int from, boolean behindWhole) {
        Understood alone = NumberWords.part(words, from);
        if (alone != null) {
            int unit = from + alone.words();
            boolean measures = UNITS.contains(word(unit))
                    || ((word(unit).equals("an") || word(unit).equals("a")) && UNITS.contains(word(unit + 1)))
                    || isOfUnit(unit);
            return measures || behindWhole ? new Parts(1, alone.value(), alone.words()) : null;
        }
        Understood upper = word(from).equals("a") || word(from).equals("an") ? new Understood(1, 1) : whole(from);
        if (upper == null || BEFORE_PARTS.contains(text(from - 1))) {
            return null;
        }
        Understood lower = NumberWords.part(words, from + upper.words());
        boolean isOfSheet =
                lower != null && word(from + upper.words() + lower.words()).equals("sheet");
        return lower == null || isOfSheet || upper.value() >= lower.value() || upper.value() == 0
                ? null
                : new Parts(upper.value(), lower.value(), upper.words() + lower.words());
    }

    private @Nullable Understood whole(int from) {
        if (from >= tokens.size()) {
            return null;
        }
        Token token = tokens.get(from);
        return token.is(Kind.FIGURE)
                ? token.count() >= 0 && token.figureEnd() == token.end() ? new Understood(token.count(), 1) : null
                : NumberWords.whole(words, from);
    }

    /** With the unit behind it: "inches", "of an inch", "an inch". */
    private Spoken withUnit(String figure, int from, int taken) {
        int at = from + taken;
        int end = isOfUnit(at) ? at + 2 : word(at).equals("an") || word(at).equals("a") ? at + 1 : at;
        return UNITS.contains(word(end)) || isUnit(end)
                ? new Spoken(figure, word(end), end + 1 - from, end + 1 - at)
                : new Spoken(figure, null, taken, 0);
    }

    /** "In" before a sign is inches; before a word it may be another. */
    private boolean isUnit(int at) {
        return word(at).equals("in")
                && (at + 1 >= tokens.size()
                        || tokens.get(at + 1).is(Kind.TIMES)
                        || tokens.get(at + 1).is(Kind.COMMA)
                        || tokens.get(at + 1).is(Kind.STOP)
                        || JOINTS.contains(text(at + 1)));
    }

    private boolean isOfUnit(int at) {
        return word(at).equals("of")
                && (word(at + 1).equals("an") || word(at + 1).equals("a"))
                && UNITS.contains(word(at + 2));
    }

    private String word(int at) {
        return at >= 0 && at < words.size() ? words.get(at) : "";
    }

    private String text(int at) {
        return at >= 0 && at < tokens.size() ? tokens.get(at).text() : "";
    }

    /** Whether a hyphen within a word stands there: "three-quarters" is said as two. */
    static boolean isHyphen(List<Token> tokens, int at) {
        Token token = tokens.get(at);
        return "-‐‑".contains(token.text())
                && at > 0
                && at + 1 < tokens.size()
                && tokens.get(at - 1).is(Kind.WORD)
                && tokens.get(at + 1).is(Kind.WORD)
                && tokens.get(at - 1).end() == token.start()
                && token.end() == tokens.get(at + 1).start();
    }
}
