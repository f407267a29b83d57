package vantbreeze.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * Runs every benchmark and writes the tables. First word: the folder the house is laid out in; second: the docs folder.
 */
public final class Report {

    private Report() {}

    public static void main(String[] arguments) throws Exception {
        Yardstick.warm();
        if (arguments[0].equals("calibrate")) {
            calibrate();
            return;
        }
        double rabbitEar = FoldBench.rabbitEar();
        List<Row> rows = new ArrayList<>();
        rows.addAll(Yardstick.UNIONS.besideAll(Report::zFold));
        rows.addAll(HouseBench.run(Path.of(arguments[0])));
        List<Row> catalogue = CatalogueBench.run();
        List<Row> layers = LayerBench.run();
        List<Row> builds = BuildBench.run();
        List<Row> wraps = WrapBench.run();
        List<Row> cuts = CutBench.run();
        List<CutBench.CutCost> cutCosts = CutBench.costs();
        List<Row> folds = FoldBench.run();
        List<FoldBench.Cost> costs = FoldBench.concertinas();
        List<Row> all = Stream.of(rows, catalogue, layers, builds, wraps, cuts, folds)
                .flatMap(List::stream)
                .toList();
        Path docs = Path.of(arguments[1]);
        Files.writeString(
                docs.resolve("benchmarks.md"),
                text(
                        hour((rabbitEar + FoldBench.rabbitEar()) / 2, all),
                        rows,
                        catalogue,
                        layers,
                        builds,
                        wraps,
                        cuts,
                        cutCosts,
                        folds,
                        costs));
        Files.writeString(docs.resolve("drawings/concertina-cost.svg"), CostPlot.svg(costs));
        all.stream().filter(row -> !row.held()).forEach(row -> System.out.println("not held: " + row.markdown()));
    }

    /** How long each yardstick takes at the reference speed, from several rounds of it beside rabbit-ear. */
    private static void calibrate() throws Exception {
        try (Playwright playwright = HouseBench.playwright();
                Browser browser = HouseBench.chromium(playwright)) {
            for (int round = 0; round < 8; round++) {
                double unions = Yardstick.UNIONS.now();
                double json = Yardstick.JSON.now();
                double page = Yardstick.now(browser);
                double rabbitEar = FoldBench.rabbitEar();
                double slow = rabbitEar / Yardstick.REFERENCE;
                System.out.printf(
                        Locale.ROOT,
                        "rabbit-ear %.0f ms; at %.0f: unions %.1f, JSON %.1f, page %.0f ms%n",
                        rabbitEar,
                        Yardstick.REFERENCE,
                        unions / slow,
                        json / slow,
                        page / slow);
            }
        }
    }

    /** How fast the hour was: rabbit-ear and every yardstick beside what they take at the reference speed. */
    private static String hour(double rabbitEar, List<Row> rows) {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "In this run rabbit-ear took %.0f ms for all orders of a strip of 8 panels,%n"
                        + "%.2f times its %.0f at the reference speed; ",
                rabbitEar,
                rabbitEar / Yardstick.REFERENCE,
                Yardstick.REFERENCE));
        List<String> sticks = new ArrayList<>();
        for (Yardstick stick : Yardstick.values()) {
            DoubleSummaryStatistics slowness = rows.stream()
                    .filter(row -> row.yardstick() == stick)
                    .mapToDouble(Row::slowness)
                    .summaryStatistics();
            sticks.add(String.format(
                    Locale.ROOT,
                    "%s %.2f to %.2f times their %.1f ms",
                    stick.shown(),
                    slowness.getMin(),
                    slowness.getMax(),
                    stick.reference()));
        }
        return text.append("the yardsticks took\n")
                .append(String.join(", ", sticks))
                .append(".\n")
                .toString();
    }

    private static List<Row> zFold() throws RunnerException {
        List<Row> rows = new ArrayList<>();
        for (RunResult result : new Runner(
                        new OptionsBuilder().include(PlanBench.class.getName()).build())
                .run()) {
            var statistics = result.getPrimaryResult().getStatistics();
            rows.add(new Row(
                    "Z-fold plan worked out in core (warm)",
                    statistics.getPercentile(50) / 1e3,
                    statistics.getPercentile(95) / 1e3,
                    1));
        }
        return rows;
    }

    private static String text(
            String hour,
            List<Row> rows,
            List<Row> catalogue,
            List<Row> layers,
            List<Row> builds,
            List<Row> wraps,
            List<Row> cuts,
            List<CutBench.CutCost> cutCosts,
            List<Row> folds,
            List<FoldBench.Cost> costs) {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                """
                # Benchmarks

                Made by `./vantbreeze bench` (JMH for core, headless Chromium with software WebGL and compositing for
                the screen) on %s, %d cores, Java %s. The machines are shared and noisy, so that milliseconds of two
                hours can't be compared. Each figure therefore stands beside a *yardstick*, a fixed piece of work that
                is measured just before and after it: *unions* of fixed polygons (JTS) for what computes, a fixed *JSON*
                read and written (Jackson) for the house, a fixed *page* of polygons drawn for the screen. Limits are
                multiples of the yardstick: those that the limit in milliseconds is at the reference speed, at which
                rabbit-ear needs 110 ms for the 8-panel strip.

                %s
                ## The house

                """,
                LocalDate.now(ZoneId.systemDefault()),
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("java.version"),
                hour));
        table(text, rows);
        text.append("\n## The catalogue\n\nEach structure's plan is to take 4 ms at most by its median, and "
                + "none more than 15 ms by its 95th.\n\n");
        table(text, catalogue);
        text.append("\n## Mats and layers\n\nTwo layers on all that shows: what shows, where it can "
                        + "be dressed, the layers and the list to cut. Each time a card of\n")
                .append("another size, so that nothing is remembered from the one before.\n\n");
        table(text, layers);
        text.append(
                "\n## Building\n\nEvery step from bare sheets to the card that is sent, in order, two layers on all "
                        + "that shows.\n\n");
        table(text, builds);
        text.append("\n## Wraps and post\n\nTwo layers on all that shows: every wrap of the house made round the card "
                + "and drawn with it; and the card in band and envelope handed in, measured, weighed and asked "
                + "of every service.\n\n");
        table(text, wraps);
        text.append("\n## Cutting\n\nPieces of 30 to 130 mm from A4, each once, that may be turned; the search spends "
                + "what it usually does.\n\n");
        table(text, cuts);
        text.append(
                "\n| pieces | ms | sheets | over the bound by area | proven |\n| ---: | ---: | ---: | ---: | --- |\n");
        cutCosts.forEach(cost -> text.append(String.format(
                Locale.ROOT,
                "| %d | %.0f | %d | %.1f %% | %s |%n",
                cost.pieces(),
                cost.milliseconds(),
                cost.sheets(),
                cost.over(),
                cost.isProven() ? "yes" : "")));
        text.append("\n## The fold engine\n\nBeside rabbit-ear 0.9.32 (npm), warm, in the same run.\n\n");
        table(text, folds);
        text.append("\nOne order of a concertina, by its panels:\n\n![cost against "
                + "panels](drawings/concertina-cost.svg)\n\n");
        text.append("| panels | ms | ms a panel |\n| ---: | ---: | ---: |\n");
        costs.forEach(cost -> text.append(String.format(
                Locale.ROOT,
                "| %d | %.3f | %.4f |%n",
                cost.panels(),
                cost.milliseconds(),
                cost.milliseconds() / cost.panels())));
        return text.toString();
    }

    private static void table(StringBuilder text, List<Row> rows) {
        text.append(
                """
                | what | median | 95th | in yardsticks | at most | held |
                | --- | ---: | ---: | ---: | ---: | --- |
                """);
        rows.forEach(row -> text.append(row.markdown()).append('\n'));
    }
}
