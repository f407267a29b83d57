package vantbreeze.core.length;

import java.math.BigDecimal;

/**
 * A measure as it is written down for a ruler: a whole part and, on an inch ruler, a fraction in lowest terms.
 *
 * <p>A length off the ruler's marks is written at its nearest mark with the drift named, and its {@link #text} is exact
 * all the same: {@link MeasureReader} reads the text back as the very length that was written.
 *
 * @param length what is written
 * @param unit the unit it is written in
 * @param sign {@code "-"} for a length below nothing, else empty
 * @param whole the whole part or, for metric, the whole decimal figure
 * @param numerator upper figure of the fraction, 0 when there is none
 * @param denominator lower figure of the fraction, 1 when there is none
 * @param drift nearest mark less the length; zero when it falls on a mark
 * @param text exact, in plain characters, with its unit: {@code 5 1/2 in}
 */
public record Figure(
        Length length,
        LengthUnit unit,
        String sign,
        String whole,
        int numerator,
        int denominator,
        Length drift,
        String text) {

    /** Writes {@code length} as it is read off {@code ruler}. */
    public static Figure of(Length length, Ruler ruler) {
        Ruled mark = ruler.nearest(length);
        return ruler.isInches() ? inches(length, mark) : metric(length, mark, ruler.unit());
    }

    /** Whether the figure is the length itself and not its nearest mark. */
    public boolean isOnRuler() {
        return drift.equals(Length.ZERO);
    }

    /** The figure without its unit and as printed: {@code 5½} or {@code 5 3/64}, {@code 139.5}. */
    public String printed() {
        if (numerator == 0) {
            return sign + whole;
        }
        String fraction = Fractions.printed(numerator, denominator);
        boolean vulgar = fraction.length() == 1;
        return sign + (whole.equals("0") ? "" : whole + (vulgar ? "" : " ")) + fraction;
    }

    /** The figure in a sentence: {@code 5½ in}, or {@code about 5½ in} when that is only the nearest mark. */
    public String inWords() {
        return (isOnRuler() ? "" : "about ") + printed() + " " + unit.sign();
    }

    private static Figure inches(Length length, Ruled mark) {
        String sign = mark.length().isNegative() ? "-" : "";
        long units = mark.length().abs().units();
        long whole = units / Length.PER_INCH;
        long rest = units % Length.PER_INCH;
        long step = Fractions.greatestCommonDivisor(rest, Length.PER_INCH);
        int numerator = (int) (rest / step);
        int denominator = rest == 0 ? 1 : (int) (Length.PER_INCH / step);
        String fraction = numerator == 0 ? "" : numerator + "/" + denominator;
        String figure = numerator == 0 ? "" + whole : whole == 0 ? fraction : whole + " " + fraction;
        String text = mark.isExact() ? sign + figure + " in" : exactText(length);
        return new Figure(length, LengthUnit.INCH, sign, "" + whole, numerator, denominator, mark.drift(), text);
    }

    private static Figure metric(Length length, Ruled mark, LengthUnit unit) {
        String sign = mark.length().isNegative() ? "-" : "";
        BigDecimal amount = mark.length().abs().exactMillimetres();
        return new Figure(length, unit, sign, amount.toPlainString(), 0, 1, mark.drift(), exactText(length));
    }

    private static String exactText(Length length) {
        return length.exactMillimetres().toPlainString() + " mm";
    }
}
