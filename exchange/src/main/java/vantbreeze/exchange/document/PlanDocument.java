package vantbreeze.exchange.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.structure.Measures;

/**
 * The plan document: one card as JSON text, versioned, with measures written as a maker would, each exact.
 *
 * <p>It is what the store keeps and what is downloaded and opened again. Unknown fields are passed over and, by
 * {@link #rewritten}, kept, so that a later house may add some without a new version; what changes meaning gets a new
 * version.
 */
public final class PlanDocument {

    /** The version written, and the newest that can be read. */
    public static final int VERSION = 1;
    /** Longest text taken, characters. */
    public static final int LONGEST = 400_000;

    private static final String FORMAT = "vantbreeze-plan";
    private static final ObjectMapper JSON = DocumentJson.mapper();

    private PlanDocument() {}

    /** The document of {@code plan}. */
    public static String write(Plan plan) {
        return tree(plan).toPrettyString();
    }

    /**
     * The document of {@code after}, with whatever {@code before} has that this build does not know.
     *
     * @param before the document that the plan was read from
     * @throws UnreadablePlan when {@code before} can't be read
     */
    public static String rewritten(String before, Plan after) {
        JsonNode was = parse(before);
        ObjectNode document = tree(after);
        UnknownFields.carry(was, tree(read(was)), document);
        return document.toPrettyString();
    }

    private static ObjectNode tree(Plan plan) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", FORMAT);
        document.put("version", VERSION);
        document.put("name", plan.name());
        document.put("structure", plan.structureId());
        ObjectNode measures = document.putObject("measures");
        plan.measures()
                .byId()
                .forEach((id, length) ->
                        measures.put(id, Figure.of(length, plan.ruler()).text()));
        if (!plan.measures().choices().isEmpty()) {
            ObjectNode choices = document.putObject("choices");
            plan.measures().choices().forEach(choices::put);
        }
        document.put("ruler", plan.ruler().id());
        document.put("envelope", plan.envelopeId());
        document.put("sheet", plan.sheetId());
        if (plan.cardstockId() != null) {
            document.put("cardstock", plan.cardstockId());
        }
        document.put("notes", plan.notes());
        if (plan.isFree()) {
            FreeDocument.write(plan.drawn(), document.putObject("free"));
        }
        if (!plan.locked().isEmpty()) {
            var locked = document.putArray("locked");
            plan.locked().forEach(locked::add);
        }
        if (!plan.dressing().all().isEmpty()) {
            new LayersDocument(plan.ruler()).write(plan.dressing(), document.putArray("layers"));
        }
        return document;
    }

    /**
     * The plan in {@code text}.
     *
     * @throws UnreadablePlan in words for the maker: no plan, a newer version, or the field that can't be read
     */
    public static Plan read(String text) {
        return read(parse(text));
    }

    private static Plan read(JsonNode document) {
        if (!FORMAT.equals(document.path("format").asText())) {
            throw UnreadablePlan.noPlan();
        }
        int version = document.path("version").asInt(0);
        if (version > VERSION) {
            throw new UnreadablePlan(String.format(
                    Locale.ROOT,
                    "This plan is from a newer Vantbreeze (version %d; this one reads up to %d). Update, "
                            + "then open it again.",
                    version,
                    VERSION));
        }
        if (version < 1) {
            throw new UnreadablePlan("This plan does not say its version. It may have been changed by hand.");
        }
        String rulerId = document.path("ruler").asText();
        Ruler ruler = Ruler.find(rulerId)
                .orElseThrow(() ->
                        new UnreadablePlan("The plan's ruler, \"%s\", is not one I know.".formatted(shown(rulerId))));
        try {
            return new Plan(
                    document.path("name").asText(),
                    document.path("structure").asText(),
                    measures(document.path("measures"), document.path("choices"), ruler),
                    ruler,
                    optional(document, "envelope"),
                    optional(document, "sheet"),
                    optional(document, "cardstock"),
                    document.path("notes").asText(),
                    document.has("free") ? FreeDocument.read(document.path("free")) : null,
                    locked(document.path("locked")),
                    new LayersDocument(ruler).read(document.path("layers")));
        } catch (Refusal refused) {
            throw new UnreadablePlan("The plan can't be opened. " + refused.getMessage());
        }
    }

    private static JsonNode parse(String text) {
        if (text == null || text.isBlank()) {
            throw new UnreadablePlan("This file is empty. Choose a plan that was downloaded from a card here.");
        }
        if (text.length() > LONGEST) {
            throw new UnreadablePlan(
                    "This file is too large for a plan. Choose one that was downloaded from a card here.");
        }
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException | StackOverflowError notJson) {
            throw UnreadablePlan.noPlan();
        }
    }

    private static Measures measures(JsonNode written, JsonNode chosen, Ruler ruler) {
        Map<String, Length> measures = new LinkedHashMap<>();
        written.properties().forEach(field -> {
            try {
                measures.put(
                        field.getKey(),
                        MeasureReader.of(ruler).read(field.getValue().asText()));
            } catch (UnreadableMeasure unreadable) {
                throw new UnreadablePlan("The plan's %s, \"%s\", can't be read. %s"
                        .formatted(shown(field.getKey()), shown(field.getValue().asText()), unreadable.getMessage()));
            }
        });
        Map<String, String> choices = new LinkedHashMap<>();
        chosen.properties()
                .forEach(field -> choices.put(field.getKey(), field.getValue().asText()));
        return new Measures(measures, choices);
    }

    private static Set<String> locked(JsonNode written) {
        Set<String> locked = new LinkedHashSet<>();
        written.forEach(id -> locked.add(id.asText()));
        return locked;
    }

    private static @Nullable String optional(JsonNode document, String field) {
        JsonNode value = document.path(field);
        return value.isMissingNode() || value.isNull() ? null : value.asText();
    }

    private static String shown(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
