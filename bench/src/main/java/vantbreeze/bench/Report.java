package vantbreeze.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/**
 * Runs every benchmark and writes the tables. First word: the folder the house is laid out in; second: the docs folder.
 */
public final class Report {

    private Report() {}

    public static void main(String[] arguments) throws Exception {
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
        rows.addAll(HouseBench.run(Path.of(arguments[0])));
        List<Row> catalogue = CatalogueBench.run();
        List<Row> layers = LayerBench.run();
        List<Row> folds = FoldBench.run();
        List<FoldBench.Cost> costs = FoldBench.concertinas();
        Path docs = Path.of(arguments[1]);
        Files.writeString(docs.resolve("benchmarks.md"), text(rows, catalogue, layers, folds, costs));
        Files.writeString(docs.resolve("drawings/concertina-cost.svg"), CostPlot.svg(costs));
    }

    private static String text(
            List<Row> rows, List<Row> catalogue, List<Row> layers, List<Row> folds, List<FoldBench.Cost> costs) {
        StringBuilder text = new StringBuilder(
                """
                # Benchmarks

                Made by `./vantbreeze bench` (JMH for core, headless Chromium with software WebGL and compositing for
                the screen) on %s, %d cores, Java %s. The machines are shared and noisy: compare figures of one run
                only.

                ## The house

                """
                        .formatted(
                                LocalDate.now(ZoneId.systemDefault()),
                                Runtime.getRuntime().availableProcessors(),
                                System.getProperty("java.version")));
        table(text, rows);
        text.append("\n## The catalogue\n\nEach structure's plan is to take 5 ms at most by its median, and "
                + "none more than 15 ms by its 95th.\n\n");
        table(text, catalogue);
        text.append("\n## Mats and layers\n\nTwo layers on all that shows: what shows, where it can "
                        + "be dressed, the layers and the list to cut. Each time a card of\n")
                .append("another size, so that nothing is remembered from the one before.\n\n");
        table(text, layers);
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
        text.append("| what | median | 95th | at most | held |\n| --- | ---: | ---: | ---: | --- |\n");
        rows.forEach(row -> text.append(row.markdown()).append('\n'));
    }
}
