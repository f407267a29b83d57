package vantbreeze.bench;

import java.util.Arrays;
import java.util.Locale;

/** One line of the report: what was measured, what came out, what it may be at most. Milliseconds. */
record Row(String what, double median, double high, double most) {

    static Row median(String what, double[] times, double most) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return new Row(what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)], most);
    }

    String markdown() {
        return String.format(Locale.ROOT, "| %s | %s | %s | %s | %s |", what, shown(median), shown(high), shown(most),
                median <= most ? "yes" : "**no**");
    }

    private static String shown(double milliseconds) {
        return String.format(Locale.ROOT, milliseconds < 10 ? "%.3f ms" : "%.0f ms", milliseconds);
    }
}
