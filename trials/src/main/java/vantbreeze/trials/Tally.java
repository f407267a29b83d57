package vantbreeze.trials;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** What came of inputs: how many of each outcome, the slowest, and those that must not be. */
public final class Tally {

    /** Longest that any input may take, ms. */
    static final double LONGEST_MS = 2_000;

    private static final int SHOWN = 20;
    private static final int TOLD_EVERY = 25_000;

    private final Map<String, Integer> outcomes = new TreeMap<>();
    private final List<String> broken = new ArrayList<>();
    private final List<String> slow = new ArrayList<>();
    private int count;
    private int brokenCount;
    private int slowCount;
    private double slowest;

    synchronized void note(String outcome, String input, double ms, boolean isBroken) {
        count++;
        if (count % TOLD_EVERY == 0) {
            System.out.printf(
                    "%,d inputs, %d broken, %d over 2 s, slowest %.0f ms%n", count, brokenCount, slowCount, slowest);
        }
        outcomes.merge(outcome, 1, Integer::sum);
        slowest = Math.max(slowest, ms);
        if (isBroken) {
            brokenCount++;
            keep(broken, "%s: %s".formatted(outcome, input));
        }
        if (ms > LONGEST_MS) {
            slowCount++;
            keep(slow, String.format(Locale.ROOT, "%.0f ms, %s: %s", ms, outcome, input));
        }
    }

    private static void keep(List<String> list, String line) {
        if (list.size() < SHOWN) {
            list.add(line.length() > 600 ? line.substring(0, 600) + "…" : line);
        }
    }

    /** How many inputs there were. */
    public synchronized int count() {
        return count;
    }

    /** Inputs that were answered 500, or by an exception that no reader is to throw; the first few of them. */
    public synchronized List<String> broken() {
        return List.copyOf(broken);
    }

    /** Inputs that took over two seconds; the first few of them. */
    public synchronized List<String> slow() {
        return List.copyOf(slow);
    }

    synchronized int brokenCount() {
        return brokenCount;
    }

    synchronized int slowCount() {
        return slowCount;
    }

    synchronized double slowest() {
        return slowest;
    }

    synchronized Map<String, Integer> outcomes() {
        return new TreeMap<>(outcomes);
    }
}
