package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.URLEncoder;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * Every operation of a running house, as its own description (OpenAPI) tells it, is asked with bodies and parameters
 * made from its schema, right but for something now and then. None may answer 500 or take over two seconds.
 */
public final class EndpointTrial {

    /** They write files or lock this trial out, and are tried by tests of their own. */
    private static final Set<String> LEFT_OUT =
            Set.of("/api/session", "/api/restore", "/api/backup", "/api/copies/{name}/restored");

    private static final int FRESH_CARDS_EVERY = 400;

    private final House house;
    private final Nonsense nonsense;
    private final Tally tally;
    private final Map<String, List<String>> known = new HashMap<>();

    private record Operation(String method, String path, JsonNode described) {}

    /** A trial of a house; the inputs follow from {@code seed}. */
    public EndpointTrial(House house, long seed, Tally tally) {
        this.house = house;
        this.nonsense = new Nonsense(seed);
        this.tally = tally;
    }

    /** Asks so many times. */
    public void run(int inputs) throws IOException, InterruptedException {
        JsonNode api = House.json(house.get("/v3/api-docs"));
        List<Operation> operations = new ArrayList<>();
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(method -> {
                    if (!LEFT_OUT.contains(path.getKey())) {
                        operations.add(new Operation(
                                method.getKey().toUpperCase(java.util.Locale.ROOT), path.getKey(), method.getValue()));
                    }
                }));
        learn();
        for (int i = 0; i < inputs; i++) {
            if (i % FRESH_CARDS_EVERY == 0) {
                freshCards();
            }
            ask(
                    operations.get(nonsense.below(operations.size())),
                    api.path("components").path("schemas"));
        }
    }

    /** Values that mean something, so that what is asked is refused by more than the first check. */
    private void learn() throws IOException, InterruptedException {
        JsonNode stock = House.json(house.get("/api/stock"));
        known.put("structure", ids(stock.path("structures")));
        known.put("ruler", ids(stock.path("rulers")));
        known.put("envelope", ids(stock.path("envelopes")));
        known.put("sheet", ids(stock.path("sheets")));
        known.put("paper", ids(stock.path("cardstocks")));
        known.put(
                "field",
                List.of(
                        "leg",
                        "width",
                        "height",
                        "name",
                        "notes",
                        "ruler",
                        "envelope",
                        "sheet",
                        "cardstock",
                        "panels",
                        "made",
                        "outline",
                        "panel:Back"));
        known.put("measure", List.of("leg", "width", "height", "panel:Back"));
        known.put("panel", List.of("Back", "Left flap", "Band", "Leg"));
        known.put("page", List.of("a4", "letter"));
        known.put("from", List.of("ENVELOPE", "SIZE", "SHEET"));
        known.put("grammage", List.of("150", "300 g/m²"));
        known.put("colour", List.of("#a9cbe8", "#000000"));
        known.put(
                "text",
                List.of(
                        "mm",
                        "eighths",
                        "75 mm",
                        "M 0 40 L 30 0 L 60 40 L 60 120 L 0 120 Z",
                        "11 x 4 1/4 in, score at 2 3/4 and 5 1/2"));
    }

    private static List<String> ids(JsonNode things) {
        List<String> ids = new ArrayList<>();
        things.forEach(thing -> ids.add(thing.path("id").asText()));
        return ids;
    }

    /** What was made of cards so far is put aside; new ones lie ready, one of them free. */
    private void freshCards() throws IOException, InterruptedException {
        for (String id : known.getOrDefault("id", List.of())) {
            house.send("DELETE", "/api/cards/" + id, "");
        }
        for (JsonNode left : House.json(house.get("/api/cards"))) {
            house.send("DELETE", "/api/cards/" + left.path("id").asText(), "");
        }
        List<String> cards = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            List<String> structures = Objects.requireNonNull(known.get("structure"));
            String structure = structures.get(nonsense.below(structures.size()));
            HttpResponse<String> begun = house.send(
                    "POST",
                    "/api/cards",
                    House.JSON.writeValueAsString(Map.of(
                            "name",
                            "Trial",
                            "structure",
                            structure,
                            "ruler",
                            i % 2 == 0 ? "mm" : "eighths",
                            "width",
                            "126 mm",
                            "height",
                            "92 mm")));
            if (begun.statusCode() == 201) {
                cards.add(House.json(begun).path("id").asText());
            }
        }
        cards.add(House.json(
                        house.send("POST", "/api/cards/bare", "{\"ruler\":\"mm\",\"width\":\"210\",\"height\":\"99\"}"))
                .path("id")
                .asText());
        known.put("id", cards);
        known.put("document", documents(cards));
    }

    private List<String> documents(List<String> cards) throws IOException, InterruptedException {
        List<String> documents = new ArrayList<>();
        for (String card : cards) {
            JsonNode document = House.JSON.readTree(
                    house.get("/api/cards/%s/plan.json".formatted(card)).body());
            documents.add(document.toString());
            for (int i = 0; i < 12; i++) {
                documents.add(nonsense.changed(document));
            }
        }
        return documents;
    }

    private void ask(Operation operation, JsonNode schemas) throws InterruptedException {
        String path = operation.path;
        StringBuilder query = new StringBuilder();
        for (JsonNode parameter : operation.described.path("parameters")) {
            String name = parameter.path("name").asText();
            boolean inPath = parameter.path("in").asText().equals("path");
            String value = URLEncoder.encode(nonsense.value(name, known), StandardCharsets.UTF_8);
            if (inPath) {
                path = path.replace("{" + name + "}", value.isEmpty() ? "-" : value);
            } else if (nonsense.chance(0.9)) {
                query.append(query.isEmpty() ? '?' : '&')
                        .append(name)
                        .append('=')
                        .append(value);
            }
        }
        JsonNode content = operation.described.path("requestBody").path("content");
        String body = content.isMissingNode() ? "" : body(content, schemas);
        String asked = path + query;
        long begun = System.nanoTime();
        String outcome;
        boolean broken = false;
        try {
            HttpResponse<String> answer =
                    operation.method.equals("GET") ? house.get(asked) : house.send(operation.method, asked, body);
            outcome = Integer.toString(answer.statusCode());
            broken = answer.statusCode() >= 500;
        } catch (IOException | IllegalArgumentException none) {
            outcome = none instanceof IOException ? "no answer" : "not sent";
            broken = none instanceof IOException;
        }
        tally.note(
                outcome,
                "%s %s %s".formatted(operation.method, asked, body),
                (System.nanoTime() - begun) / 1e6,
                broken);
    }

    private String body(JsonNode content, JsonNode schemas) {
        String made = nonsense.body(content.elements().next().path("schema"), schemas, known, "body")
                .toString();
        return nonsense.chance(0.02) ? made.substring(0, nonsense.below(made.length() + 1)) : made;
    }
}
