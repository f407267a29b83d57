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

    /** How long each of {@code times} takes, ms, once it was done {@code warm} times before. */
    static double[] times(int warm, int times, Runnable work) {
        double[] taken = new double[times];
        for (int i = -warm; i < times; i++) {
            long begun = System.nanoTime();
            work.run();
            if (i >= 0) {
                taken[i] = (System.nanoTime() - begun) / 1e6;
            }
        }
        return taken;
    }

    /** The middle of several figures. */
    static double middle(double[] figures) {
        double[] sorted = figures.clone();
        Arrays.sort(sorted);
        return sorted[sorted.length / 2];
    }

    static Row median(String what, double[] times, double most) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return new Row(what, middle(times), sorted[(int) (sorted.length * 0.95)], most);
    }

    /** Something of which there is one figure only. */
    static Row of(String what, double figure, double most, String unit) {
        return new Row(what, figure, figure, most, unit, null, Double.NaN);
    }

    /** The same beside a yardstick that took so long, ms; what takes no time has none. */
    Row by(Yardstick yardstick, double measured) {
        return unit.equals("ms") ? new Row(what, median, high, most, unit, yardstick, measured) : this;
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
