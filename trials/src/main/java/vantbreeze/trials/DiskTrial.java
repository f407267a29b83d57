package vantbreeze.trials;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/**
 * A disk that fills up while cards are edited, and a folder that can't be written: a small file system in memory of its
 * own is mounted for each, which only the machine's administrator may. Nothing that was answered may be lost, all that
 * is kept is shown.
 */
public final class DiskTrial {

    private static final int MEGABYTES = 48;

    private final House.Start start;

    /** A trial of houses started so. */
    public DiskTrial(House.Start start) {
        this.start = start;
    }

    /** What was seen, a line each; a line that begins with "NOT" is a fault. */
    public List<String> run() throws IOException, InterruptedException {
        Path mount = Files.createTempDirectory("vantbreeze-disk");
        if (run(
                        "mount",
                        "-t",
                        "tmpfs",
                        "-o",
                        String.format(Locale.ROOT, "size=%dm", MEGABYTES),
                        "tmpfs",
                        mount.toString())
                != 0) {
            return List.of("not run: no file system can be mounted here; run it as the machine's administrator");
        }
        List<String> seen = new ArrayList<>();
        try {
            full(mount, seen);
            readOnly(mount, seen);
        } finally {
            run("umount", "-l", mount.toString());
        }
        seen.forEach(System.out::println);
        return seen;
    }

    private void full(Path mount, List<String> seen) throws IOException, InterruptedException {
        // the shield against beginning to write is lowered, so that the disk does fill up in the middle of a write
        try (House house = start.with("--vantbreeze.least-free-bytes=0").in(mount)) {
            String id = house.begin("Kite on a full disk");
            Path filler = mount.resolve("filler");
            int answered = -1;
            HttpResponse<String> refused = null;
            fill(filler, Files.getFileStore(mount).getUsableSpace() - 400_000);
            for (int i = 0; i < 3_000 && refused == null; i++) {
                HttpResponse<String> answer = house.send(
                        "POST",
                        "/api/cards/%s/changes".formatted(id),
                        String.format(
                                Locale.ROOT,
                                "{\"revision\":%d,\"field\":\"notes\",\"text\":\"%s\"}",
                                i,
                                ("note " + i + " ").repeat(300)));
                if (answer.statusCode() == 200) {
                    answered = i;
                } else {
                    refused = answer;
                }
            }
            seen.add(
                    refused == null
                            ? "NOT refused: the disk was not filled"
                            : String.format(
                                    Locale.ROOT,
                                    "full disk: after %d edits answered %d, %s",
                                    answered + 1,
                                    refused.statusCode(),
                                    detail(refused)));
            Files.delete(filler);
            HttpResponse<String> after = null;
            for (int i = 0; i < 50 && (after == null || after.statusCode() != 200); i++) {
                Thread.sleep(100);
                after = house.get("/api/cards/" + id);
            }
            int revision =
                    House.json(Objects.requireNonNull(after)).path("revision").asInt(-1);
            seen.add(String.format(
                    Locale.ROOT,
                    "with room again: the card is shown with %d of %d answered edits",
                    revision,
                    answered + 1));
            if (revision < answered + 1) {
                seen.add(String.format(Locale.ROOT, "NOT kept: %d answered edits", answered + 1 - revision));
            }
            HttpResponse<String> again = house.send(
                    "POST",
                    "/api/cards/%s/changes".formatted(id),
                    String.format(Locale.ROOT, "{\"revision\":%d,\"field\":\"notes\",\"text\":\"again\"}", revision));
            seen.add((again.statusCode() == 200 ? "" : "NOT ")
                    + String.format(Locale.ROOT, "edited again without a new start: %d", again.statusCode()));
        }
        try (House house =
                start.with("--vantbreeze.least-free-bytes=1000000000").in(mount)) {
            HttpResponse<String> refused =
                    house.send("POST", "/api/cards/bare", "{\"ruler\":\"mm\",\"width\":\"90\",\"height\":\"90\"}");
            seen.add(String.format(
                    Locale.ROOT, "less room than is wanted: %d, %s", refused.statusCode(), detail(refused)));
        }
    }

    private void readOnly(Path mount, List<String> seen) throws IOException, InterruptedException {
        run("mount", "-o", "remount,ro", mount.toString());
        try (House house = start.in(mount)) {
            HttpResponse<String> list = house.get("/api/cards");
            seen.add(String.format(
                    Locale.ROOT,
                    "read-only folder: %d cards listed; %s",
                    House.json(list).size(),
                    House.json(house.get("/api/house")).path("words").asText()));
            HttpResponse<String> refused =
                    house.send("POST", "/api/cards/bare", "{\"ruler\":\"mm\",\"width\":\"90\",\"height\":\"90\"}");
            seen.add(String.format(
                    Locale.ROOT, "there an edit is answered %d, %s", refused.statusCode(), detail(refused)));
            if (House.json(list).isEmpty() || refused.statusCode() != 503) {
                seen.add("NOT as it is meant");
            }
        } finally {
            run("mount", "-o", "remount,rw", mount.toString());
        }
    }

    private static String detail(HttpResponse<String> answer) throws IOException {
        return "\"%s\"".formatted(House.json(answer).path("detail").asText());
    }

    private static void fill(Path file, long bytes) throws IOException {
        try (var out = Files.newOutputStream(file)) {
            byte[] block = new byte[64 * 1024];
            for (long left = bytes; left > 0; left -= block.length) {
                out.write(block, 0, (int) Math.min(block.length, left));
            }
        }
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
    }
}
