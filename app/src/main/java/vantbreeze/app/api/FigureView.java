package vantbreeze.app.api;

import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * A measure as it is shown.
 *
 * @param mm millimetres, for drawing only
 * @param sign minus or nothing
 * @param whole whole part, or the whole decimal figure
 * @param numerator upper figure of the fraction, 0 for none
 * @param denominator lower figure of the fraction
 * @param unit in or mm
 * @param driftMm how far the ruler's mark shown is from the exact length; 0 when it is the length
 * @param text exact, as it is typed
 * @param words as it is read out
 */
public record FigureView(double mm, String sign, String whole, int numerator, int denominator, String unit,
                         double driftMm, String text, String words) {

    static FigureView of(Length length, Ruler ruler) {
        Figure figure = Figure.of(length, ruler);
        return new FigureView(length.millimetres(), figure.sign(), figure.whole(), figure.numerator(),
                figure.denominator(), figure.unit().sign(), figure.drift().millimetres(), figure.text(), figure.inWords());
    }
}
