package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A day at the table in ten minutes: one window that edits, drags, undoes, dresses, prints, lists and reads recipes
 * without a pause, in a house of 512 MB. What it holds in memory and its file are looked at along the way: neither may
 * grow.
 */
public final class LoadTrial {

    private static final int CARDS = 40;
    private static final int LOOKS = 10;

    private final House.Start start;
    private final Path folder;
    private final List<Double> edits = new ArrayList<>();
    private int asked;

    /** A trial with the cards in {@code folder}. */
    public LoadTrial(House.Start start, Path folder) {
        this.start = start;
        this.folder = folder;
    }

    /**
     * What is held at a moment: megabytes of memory in use after tidying, of the process in all, and of the database's
     * file.
     */
    public record Look(int seconds, double heap, double resident, double file) {}

    /** What came of it: requests, the median and slowest edit in ms, and what was held along the way. */
    public record Outcome(int seconds, int requests, double medianEdit, double slowestEdit, List<Look> looks) {}

    /** Goes on for so many seconds. */
    public Outcome run(int seconds) throws IOException, InterruptedException {
        try (House house = start.with("--vantbreeze.demo=true").in(folder)) {
            List<String> cards = new ArrayList<>();
            for (int i = 0; i < CARDS; i++) {
                cards.add(house.begin("Kite " + i));
            }
            List<Look> looks = new ArrayList<>();
            long begun = System.nanoTime();
            for (int round = 0; elapsed(begun) < seconds; round++) {
                work(house, cards.get(round % CARDS), round);
                if (elapsed(begun) >= (looks.size() + 1.0) * seconds / LOOKS) {
                    looks.add(look(house, (int) elapsed(begun)));
                    System.out.println(looks.get(looks.size() - 1));
                }
            }
            double[] sorted =
                    edits.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            return new Outcome(seconds, asked, sorted[sorted.length / 2], sorted[sorted.length - 1], looks);
        }
    }

    private static double elapsed(long begun) {
        return (System.nanoTime() - begun) / 1e9;
    }

    private void work(House house, String id, int round) throws IOException, InterruptedException {
        JsonNode card = House.json(ok(house.get("/api/cards/" + id)));
        int revision = card.path("revision").asInt();
        String before = card.path("document").asText();
        for (int i = 0; i < 6; i++) {
            long begun = System.nanoTime();
            HttpResponse<String> answer = ok(house.send(
                    "POST",
                    "/api/cards/%s/changes".formatted(id),
                    String.format(
                            Locale.ROOT,
                            "{\"revision\":%d,\"field\":\"leg\",\"divisions\":%d}",
                            revision,
                            i % 2 == 0 ? 1 : -1)));
            edits.add((System.nanoTime() - begun) / 1e6);
            revision = House.json(answer).path("revision").asInt();
        }
        for (int i = 0; i < 10; i++) {
            ok(house.send(
                    "POST",
                    "/api/cards/%s/hand".formatted(id),
                    String.format(
                            Locale.ROOT,
                            "{\"revision\":%d,\"kind\":\"SCORE\",\"piece\":0,\"index\":0,\"end\":\"WHOLE\","
                                    + "\"acrossMm\":%s,\"upMm\":0,"
                                    + "\"snap\":\"MARKS\",\"pushes\":false,\"keep\":false,\"closed\":0.5}",
                            revision,
                            60 + i / 3.0)));
        }
        revision = House.json(ok(house.send(
                        "POST",
                        "/api/cards/%s/layers".formatted(id),
                        String.format(
                                Locale.ROOT,
                                "{\"revision\":%d,\"what\":\"%s\",\"faces\":[],\"layers\":[],\"embellishments\":[]}",
                                revision,
                                round % 2 == 0 ? "SUGGEST" : "CLEAR"))))
                .path("revision")
                .asInt();
        ok(house.send(
                "PUT",
                "/api/cards/%s/document".formatted(id),
                House.JSON.writeValueAsString(Map.of("revision", revision, "document", before))));
        ok(house.get("/api/cards"));
        ok(house.get("/api/cards/%s/sketch".formatted(id)));
        ok(house.get("/api/cards/%s/plan.pdf?page=a4".formatted(id)));
        ok(house.send(
                "POST",
                "/api/recipes/read",
                String.format(
                        Locale.ROOT,
                        "{\"text\":\"%d x 4 1/4 in, score at 2 3/4 and 5 1/2, fold m v\",\"ruler\":\"eighths\"}",
                        8 + round % 5)));
        if (round % 10 == 0) {
            ok(house.get("/api/shelf/fitting?ruler=mm&sheet=a4&envelope=c6"));
            ok(house.send("POST", "/api/cards/%s/copy".formatted(id), ""));
            ok(house.send("DELETE", "/api/cards/" + newest(house), ""));
        }
    }

    private String newest(House house) throws IOException, InterruptedException {
        return House.json(ok(house.get("/api/cards"))).get(0).path("id").asText();
    }

    private HttpResponse<String> ok(HttpResponse<String> answer) throws IOException {
        asked++;
        if (answer.statusCode() >= 300) {
            throw new IOException("%s: %s".formatted(answer.uri(), answer.body()));
        }
        return answer;
    }

    private Look look(House house, int seconds) throws IOException, InterruptedException {
        String jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd").toString();
        said(jcmd, Long.toString(house.pid()), "GC.run");
        double heap = Arrays.stream(
                        said(jcmd, Long.toString(house.pid()), "GC.heap_info").split("\n"))
                .filter(line -> line.contains("generation"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll(".*used (\\d+)K.*", "$1")) / 1024)
                .sum();
        double resident =
                Files.readAllLines(Path.of(String.format(Locale.ROOT, "/proc/%d/status", house.pid()))).stream()
                        .filter(line -> line.startsWith("VmRSS"))
                        .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
                        .sum();
        return new Look(seconds, heap, resident, Files.size(folder.resolve("cards.mv.db")) / 1024.0 / 1024.0);
    }

    private static String said(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }
}
