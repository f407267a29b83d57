package vantbreeze.app.api;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * A measure as it is shown. A card has hundreds of them, so what most do not have is left out.
 *
 * @param mm millimetres, for drawing only
 * @param sign minus, if it is less than nothing
 * @param whole whole part, or the whole decimal figure
 * @param numerator upper figure of the fraction, if there is one
 * @param denominator lower figure of the fraction
 * @param unit in or mm
 * @param driftMm how far what is shown is from the exact length, if it is not the length
 * @param text exact, as it is typed
 * @param words as it is read out, if that is another text
 * @param exactly what it is exactly in the other school's figures, if it is not what is shown and those have it
 */
public record FigureView(
        double mm,
        @Nullable String sign,
        String whole,
        @Nullable Integer numerator,
        @Nullable Integer denominator,
        String unit,
        @Nullable Double driftMm,
        String text,
        @Nullable String words,
        @Nullable String exactly) {

    static FigureView of(Length length, Ruler ruler) {
        Figure figure = Figure.of(length, ruler);
        boolean fraction = figure.numerator() > 0;
        double drift = figure.drift().millimetres();
        String words = figure.inWords();
        return new FigureView(
                length.millimetres(),
                figure.sign().isEmpty() ? null : figure.sign(),
                figure.whole(),
                fraction ? figure.numerator() : null,
                fraction ? figure.denominator() : null,
                figure.unit().sign(),
                figure.isExact() ? null : drift,
                figure.text(),
                words.equals(figure.text()) ? null : words,
                figure.exactly().orElse(null));
    }

    /** How large something comes out, as near as a ruler tells it; millimetres. */
    static FigureView estimate(double millimetres, Ruler ruler) {
        return of(Figure.estimate(millimetres, ruler).length(), ruler);
    }

    /** A number that is no length; {@code mm} says it too. */
    static FigureView of(double number, String unit) {
        String figure = BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
        return new FigureView(
                number, null, figure, null, null, unit, null, "%s %s".formatted(figure, unit), null, null);
    }
}
