package vantbreeze.bench;

import java.util.Arrays;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One line of the report.
 *
 * @param what what was measured
 * @param median what came out
 * @param high of every twenty, nineteen were no more
 * @param most what it may be at most: in ms at the reference speed of the yardstick, where there is one
 * @param unit ms or another
 * @param yardstick what it is compared with, or null for what does not depend on the hour
 * @param measured how long the yardstick took beside it, ms
 */
record Row(
        String what,
        double median,
        double high,
        double most,
        String unit,
        @Nullable Yardstick yardstick,
        double measured) {

    /** Something that takes milliseconds. */
    Row(String what, double median, double high, double most) {
        this(what, median, high, most, "ms", null, Double.NaN);
    }

    static Row median(String what, double[] times, double most) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return new Row(what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)], most);
    }

    /** Something of which there is one figure only. */
    static Row of(String what, double figure, double most, String unit) {
        return new Row(what, figure, figure, most, unit, null, Double.NaN);
    }

    /** The same beside a yardstick that took so long, ms; what takes no time has none. */
    Row by(Yardstick yardstick, double measured) {
        return unit.equals("ms") && this.yardstick == null
                ? new Row(what, median, high, most, unit, yardstick, measured)
                : this;
    }

    /** How many times as slow as at the reference speed the machine was beside it. */
    double slowness() {
        return yardstick == null ? 1 : measured / yardstick.reference();
    }

    /** Whether it is no more than it may be, a slow hour allowed for. */
    boolean held() {
        return median <= most * slowness();
    }

    String markdown() {
        boolean limited = !Double.isInfinite(most);
        return String.format(
                Locale.ROOT,
                "| %s | %s | %s | %s | %s | %s |",
                what,
                shown(median),
                shown(high),
                multiple(median, measured),
                !limited ? "" : yardstick == null ? shown(most) : multiple(most, yardstick.reference()),
                !limited ? "" : held() ? "yes" : "**no**");
    }

    /** A figure as a multiple of the yardstick. */
    private String multiple(double figure, double of) {
        if (yardstick == null) {
            return "";
        }
        double times = figure / of;
        return String.format(
                Locale.ROOT, times < 0.1 ? "%.4f %s" : times < 10 ? "%.3f %s" : "%.1f %s", times, yardstick.shown());
    }

    private String shown(double figure) {
        return String.format(Locale.ROOT, figure < 10 ? "%.3f %s" : "%.0f %s", figure, unit);
    }
}
