package vantbreeze.trials;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What came of the trials, as a page. */
final class ReliabilityReport {

    KillTrial.@Nullable Outcome kills;

    @Nullable
    Tally parsers;

    @Nullable
    Tally endpoints;

    LoadTrial.@Nullable Outcome load;
    List<String> disk = List.of();

    String text() {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                """
                # Reliability

                Made by `./vantbreeze trials` on %s, %d cores, Java %s. `./vantbreeze test` runs a small sample of each.

                """,
                LocalDate.now(ZoneId.systemDefault()),
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("java.version")));
        text.append(
                """
                ## Killed in the middle of work

                The house is killed (SIGKILL) at a random moment while two windows rename cards without a pause, each
                one of its own and both one together. Then the database is opened by itself: of each card the last edit
                that was answered must be there, and its document readable.

                """);
        text.append(
                kills == null
                        ? "Not run this time.\n"
                        : String.format(
                                Locale.ROOT,
                                "%,d kills, %,d edits answered: %d lost, %d cards unreadable.%n",
                                kills.kills(),
                                kills.edits(),
                                kills.lost(),
                                kills.unreadable()));
        text.append(
                """

                ## Inputs that nobody means

                Strings from jqwik, documents with something changed in them, bodies made from the OpenAPI schema;
                seeded, so that a run can be had again. Readers either read an input or refuse it in words; endpoints
                never answer 500; nothing takes over 2 s.

                | asked | inputs | broken | over 2 s | slowest |
                | --- | ---: | ---: | ---: | ---: |
                """);
        row(text, "readers: measures, outlines, plans, stock, recipes; plans worked out", parsers);
        row(text, "endpoints of the running house", endpoints);
        text.append("\n## A day's load\n\n");
        if (load == null) {
            text.append("Not run this time.\n");
        } else {
            text.append(String.format(
                    Locale.ROOT,
                    "%,d requests in %d s with -Xmx512m; an edit takes %.1f ms (median), %.0f ms at most.%n%n",
                    load.requests(),
                    load.seconds(),
                    load.medianEdit(),
                    load.slowestEdit()));
            text.append("| after | in use | resident | database file |\n| ---: | ---: | ---: | ---: |\n");
            load.looks()
                    .forEach(look -> text.append(String.format(
                            Locale.ROOT,
                            "| %d s | %.0f MB | %.0f MB | %.1f MB |%n",
                            look.seconds(),
                            look.heap(),
                            look.resident(),
                            look.file())));
        }
        text.append("\n## Disks that take nothing\n\n");
        disk.forEach(line -> text.append("- ").append(line).append('\n'));
        return text.toString();
    }

    private static void row(StringBuilder text, String what, @Nullable Tally tally) {
        if (tally != null) {
            text.append(String.format(
                    Locale.ROOT,
                    "| %s | %,d | %d | %d | %.0f ms |%n",
                    what,
                    tally.count(),
                    tally.brokenCount(),
                    tally.slowCount(),
                    tally.slowest()));
        }
    }
}
