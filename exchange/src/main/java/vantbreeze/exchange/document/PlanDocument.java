package vantbreeze.exchange.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.plan.Plan;

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

    static final String FORMAT = "vantbreeze-plan";
    private static final ObjectMapper JSON = DocumentJson.ofRecords();

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
        return JSON.valueToTree(PlanJson.of(plan));
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
        try {
            return JSON.treeToValue(document, PlanJson.class).plan();
        } catch (JsonProcessingException garbled) {
            throw unreadable(garbled);
        } catch (ValidationException refused) {
            throw new UnreadablePlan("The plan can't be opened. " + refused.getMessage());
        }
    }

    /** What can't be read is told by the field it is in. */
    private static UnreadablePlan unreadable(JsonProcessingException garbled) {
        String field = garbled instanceof JsonMappingException mapping
                        && !mapping.getPath().isEmpty()
                ? String.valueOf(mapping.getPath().get(0).getFieldName())
                : "text";
        return switch (field) {
            case "free" -> UnreadablePlan.ofDrawing();
            case "layers" -> UnreadablePlan.ofLayers("One of them is not written as layers are.");
            default -> UnreadablePlan.ofField(field);
        };
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
}
