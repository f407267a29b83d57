package vantbreeze.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The real jar, running on a free port with its cards in a folder of its own. */
final class RunningHouse implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(90);

    private final Process process;
    private final String address;

    private RunningHouse(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    static RunningHouse start(Path cards, boolean demo) {
        int port = freePort();
        String jar = System.getProperty("vantbreeze.jar");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-jar",
                jar,
                "--server.port=" + port,
                "--vantbreeze.data=" + cards,
                "--vantbreeze.demo=" + demo));
        try {
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(cards.resolve("house.log").toFile())
                    .start();
            RunningHouse house = new RunningHouse(process, "http://127.0.0.1:" + port);
            house.awaitAnswer();
            return house;
        } catch (IOException unable) {
            throw new UncheckedIOException("the jar does not start: " + jar, unable);
        }
    }

    String at(String path) {
        return address + path;
    }

    HttpResponse<byte[]> fetch(String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(at(path))).build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().orTimeout(20, TimeUnit.SECONDS).join();
    }

    private void awaitAnswer() {
        Instant until = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(until) && process.isAlive()) {
            try {
                if (fetch("/api/stock").statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                pause();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                break;
            }
        }
        close();
        throw new IllegalStateException("the house did not answer; see house.log in its folder");
    }

    private static void pause() {
        try {
            Thread.sleep(150);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }
}
