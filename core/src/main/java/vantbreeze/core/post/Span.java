package vantbreeze.core.post;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Precision;

/**
 * From where to where a service takes something, both included.
 *
 * @param from the least; nil for whatever is less
 * @param to the most
 */
public record Span(double from, double to) {

    /** Beyond this no post takes anything, mm or g. */
    private static final double MOST = 100_000;

    /** All that is not more. */
    public static Span upTo(double most) {
        return new Span(0, most);
    }

    /** Whether it is within, but for what doubles lose. */
    boolean takes(double value) {
        return value >= from - Precision.ROUNDING && value <= to + Precision.ROUNDING;
    }

    /** How much a value is beyond it: positive what is too much, negative what is too little, nil within. */
    double beyond(double value) {
        if (takes(value)) {
            return 0;
        }
        return value > to ? value - to : value - from;
    }

    /** @throws ValidationException where it contradicts itself */
    void require(String field, String what, String unit) {
        if (!(from >= 0) || !(to <= MOST)) {
            throw new ValidationException(
                    field,
                    "The %s of a service goes from 0 to %s %s. Type numbers between."
                            .formatted(what, plain(MOST), unit));
        }
        if (from > to) {
            throw new ValidationException(
                    field,
                    "The %s goes from %s to %s %s: the first is the larger. Swap them, or type another."
                            .formatted(what, plain(from), plain(to), unit));
        }
    }

    static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf(Math.round(number)) : String.valueOf(number);
    }
}
