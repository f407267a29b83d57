package vantbreeze.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs every benchmark and writes the table. First word: the folder the house is laid out in; second: the file to write. */
public final class Report {

    private Report() { }

    public static void main(String[] arguments) throws IOException, InterruptedException, RunnerException {
        List<Row> rows = new ArrayList<>();
        for (RunResult result : new Runner(new OptionsBuilder().include(PlanBench.class.getName()).build()).run()) {
            var statistics = result.getPrimaryResult().getStatistics();
            rows.add(new Row("Z-fold plan worked out in core (warm)", statistics.getPercentile(50) / 1e3,
                    statistics.getPercentile(95) / 1e3, 1));
        }
        rows.addAll(HouseBench.run(Path.of(arguments[0])));
        Files.writeString(Path.of(arguments[1]), table(rows));
    }

    private static String table(List<Row> rows) {
        StringBuilder text = new StringBuilder("""
                # Benchmarks

                Made by `./vantbreeze bench` (JMH for core, headless Chromium with
                software WebGL and compositing for the screen) on %s,
                %d cores, Java %s. The machines are shared and noisy: compare figures of one run only.

                | what | median | 95th | at most | held |
                | --- | ---: | ---: | ---: | --- |
                """.formatted(LocalDate.now(), Runtime.getRuntime().availableProcessors(), System.getProperty("java.version")));
        rows.forEach(row -> text.append(row.markdown()).append('\n'));
        return text.toString();
    }
}
