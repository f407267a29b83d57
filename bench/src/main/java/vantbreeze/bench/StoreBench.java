package vantbreeze.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The store of a running house: an edit until it is answered, which is when it is on disk, and the list of two thousand
 * cards.
 */
final class StoreBench {

    private static final int EDITS = 200;
    private static final int CARDS = 2_000;
    private static final int LISTS = 15;
    private static final Pattern REVISION = Pattern.compile("\"revision\":(\\d+)");

    private final String address;
    private final HttpClient client = HttpClient.newHttpClient();

    private StoreBench(String address) {
        this.address = address;
    }

    static List<Row> run(String address) throws IOException, InterruptedException {
        StoreBench bench = new StoreBench(address);
        return List.of(bench.edits(), bench.list());
    }

    private String send(String path, @Nullable String body) throws IOException, InterruptedException {
        HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(address + path));
        if (body != null) {
            asked.header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body));
        }
        HttpResponse<String> answer = client.send(asked.build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 300) {
            throw new IOException(path + ": " + answer.body());
        }
        return answer.body();
    }

    private String begin(int number) throws IOException, InterruptedException {
        String card = send(
                "/api/cards",
                String.format(
                        Locale.ROOT,
                        "{\"name\":\"Kite %d\",\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"%d\","
                                + "\"height\":\"92\",\"envelope\":\"c6\"}",
                        number,
                        100 + number % 40));
        return UUID.fromString(card.replaceAll("^.*?\"id\":\"([^\"]*)\".*$", "$1"))
                .toString();
    }

    private Row edits() throws IOException, InterruptedException {
        String id = begin(0);
        int revision = 0;
        double[] times = new double[EDITS];
        for (int i = -EDITS; i < EDITS; i++) {
            long begun = System.nanoTime();
            Matcher answer = REVISION.matcher(send(
                    "/api/cards/%s/changes".formatted(id),
                    String.format(
                            Locale.ROOT,
                            "{\"revision\":%d,\"field\":\"leg\",\"divisions\":%d}",
                            revision,
                            i % 2 == 0 ? 1 : -1)));
            if (i >= 0) {
                times[i] = (System.nanoTime() - begun) / 1e6;
            }
            answer.find();
            revision = Integer.parseInt(answer.group(1));
        }
        return Row.median("an edit answered, on disk", times, 25);
    }

    private Row list() throws IOException, InterruptedException {
        List<String> begun = new ArrayList<>();
        while (begun.size() < CARDS) {
            begun.add(begin(begun.size() + 1));
        }
        // what is shown of each is worked out behind the maker's back
        while (facts() < CARDS) {
            Thread.sleep(500);
        }
        double[] times = new double[LISTS];
        for (int i = -LISTS; i < LISTS; i++) {
            long asked = System.nanoTime();
            send("/api/cards", null);
            if (i >= 0) {
                times[i] = (System.nanoTime() - asked) / 1e6;
            }
        }
        return Row.median("the list of 2,000 cards", times, 200);
    }

    private long facts() throws IOException, InterruptedException {
        return Pattern.compile("\"facts\":")
                .matcher(send("/api/cards", null))
                .results()
                .count();
    }
}
