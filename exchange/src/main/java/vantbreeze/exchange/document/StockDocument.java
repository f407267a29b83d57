package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import vantbreeze.core.plan.CutDone;
import vantbreeze.core.plan.OwnStock;

/** What a maker has of their own, as JSON text, measures in exact millimetres. */
public final class StockDocument {

    private static final String FORMAT = "vantbreeze-stock";
    private static final int VERSION = 1;

    private static final ObjectMapper JSON = DocumentJson.ofRecords();

    private StockDocument() {}

    /**
     * The fields of the document, as they are written.
     *
     * @param away ids of what is no longer offered
     */
    record StockJson(
            String format,
            int version,
            ToolsJson tools,
            List<ThingsJson.EnvelopeJson> envelopes,
            List<ThingsJson.SheetJson> sheets,
            List<ThingsJson.CardstockJson> cardstocks,
            List<String> away,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<CutDoneJson> cuts,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PostJson> post) {

        static StockJson of(OwnStock stock) {
            ThingsJson things = ThingsJson.of(OwnThings.of(stock));
            return new StockJson(
                    FORMAT,
                    VERSION,
                    ToolsJson.of(stock.tools()),
                    things.envelopes(),
                    things.sheets(),
                    things.cardstocks(),
                    List.copyOf(stock.away()),
                    stock.cuts().stream().map(CutDoneJson::of).toList(),
                    stock.post().stream().map(PostJson::of).toList());
        }

        OwnStock stock() {
            OwnThings things = new ThingsJson(envelopes, sheets, cardstocks).things();
            return new OwnStock(
                    tools.tools(),
                    things.envelopes(),
                    things.sheets(),
                    things.cardstocks(),
                    new LinkedHashSet<>(away),
                    cuts.stream().map(CutDoneJson::done).toList(),
                    post.stream().map(PostJson::table).toList());
        }
    }

    /** That a card was cut; {@code day} as in ISO 8601. */
    record CutDoneJson(
            String id, String card, String name, String day, Map<String, Integer> taken, List<String> offcuts) {

        static CutDoneJson of(CutDone done) {
            return new CutDoneJson(
                    done.id(), done.card(), done.name(), done.day().toString(), done.taken(), done.offcuts());
        }

        CutDone done() {
            try {
                return new CutDone(id, card, name, LocalDate.parse(day), taken, offcuts);
            } catch (DateTimeParseException garbled) {
                throw new IllegalArgumentException("no day: " + day, garbled);
            }
        }
    }

    /** The document of {@code stock}. */
    public static String write(OwnStock stock) {
        return tree(stock).toPrettyString();
    }

    /**
     * The document of {@code after}, with whatever {@code before} has that this build does not know.
     *
     * @throws UnreadablePlan when {@code before} can't be read
     */
    public static String rewritten(String before, OwnStock after) {
        ObjectNode document = tree(after);
        UnknownFields.carry(parse(before), tree(read(before)), document);
        return document.toPrettyString();
    }

    /**
     * What the maker has, read from its document.
     *
     * @throws UnreadablePlan when it is no such document
     */
    public static OwnStock read(String text) {
        try {
            return JSON.treeToValue(parse(text), StockJson.class).stock();
        } catch (JsonProcessingException | IllegalArgumentException | NullPointerException garbled) {
            throw unreadable();
        }
    }

    private static ObjectNode tree(OwnStock stock) {
        return JSON.valueToTree(StockJson.of(stock));
    }

    private static JsonNode parse(String text) {
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException garbled) {
            throw unreadable();
        }
    }

    private static UnreadablePlan unreadable() {
        return new UnreadablePlan("The list of what you have can't be read.");
    }
}
