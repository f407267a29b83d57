package vantbreeze.exchange.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;

/**
 * A plan as it leaves the house: its document, and in the field {@code stock} what it names of its maker's own, so that
 * it opens elsewhere as it was. Pictures of papers stand there as base64 (RFC 4648).
 */
public final class PlanFile {

    /** Longest file taken, characters. */
    public static final int LONGEST = 12_000_000;

    private static final int MOST_PICTURES = 20;

    private static final ObjectMapper JSON = DocumentJson.ofRecords();

    private PlanFile() {}

    /**
     * A plan that came from elsewhere.
     *
     * @param plan what was decided
     * @param document the document without what it brought
     * @param stock what it brought
     * @param pictures pictures of papers that it brought, by id
     */
    public record Brought(Plan plan, String document, OwnThings stock, Map<String, byte[]> pictures) {}

    /**
     * The file of a plan.
     *
     * @param document its document
     * @param own what the maker has
     * @param picture the picture of a paper, by id
     */
    public static String write(String document, OwnStock own, Function<String, Optional<byte[]>> picture) {
        Plan plan = PlanDocument.read(document);
        Set<String> papers = new LinkedHashSet<>(plan.dressing().papers());
        papers.add(plan.cardstockId());
        papers.addAll(plan.supplies().ofPieces().values());
        Map<String, Cardstock> cardstocks = new LinkedHashMap<>(own.cardstocks());
        cardstocks.keySet().retainAll(papers);
        OwnThings named = new OwnThings(
                own.envelopes().stream()
                        .filter(one -> one.id().equals(plan.envelopeId()))
                        .toList(),
                own.sheets().stream()
                        .filter(one -> one.id().equals(plan.sheetId()))
                        .toList(),
                cardstocks);
        if (named.isEmpty()) {
            return document;
        }
        ObjectNode file = (ObjectNode) parse(document);
        ObjectNode stock = JSON.valueToTree(ThingsJson.of(named));
        file.set("stock", stock);
        ObjectNode pictures = stock.putObject("pictures");
        cardstocks.values().stream()
                .map(card -> card.look().image())
                .filter(id -> id != null)
                .distinct()
                .forEach(id -> picture.apply(id)
                        .ifPresent(bytes -> pictures.put(id, Base64.getEncoder().encodeToString(bytes))));
        return file.toPrettyString();
    }

    /**
     * The plan in a file, and what it brings.
     *
     * @throws UnreadablePlan in words for the maker
     */
    public static Brought read(String text) {
        if (text != null && text.length() > LONGEST) {
            throw new UnreadablePlan(
                    "This file is too large for a plan. Choose one that was downloaded from a card here.");
        }
        if (text == null || text.isBlank() || !(parse(text) instanceof ObjectNode file) || !file.has("stock")) {
            return new Brought(PlanDocument.read(text), text, OwnThings.NONE, Map.of());
        }
        JsonNode stock = file.remove("stock");
        String document = file.toPrettyString();
        return new Brought(PlanDocument.read(document), document, things(stock), pictures(stock.path("pictures")));
    }

    private static OwnThings things(JsonNode stock) {
        try {
            return JSON.treeToValue(stock, ThingsJson.class).things();
        } catch (JsonProcessingException | IllegalArgumentException | NullPointerException garbled) {
            throw new UnreadablePlan(
                    "The plan's papers, sheets or envelope can't be read. Ask for the file again, as it "
                            + "was downloaded.");
        }
    }

    private static Map<String, byte[]> pictures(JsonNode written) {
        Map<String, byte[]> pictures = new LinkedHashMap<>();
        if (written.size() > MOST_PICTURES) {
            throw new UnreadablePlan(String.format(
                    Locale.ROOT,
                    "The plan brings more than %d pictures of papers. Open one with fewer.",
                    MOST_PICTURES));
        }
        written.properties().forEach(field -> {
            try {
                pictures.put(
                        field.getKey(),
                        Base64.getDecoder().decode(field.getValue().asText()));
            } catch (IllegalArgumentException garbled) {
                throw new UnreadablePlan(
                        "A picture of one of the plan's papers can't be read. Ask for the file again, as "
                                + "it was downloaded.");
            }
        });
        return pictures;
    }

    private static JsonNode parse(String text) {
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException notJson) {
            throw UnreadablePlan.noPlan();
        }
    }
}
