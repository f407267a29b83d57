package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;

/** The real house, started for a trial on a free port with its cards in a folder. */
public final class House implements AutoCloseable {

    static final ObjectMapper JSON = new ObjectMapper();

    private static final Duration PATIENCE = Duration.ofMinutes(2);

    private final Process process;
    private final int port;
    private final Path log;
    private final HttpClient client =
            HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();

    private House(Process process, int port, Path log) {
        this.process = process;
        this.port = port;
        this.log = log;
    }

    /**
     * How a house is started.
     *
     * @param jar the runnable jar, or the one of an unpacked layout
     * @param archive its archive of loaded classes, or null
     * @param options more words for Java, then for the house those that begin with two dashes
     */
    public record Start(Path jar, @Nullable Path archive, List<String> options) {

        /** The house as {@code ./vantbreeze} lays it out. */
        public static Start ofLayout(Path layout) {
            return new Start(layout.resolve("house/vantbreeze.jar"), layout.resolve("classes.jsa"), List.of());
        }

        /** The same with more options. */
        public Start with(String... more) {
            List<String> all = new ArrayList<>(options);
            all.addAll(List.of(more));
            return new Start(jar, archive, all);
        }

        /** Starts it and waits until it answers. */
        public House in(Path folder) throws IOException, InterruptedException {
            House house = begin(folder);
            house.awaitAnswer("/api/cards");
            return house;
        }

        /** Starts it; it may end by itself. */
        public House begin(Path folder) throws IOException {
            int port;
            try (ServerSocket socket = new ServerSocket(0)) {
                port = socket.getLocalPort();
            }
            List<String> command = java();
            command.addAll(List.of("--server.port=" + port, "--vantbreeze.data=" + folder));
            options.stream().filter(option -> option.startsWith("--")).forEach(command::add);
            Path log = Files.createTempFile("vantbreeze-trial", ".log");
            log.toFile().deleteOnExit();
            return new House(
                    new ProcessBuilder(command)
                            .redirectErrorStream(true)
                            .redirectOutput(log.toFile())
                            .start(),
                    port,
                    log);
        }

        /** Java's line up to the jar. */
        private List<String> java() {
            List<String> line = new ArrayList<>(List.of(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:+UseSerialGC"));
            if (archive != null && Files.exists(archive)) {
                line.addAll(List.of("-XX:SharedArchiveFile=" + archive, "-Xshare:auto"));
            }
            options.stream().filter(option -> !option.startsWith("--")).forEach(line::add);
            line.addAll(List.of("-jar", jar.toString()));
            return line;
        }

        /**
         * Runs one of the house's commands, like {@code backup FILE}, on the cards in {@code folder}.
         *
         * @return what it said, and its exit status behind it
         */
        public String command(Path folder, String... words) throws IOException, InterruptedException {
            List<String> line = java();
            line.addAll(List.of(words));
            ProcessBuilder builder = new ProcessBuilder(line).redirectErrorStream(true);
            builder.environment().put("VANTBREEZE_DATA", folder.toString());
            Process process = builder.start();
            process.getOutputStream().close();
            String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return said + process.waitFor();
        }
    }

    /** Waits until it answers this; what it said is told when it never does. */
    public void awaitAnswer(String path) throws IOException, InterruptedException {
        long until = System.nanoTime() + PATIENCE.toNanos();
        while (process.isAlive() && System.nanoTime() < until) {
            try {
                if (get(path).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                Thread.sleep(25);
            }
        }
        throw new IOException("the house does not answer:\n" + said());
    }

    /** What it said on its way. */
    public String said() throws IOException {
        return Files.readString(log);
    }

    /** Waits until it has ended by itself; its exit status. */
    public int ended() throws InterruptedException {
        if (!process.waitFor(PATIENCE.toSeconds(), TimeUnit.SECONDS)) {
            process.destroyForcibly();
        }
        return process.exitValue();
    }

    /** Where a path of it is. */
    public String at(String path) {
        return String.format(Locale.ROOT, "http://127.0.0.1:%d%s", port, path);
    }

    /** The process's number. */
    long pid() {
        return process.pid();
    }

    /** Asks for something. */
    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(at(path))).timeout(PATIENCE).build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Sends JSON. */
    public HttpResponse<String> send(String method, String path, String body) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(at(path)))
                        .timeout(PATIENCE)
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Begins a Z-fold; its id. */
    String begin(String name) throws IOException, InterruptedException {
        HttpResponse<String> answer = send(
                "POST",
                "/api/cards",
                JSON.writeValueAsString(
                        Map.of("name", name, "structure", "z-fold", "ruler", "mm", "width", "126", "height", "92")));
        if (answer.statusCode() != 201) {
            throw new IOException("no card: " + answer.body());
        }
        return json(answer).path("id").asText();
    }

    static JsonNode json(HttpResponse<String> answer) throws IOException {
        return JSON.readTree(answer.body());
    }

    /** Ends it at once, as a power cut does: SIGKILL, nothing is tidied up. */
    public void kill() throws InterruptedException {
        process.destroyForcibly();
        process.waitFor();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(30, TimeUnit.SECONDS)) {
                kill();
            }
        } catch (InterruptedException stopped) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
        }
    }
}
