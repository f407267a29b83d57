package vantbreeze.trials;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/**
 * Runs the trials and writes what came of them. The first word is the folder the house is laid out in, the second the
 * docs folder; then how many kills, how many inputs, and for how many seconds a day's load.
 */
public final class Trials {

    private static final int SEED = 13;
    /** One input in so many is asked of the running house, the others of the readers by themselves. */
    private static final int ENDPOINT_SHARE = 10;

    private Trials() {}

    public static void main(String[] arguments) throws Exception {
        House.Start start =
                House.Start.ofLayout(Path.of(arguments[0]).toAbsolutePath()).with("-Xmx512m");
        int kills = number(arguments, 2, 1_000);
        int inputs = number(arguments, 3, 1_000_000);
        int seconds = number(arguments, 4, 600);
        ReliabilityReport report = new ReliabilityReport();
        if (inputs > 0) {
            report.parsers = parsers(inputs - inputs / ENDPOINT_SHARE);
            report.endpoints = endpoints(start, inputs / ENDPOINT_SHARE);
        }
        if (seconds > 0) {
            report.load = new LoadTrial(start, Files.createTempDirectory("vantbreeze-load")).run(seconds);
        }
        report.disk = new DiskTrial(start).run();
        if (kills > 0) {
            report.kills = new KillTrial(
                            start.with("-XX:TieredStopAtLevel=1"), Files.createTempDirectory("vantbreeze-kills"), SEED)
                    .run(kills);
        }
        String text = report.text();
        System.out.println(text);
        Files.writeString(Path.of(arguments[1]).resolve("reliability.md"), text);
    }

    private static int number(String[] arguments, int at, int usual) {
        return arguments.length > at ? Integer.parseInt(arguments[at]) : usual;
    }

    private static Tally parsers(int inputs) throws Exception {
        Tally tally = new Tally();
        new ParserTrial(SEED, tally).run(inputs);
        told("readers", tally);
        return tally;
    }

    private static Tally endpoints(House.Start start, int inputs) throws Exception {
        Tally tally = new Tally();
        try (House house = start.in(Files.createTempDirectory("vantbreeze-inputs"))) {
            new EndpointTrial(house, SEED, tally).run(inputs);
        }
        told("endpoints", tally);
        return tally;
    }

    private static void told(String what, Tally tally) {
        System.out.printf(
                "%s: %d inputs, %d broken, %d over 2 s, slowest %.0f ms%n",
                what, tally.count(), tally.brokenCount(), tally.slowCount(), tally.slowest());
        for (Map.Entry<String, Integer> outcome : tally.outcomes().entrySet()) {
            System.out.printf("  %7d %s%n", outcome.getValue(), outcome.getKey());
        }
        tally.broken().forEach(line -> System.out.println("  broken " + line));
        tally.slow().forEach(line -> System.out.println("  slow " + line));
    }
}
