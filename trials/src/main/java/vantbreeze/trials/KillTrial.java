package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import vantbreeze.exchange.document.PlanDocument;

/**
 * The house is killed (SIGKILL) at a random moment while two windows edit, each a card of its own and both one card
 * together. Then the database is opened without it: every edit that was answered 200 must be there, and every card be
 * readable.
 */
public final class KillTrial {

    private static final int LONGEST_MS = 700;

    private final House.Start start;
    private final Path folder;
    private final Random random;
    /** The last edit answered of each card. */
    private final Map<String, Edit> answered = new HashMap<>();

    private int edits;
    private int lost;
    private int unreadable;

    private record Edit(int revision, String name) {}

    /**
     * What came of it.
     *
     * @param kills how often the house was killed
     * @param edits how many edits were answered in all
     * @param lost how many of those were not there afterwards
     * @param unreadable how many cards could not be read afterwards
     */
    public record Outcome(int kills, int edits, int lost, int unreadable) {}

    /** A trial with the cards in {@code folder}; the moments follow from {@code seed}. */
    public KillTrial(House.Start start, Path folder, long seed) {
        this.start = start;
        this.folder = folder;
        this.random = new Random(seed);
    }

    /** Kills so many times. */
    public Outcome run(int kills) throws IOException, InterruptedException, SQLException {
        for (int kill = 0; kill < kills; kill++) {
            round(kill);
            if (kill % 25 == 24) {
                System.out.printf(
                        "%d kills, %d edits answered, %d lost, %d cards unreadable%n",
                        kill + 1, edits, lost, unreadable);
            }
        }
        return new Outcome(kills, edits, lost, unreadable);
    }

    private void round(int kill) throws IOException, InterruptedException, SQLException {
        House house = start.in(folder);
        List<Thread> windows = new ArrayList<>();
        try {
            List<String> cards = new ArrayList<>();
            for (JsonNode card : House.json(house.get("/api/cards"))) {
                cards.add(card.path("id").asText());
            }
            while (cards.size() < 3) {
                cards.add(house.begin("Kite " + cards.size()));
            }
            cards.sort(String::compareTo);
            CountDownLatch begun = new CountDownLatch(2);
            windows.add(window(house, "first window, round " + kill, List.of(cards.get(0), cards.get(2)), begun));
            windows.add(window(house, "second window, round " + kill, List.of(cards.get(1), cards.get(2)), begun));
            windows.forEach(Thread::start);
            begun.await();
            Thread.sleep(random.nextInt(LONGEST_MS));
        } finally {
            house.kill();
        }
        for (Thread window : windows) {
            window.join();
        }
        check();
    }

    /** Renames its cards in turn until nobody answers any more. */
    private Thread window(House house, String name, List<String> cards, CountDownLatch begun) {
        return new Thread(
                () -> {
                    try {
                        Map<String, Integer> revisions = new HashMap<>();
                        for (int i = 0; ; i++) {
                            String card = cards.get(i % cards.size());
                            if (!revisions.containsKey(card)) {
                                revisions.put(
                                        card,
                                        House.json(house.get("/api/cards/" + card))
                                                .path("revision")
                                                .asInt());
                            }
                            String edit = String.format(Locale.ROOT, "%s, edit %d", name, i);
                            HttpResponse<String> answer = house.send(
                                    "POST",
                                    "/api/cards/%s/changes".formatted(card),
                                    House.JSON.writeValueAsString(
                                            Map.of("revision", revisions.get(card), "field", "name", "text", edit)));
                            if (answer.statusCode() == 200) {
                                int revision =
                                        House.json(answer).path("revision").asInt();
                                revisions.put(card, revision);
                                answered(card, new Edit(revision, edit));
                            } else {
                                revisions.remove(card);
                            }
                            begun.countDown();
                        }
                    } catch (IOException killed) {
                        begun.countDown();
                    } catch (InterruptedException stopped) {
                        Thread.currentThread().interrupt();
                    }
                },
                name);
    }

    private synchronized void answered(String card, Edit edit) {
        edits++;
        answered.merge(card, edit, (one, other) -> one.revision > other.revision ? one : other);
    }

    /**
     * An edit is there when its revision holds its name, or a later edit, sent but not answered before the kill, came
     * after it.
     */
    private void check() throws SQLException {
        String url = "jdbc:h2:file:%s;IFEXISTS=TRUE".formatted(folder.resolve("cards"));
        Map<String, Edit> kept = new HashMap<>();
        try (Connection connection = DriverManager.getConnection(url, "vantbreeze", "");
                ResultSet row =
                        connection.createStatement().executeQuery("select id, revision, name, document from card")) {
            while (row.next()) {
                kept.put(row.getString("id"), new Edit(row.getInt("revision"), row.getString("name")));
                try {
                    if (!PlanDocument.read(row.getString("document")).name().equals(row.getString("name"))) {
                        unreadable++;
                    }
                } catch (IllegalArgumentException garbled) {
                    unreadable++;
                }
            }
        }
        answered.forEach((card, edit) -> {
            Edit there = kept.get(card);
            if (there == null
                    || there.revision < edit.revision
                    || (there.revision == edit.revision && !there.name.equals(edit.name))) {
                lost++;
            }
        });
        // what is there now is what the next round goes on from
        answered.clear();
        kept.forEach(answered::put);
    }
}
