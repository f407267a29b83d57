package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.recipe.Token.Kind;

/**
 * Takes a recipe apart into words, figures and signs, each with its place in the text. A figure without a unit is in
 * that of the next one in its list that has one, else of the last before it, else in the reader's own.
 */
final class Tokens {

    private static final String READY_MADE = "½¼¾⅛⅜⅝⅞⅓⅔⅕⅒";
    private static final Pattern NEXT = Pattern.compile(
            "(?<figure>"
                    + "\\d{1,5}(?:\\s+and\\s+|[ \\t]?-[ \\t]?|[ \\t]+)\\d{1,3}[ \\t]*[/⁄∕][ \\t]*\\d{1,3}"
                    + "|\\d{0,5}[ \\t]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+[/⁄][₀₁₂₃₄₅₆₇₈₉0-9]+"
                    + "|\\d{1,3}[/⁄∕]\\d{1,3}(?![.,]?\\d)"
                    + "|\\d{1,5}[ \\t]?[" + READY_MADE + "]|[" + READY_MADE + "]"
                    + "|\\d{1,5}\\.\\d{1,7}|\\d{1,5}(?<comma>,\\d{1,2})(?!\\d|,\\d)|(?<![\\d.])\\.\\d{1,4}|\\d{1,6})"
                    + "(?<unit>[ \\t]*(?:\"|”|″|''|(?:inches|inch|ins|cms?|centimet(?:re|er)s?|mms?|"
                    + "millimet(?:re|er)s?)(?:\\b|(?=x[ \\t]?[\\d" + READY_MADE
                    + "]))|in(?:"
                    + "(?![ \\t]+(?:half|halves|thirds|quarters|fourths|fifths|sixths|eighths)\\b)\\b\\.?"
                    + "|(?=x[ \\t]?[\\d" + READY_MADE + "]))))?"
                    + "|(?<soon>…|\\.\\.\\.)|(?<times>[×✕*])|(?<comma2>[,&+/])|(?<colon>:)|(?<stop>[;"
                    + ".\\n\\r!?])|(?<word>[ac]\\d\\b|\\p{L}[\\p{L}\\p{M}’']*)|(?<sign>\\S)",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

    private static final Pattern METRIC = Pattern.compile("(?i)\\d\\s*(?:cm|mm)\\b");
    private static final Pattern INCHES =
            Pattern.compile("(?i)[\\d" + READY_MADE + "]\\s*(?:\"|”|″|''|inch|ins\\b|in\\b(?!\\s+from\\b))");
    private static final Pattern IN_FROM = Pattern.compile("(?i)\\s+from\\s+(?:both|each|either|the)\\b");

    private final String text;
    private final LengthUnit bare;
    private final boolean commasAreDecimal;

    /** Whether "in" before "from" says where, not in what: among figures of the other school. */
    private final boolean inIsNoUnit;

    private final List<Raw> raw = new ArrayList<>();
    private final List<Passage> unread = new ArrayList<>();

    /**
     * A token before figures have their lengths.
     *
     * @param unit as it is written or said behind a figure, or null
     * @param figure in digits, with its unit
     */
    private record Raw(Token token, @Nullable String unit, String figure) {}

    private Tokens(String text, LengthUnit bare) {
        this.text = text;
        this.bare = bare;
        boolean isMetric = bare != LengthUnit.INCH || METRIC.matcher(text).find();
        this.commasAreDecimal = isMetric;
        this.inIsNoUnit = isMetric && !INCHES.matcher(text).find();
    }

    /** The tokens of {@code text}; figures that can't be read go to {@code unread} with the reason. */
    static List<Token> of(String text, LengthUnit bare, List<Passage> unread) {
        Tokens all = new Tokens(text, bare);
        all.read(0, text.length());
        all.readSpoken();
        List<Token> measured = all.measured();
        unread.addAll(all.unread);
        return measured;
    }

    private void read(int from, int to) {
        Matcher next =
                NEXT.matcher(text).region(from, to).useAnchoringBounds(false).useTransparentBounds(true);
        while (next.find()) {
            if (next.group("comma") != null && !commasAreDecimal) {
                // "3,6" among inches is a list of two
                read(next.start(), next.start("comma"));
                add(Kind.COMMA, next.start("comma"), next.start("comma") + 1, null);
                next.region(next.start("comma") + 1, to);
            } else if (next.group("figure") != null && inIsNoUnit && isInFrom(next)) {
                add(Kind.FIGURE, next.start(), next.start("unit"), null);
                next.region(next.start("unit"), to);
            } else if (next.group("figure") != null) {
                add(Kind.FIGURE, next.start(), next.end(), next.group("unit"));
            } else {
                add(kind(next), next.start(), next.end(), null);
            }
        }
    }

    /** "55 in from both ends". */
    private boolean isInFrom(Matcher next) {
        return next.group("unit") != null
                && next.group("unit").strip().equalsIgnoreCase("in")
                && IN_FROM.matcher(text).region(next.end(), text.length()).lookingAt();
    }

    private static Kind kind(Matcher next) {
        if (next.group("word") != null) {
            return next.group().equalsIgnoreCase("x") || next.group().equalsIgnoreCase("by") ? Kind.TIMES : Kind.WORD;
        }
        return next.group("soon") != null
                ? Kind.AND_SO_ON
                : next.group("times") != null
                        ? Kind.TIMES
                        : next.group("comma2") != null
                                ? Kind.COMMA
                                : next.group("colon") != null
                                        ? Kind.COLON
                                        : next.group("stop") != null ? Kind.STOP : Kind.SIGN;
    }

    private void add(Kind kind, int start, int end, @Nullable String unit) {
        Token token = new Token(
                kind,
                start,
                end,
                text.substring(start, end).toLowerCase(Locale.ROOT),
                null,
                null,
                end - (unit == null ? 0 : unit.length()));
        raw.add(new Raw(token, unit == null ? null : unit.strip(), text.substring(start, end)));
    }

    /** Figures in words become figures like others, with all that is said of them. */
    private void readSpoken() {
        List<Token> all = raw.stream().map(Raw::token).toList();
        List<Raw> written = IntStream.range(0, all.size())
                .filter(i -> !SpokenFigures.isHyphen(all, i))
                .mapToObj(raw::get)
                .toList();
        List<Token> plain = written.stream().map(Raw::token).toList();

        SpokenFigures spoken = new SpokenFigures(plain);
        raw.clear();
        for (int i = 0; i < plain.size(); i++) {
            SpokenFigures.Spoken said = spoken.at(i);
            if (said == null) {
                raw.add(written.get(i));
                continue;
            }
            int start = plain.get(i).start();
            i += said.tokens() - 1;
            int end = plain.get(i).end();
            int figureEnd = plain.get(i - said.last()).end();
            raw.add(new Raw(
                    new Token(Kind.FIGURE, start, end, said.figure(), null, null, figureEnd),
                    said.unit(),
                    said.unit() == null ? said.figure() : said.figure() + " " + said.unit()));
        }
    }

    private List<Token> measured() {
        List<Token> measured = new ArrayList<>();
        String last = null;
        for (int i = 0; i < raw.size(); i++) {
            Token token = raw.get(i).token();
            Token next = i + 1 < raw.size() ? raw.get(i + 1).token() : null;
            if (!token.is(Kind.FIGURE)) {
                // "by" is "times" between figures only
                boolean word = token.text().equals("by") && (next == null || !next.is(Kind.FIGURE));
                measured.add(
                        word
                                ? new Token(
                                        Kind.WORD, token.start(), token.end(), token.text(), null, null, token.end())
                                : token);
                continue;
            }
            boolean isSize = next != null && (next.is(Kind.TIMES) || next.isWord("square"));
            if (i > 0 && raw.get(i - 1).token().isWord("turned", "panel", "piece") && !isSize) {
                // counted, not measured
                measured.add(token);
                continue;
            }
            String unit = raw.get(i).unit();
            String ahead = ahead(i);
            last = unit != null ? unit : ahead != null ? ahead : last;
            measured.add(new Token(
                    Kind.FIGURE,
                    token.start(),
                    token.end(),
                    token.text(),
                    length(raw.get(i), unit == null ? last : null),
                    last == null ? bare : unit(last),
                    token.figureEnd()));
        }
        return measured;
    }

    private static LengthUnit unit(String written) {
        String plain = written.toLowerCase(Locale.ROOT);
        return plain.startsWith("c")
                ? LengthUnit.CENTIMETRE
                : plain.startsWith("m") ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    /** The unit of the next figure in the same size or list that has one. */
    private @Nullable String ahead(int from) {
        for (int i = from; i < raw.size() && isInList(raw.get(i).token()); i++) {
            if (raw.get(i).unit() != null) {
                return raw.get(i).unit();
            }
        }
        return null;
    }

    private static boolean isInList(Token token) {
        return token.is(Kind.FIGURE)
                || token.is(Kind.COMMA)
                || token.is(Kind.TIMES)
                || token.isWord("and", "across", "up", "to");
    }

    private @Nullable Length length(Raw written, @Nullable String unit) {
        Token token = written.token();
        String figure = subscriptsDown(written.figure());
        try {
            return MeasureReader.in(bare).read(unit == null ? figure : figure + " " + unit);
        } catch (UnreadableMeasure unreadable) {
            unread.add(new Passage(token.start(), token.end(), unreadable.getMessage()));
            return null;
        }
    }

    private static String subscriptsDown(String figure) {
        StringBuilder down = new StringBuilder();
        for (int i = 0; i < figure.length(); i++) {
            char c = figure.charAt(i);
            down.append(c >= '₀' && c <= '₉' ? (char) ('0' + c - '₀') : c);
        }
        return down.toString();
    }
}
