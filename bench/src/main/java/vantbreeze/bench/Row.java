package vantbreeze.bench;

import java.util.Arrays;
import java.util.Locale;

/** One line of the report: what was measured, what came out, what it may be at most. */
record Row(String what, double median, double high, double most, String unit) {

    /** Something that takes milliseconds. */
    Row(String what, double median, double high, double most) {
        this(what, median, high, most, "ms");
    }

    static Row median(String what, double[] times, double most) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return new Row(what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)], most);
    }

    /** Something of which there is one figure only. */
    static Row of(String what, double figure, double most, String unit) {
        return new Row(what, figure, figure, most, unit);
    }

    String markdown() {
        return String.format(
                Locale.ROOT,
                "| %s | %s | %s | %s | %s |",
                what,
                shown(median),
                shown(high),
                Double.isInfinite(most) ? "" : shown(most),
                Double.isInfinite(most) ? "" : median <= most ? "yes" : "**no**");
    }

    private String shown(double figure) {
        return String.format(Locale.ROOT, figure < 10 ? "%.3f %s" : "%.0f %s", figure, unit);
    }
}
