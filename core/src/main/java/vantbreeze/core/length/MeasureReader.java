package vantbreeze.core.length;

import static java.util.Objects.requireNonNullElse;

import java.math.BigDecimal;
import java.math.MathContext;
import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a measure the ways people write one: {@code 5 1/2}, {@code 5½}, {@code 5-1/2"}, {@code 5.5in}, {@code 139.7
 * mm}, {@code 14 cm}, {@code 13,5cm}.
 *
 * <p>A figure without a unit is in the reader's own. Binary fractions of an inch down to 1/64 and decimals down to a
 * micrometre are read exactly; what is finer than 1/8 µm goes to the nearest unit, far below what paper can hold.
 */
public final class MeasureReader {

    /** Longest measure taken, 5 m: longer than any card, strip or roll end on a table. */
    public static final Length LONGEST = Length.ofMillimetres(5_000);

    private static final int LONGEST_TEXT = 40;
    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final Pattern UNIT =
            Pattern.compile("\\s*(?:(?<in>\"|''|in\\.?|ins|inch|inches)|(?<cm>cm|cms|centimet(?:re|er)s?)|(?<mm>mm|mms|"
                    + "millimet(?:re|er)s?))\\s*$");
    private static final Pattern DECIMAL = Pattern.compile("(?<sign>[+-]?)(?<figure>\\d+[.,]?\\d*|[.,]\\d+)");
    private static final Pattern FRACTION = Pattern.compile(
            "(?<sign>[+-]?)(?:(?<whole>\\d+)(?:\\s+and\\s+|\\s*-\\s*|\\s+))?(?<upper>\\d+)\\s*/\\s*(?<lower>\\d+)");
    private static final Pattern HALF_WRITTEN = Pattern.compile("[+-]?(?:\\d+(?:\\s*-\\s*|\\s+))?\\d+\\s*/");

    private final LengthUnit unitInForce;

    private MeasureReader(LengthUnit unitInForce) {
        this.unitInForce = unitInForce;
    }

    /** A reader for which a bare figure is in {@code unit}. */
    public static MeasureReader in(LengthUnit unit) {
        return new MeasureReader(unit);
    }

    /** A reader for figures read off {@code ruler}. */
    public static MeasureReader of(Ruler ruler) {
        return in(ruler.unit());
    }

    /**
     * Reads a length of nothing or more.
     *
     * @throws UnreadableMeasure with words for the maker when the text is no measure, is below nothing or is longer
     *     than {@link #LONGEST}
     */
    public Length read(@Nullable String typed) {
        String text = requireNonNullElse(typed, "");
        String plain = plain(text);
        Matcher unitSign = UNIT.matcher(plain);
        LengthUnit unit = unitInForce;
        if (unitSign.find()) {
            unit = unitSign.group("in") != null
                    ? LengthUnit.INCH
                    : unitSign.group("cm") != null ? LengthUnit.CENTIMETRE : LengthUnit.MILLIMETRE;
            plain = plain.substring(0, unitSign.start());
        }
        BigDecimal amount = amount(text, plain.strip());
        if (amount.signum() < 0) {
            throw new UnreadableMeasure(text, "A measure can't be less than nothing. Write it without the minus sign.");
        }
        if (amount.multiply(BigDecimal.valueOf(unit.length().units())).compareTo(BigDecimal.valueOf(LONGEST.units()))
                > 0) {
            throw new UnreadableMeasure(
                    text, "That is longer than 5 m. Check the figure and its unit (%s).".formatted(unit.sign()));
        }
        return Length.nearest(amount, unit);
    }

    private static String plain(String text) {
        if (text.isBlank()) {
            throw new UnreadableMeasure(text, "Nothing is written here. Type a measure, like 5 1/2 in or 140 mm.");
        }
        if (text.length() > LONGEST_TEXT) {
            throw new UnreadableMeasure(
                    text, "That is too much text for one measure. Type one figure, like 5 1/2 in or 140 mm.");
        }
        return Normalizer.normalize(fractionsApart(text), Normalizer.Form.NFKC)
                .replace('⁄', '/')
                .replace('∕', '/')
                .replace('−', '-')
                .replace('–', '-')
                .replace('‑', '-')
                .replace('‐', '-')
                .replace('”', '"')
                .replace('“', '"')
                .replace('″', '"')
                .replace('’', '\'')
                .replace('′', '\'')
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    /** Sets fractions apart from a whole figure before it, so that 5½ and 5³⁄₄ do not become 51/2 and 53/4. */
    private static String fractionsApart(String text) {
        StringBuilder apart = new StringBuilder();
        boolean raised = false;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean raises = RAISED.indexOf(c) >= 0;
            int[] fraction = Fractions.READY_MADE.get(c);
            apart.append(
                    fraction != null ? " " + fraction[0] + "/" + fraction[1] : raises && !raised ? " " + c : "" + c);
            raised = raises;
        }
        return apart.toString();
    }

    private static BigDecimal amount(String text, String figure) {
        Matcher decimal = DECIMAL.matcher(figure);
        if (decimal.matches()) {
            return signed(
                    decimal.group("sign"),
                    new BigDecimal(decimal.group("figure").replace(',', '.')));
        }
        Matcher fraction = FRACTION.matcher(figure);
        if (fraction.matches()) {
            return signed(fraction.group("sign"), fraction(text, fraction));
        }
        throw new UnreadableMeasure(text, why(figure));
    }

    private static BigDecimal signed(String sign, BigDecimal amount) {
        return sign.equals("-") ? amount.negate() : amount;
    }

    private static BigDecimal fraction(String text, Matcher written) {
        String whole = written.group("whole");
        BigDecimal upper = new BigDecimal(written.group("upper"));
        BigDecimal lower = new BigDecimal(written.group("lower"));
        if (lower.signum() == 0) {
            throw new UnreadableMeasure(text, "A fraction can't have 0 below the line. Write it like 1/8.");
        }
        if (whole != null && upper.compareTo(lower) >= 0) {
            throw new UnreadableMeasure(
                    text,
                    "%s/%s is a whole inch or more behind a whole figure. Did you mean another fraction?"
                            .formatted(upper, lower));
        }
        return upper.divide(lower, MathContext.DECIMAL64).add(whole == null ? BigDecimal.ZERO : new BigDecimal(whole));
    }

    private static String why(String figure) {
        if (figure.isEmpty()) {
            return "There is a unit but no figure. Type a measure, like 5 1/2 in or 140 mm.";
        }
        if (HALF_WRITTEN.matcher(figure).matches()) {
            return "The fraction has no lower figure. Finish it, like %s2.".formatted(figure.replaceAll("\\s*/$", "/"));
        }
        return "This is not a measure I can read. Write it like 5 1/2, 5.5 in, 140 mm or 14 cm.";
    }
}
