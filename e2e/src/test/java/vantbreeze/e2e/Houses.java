package vantbreeze.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.trials.House;

/**
 * The houses that the browser tests stand before, all with the demo's cards: one for the tests that change nothing in
 * it, and one of its own for each class that does. The demo is laid out once and copied.
 */
final class Houses {

    /** The card of the demo that is laid last. */
    private static final String LAST = "Kite tail, forty folds";

    private static final Path ALL = folder();
    private static @Nullable House shared;

    private Houses() {}

    /** How a house is started: as {@code ./vantbreeze} lays it out if it has, else from the jar as it is built. */
    static House.Start start() {
        String layout = System.getProperty("vantbreeze.layout", "");
        House.Start start = layout.isEmpty()
                ? new House.Start(Path.of(System.getProperty("vantbreeze.jar")), null, List.of())
                : House.Start.ofLayout(Path.of(layout));
        return start.with("-XX:TieredStopAtLevel=1", "-Xmx512m");
    }

    /** The one that is left as it is; stopped when the tests are over. */
    static synchronized House shared() throws IOException, InterruptedException {
        if (shared == null) {
            House house = fresh(ALL.resolve("shared"));
            Runtime.getRuntime().addShutdownHook(new Thread(house::close));
            shared = house;
        }
        return shared;
    }

    /** One on the demo's cards as they are laid out, in a new folder. */
    static House fresh(Path folder) throws IOException, InterruptedException {
        copy(demo(), folder);
        return start().with("--vantbreeze.demo=true").in(folder);
    }

    private static synchronized Path demo() throws IOException, InterruptedException {
        Path demo = ALL.resolve("demo");
        if (!Files.exists(demo)) {
            try (House house = start().with("--vantbreeze.demo=true").in(demo)) {
                awaitDemo(house);
            }
        }
        return demo;
    }

    /** Waits until all cards of the demo are in the drawer. */
    static void awaitDemo(House house) throws IOException, InterruptedException {
        for (int i = 0; i < 600; i++) {
            if (house.get("/api/cards").body().contains(LAST)) {
                return;
            }
            Thread.sleep(50);
        }
        throw new IOException("the demo's cards did not come:\n" + house.said());
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> files = Files.walk(from)) {
            for (Path file : files.toList()) {
                Path copy = to.resolve(from.relativize(file).toString());
                if (Files.isDirectory(file)) {
                    Files.createDirectories(copy);
                } else {
                    Files.copy(file, copy);
                }
            }
        }
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("vantbreeze-e2e");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
