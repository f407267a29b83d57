package vantbreeze.exchange.document;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

/** What a maker has of their own, as JSON text, measures in exact millimetres. */
public final class StockDocument {

    private static final ObjectMapper JSON = DocumentJson.mapper();

    private StockDocument() {}

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

    static ObjectNode tree(OwnStock stock) {
        ObjectNode document = JSON.createObjectNode();
        document.put("format", "vantbreeze-stock").put("version", 1);
        ObjectNode tools = document.putObject("tools");
        board(stock.tools().inches(), tools.putObject("inches"));
        board(stock.tools().metric(), tools.putObject("metric"));
        tools.put("bed", write(stock.tools().bed()))
                .put("stopsInside", stock.tools().stopsInside());
        allowances(stock.tools().allowances(), tools);
        things(OwnThings.of(stock), document);
        ArrayNode away = document.putArray("away");
        stock.away().forEach(away::add);
        return document;
    }

    private static void allowances(Allowances own, ObjectNode tools) {
        if (own.equals(Allowances.usual())) {
            return;
        }
        ObjectNode written = tools.putObject("allowances");
        own.lengths().forEach((id, length) -> written.put(id, write(length)));
        own.numbers().forEach(written::put);
    }

    /** The maker's own where they make sense; what this build does not know is passed over. */
    private static Allowances allowances(JsonNode written) {
        Allowances own = Allowances.usual();
        for (Allowance one : Allowance.ALL) {
            JsonNode node = written.path(one.id());
            try {
                if (one instanceof Allowance.OfLength length && node.isTextual()) {
                    own = own.with(length, length(node));
                } else if (one instanceof Allowance.OfNumber number && node.isNumber()) {
                    own = own.with(number, node.asDouble());
                }
            } catch (IllegalArgumentException senseless) {
                // the trade's stands in for it
            }
        }
        return own;
    }

    /** Envelopes, sheets and cardstocks. */
    static void things(OwnThings stock, ObjectNode document) {
        ArrayNode envelopes = document.putArray("envelopes");
        stock.envelopes()
                .forEach(envelope -> size(
                        envelope.inside(),
                        envelopes.addObject().put("id", envelope.id()).put("name", envelope.name())));
        ArrayNode sheets = document.putArray("sheets");
        stock.sheets().forEach(sheet -> sheet(sheet, sheets.addObject()));
        ArrayNode cardstocks = document.putArray("cardstocks");
        stock.cardstocks()
                .forEach((id, card) -> look(
                        card.look(),
                        cardstocks
                                .addObject()
                                .put("id", id)
                                .put("name", card.name())
                                .put("grammage", card.grammage())
                                .put("caliper", write(card.caliper()))
                                .put("grain", card.grain().name())
                                .put("pattern", card.pattern().name())
                                .put("colour", card.colour())));
    }

    private static void sheet(StockSheet sheet, ObjectNode into) {
        size(sheet.size(), into.put("id", sheet.id()).put("name", sheet.name()));
        if (sheet.stockId() != null) {
            into.put("stock", sheet.stockId());
        }
        if (sheet.count() != null) {
            into.put("count", sheet.count());
        }
        if (sheet.offcut()) {
            into.put("offcut", true);
        }
        if (sheet.price() != null) {
            into.put("price", sheet.price().toPlainString());
        }
    }

    private static StockSheet sheet(JsonNode node) {
        return new StockSheet(
                node.path("id").asText(),
                node.path("name").asText(),
                size(node),
                node.hasNonNull("stock") ? node.path("stock").asText() : null,
                node.hasNonNull("count") ? node.path("count").asInt() : null,
                node.path("offcut").asBoolean(),
                node.hasNonNull("price") ? new BigDecimal(node.path("price").asText()) : null);
    }

    private static void look(Look look, ObjectNode into) {
        into.put("print", look.print().name()).put("ink", look.ink()).put("back", look.back());
        if (look.image() != null) {
            into.put("image", look.image());
        }
    }

    private static void board(Board board, ObjectNode into) {
        into.put("name", board.name()).put("groove", write(board.groove())).put("length", write(board.length()));
    }

    private static void size(Size size, ObjectNode into) {
        into.put("width", write(size.width())).put("height", write(size.height()));
    }

    private static String write(Length length) {
        return length.exactMillimetres().toPlainString() + " mm";
    }

    /**
     * What the maker has, read from its document.
     *
     * @throws UnreadablePlan when it is no such document
     */
    public static OwnStock read(String text) {
        return read(parse(text));
    }

    private static JsonNode parse(String text) {
        try {
            return JSON.readTree(text);
        } catch (JsonProcessingException garbled) {
            throw unreadable();
        }
    }

    private static OwnStock read(JsonNode document) {
        try {
            Set<String> away = new LinkedHashSet<>();
            document.path("away").forEach(node -> away.add(node.asText()));
            JsonNode tools = document.path("tools");
            OwnThings things = things(document);
            return new OwnStock(
                    new Tools(
                            board(tools.path("inches")),
                            board(tools.path("metric")),
                            length(tools.path("bed")),
                            tools.path("stopsInside").asBoolean(),
                            allowances(tools.path("allowances"))),
                    things.envelopes(),
                    things.sheets(),
                    things.cardstocks(),
                    away);
        } catch (IllegalArgumentException garbled) {
            throw unreadable();
        }
    }

    /** @throws IllegalArgumentException when they can't be read */
    static OwnThings things(JsonNode document) {
        List<Envelope> envelopes = new ArrayList<>();
        document.path("envelopes")
                .forEach(node -> envelopes.add(new Envelope(
                        node.path("id").asText(), node.path("name").asText(), size(node), Envelope.Source.OWN)));
        List<StockSheet> sheets = new ArrayList<>();
        document.path("sheets").forEach(node -> sheets.add(sheet(node)));
        Map<String, Cardstock> cardstocks = new LinkedHashMap<>();
        document.path("cardstocks")
                .forEach(node -> cardstocks.put(
                        node.path("id").asText(),
                        new Cardstock(
                                node.path("name").asText(),
                                node.path("grammage").asInt(),
                                length(node.path("caliper")),
                                Cardstock.Grain.valueOf(node.path("grain").asText()),
                                Cardstock.Pattern.valueOf(node.path("pattern").asText()),
                                node.path("colour").asText(),
                                look(node))));
        return new OwnThings(envelopes, sheets, cardstocks);
    }

    private static UnreadablePlan unreadable() {
        return new UnreadablePlan("The list of what you have can't be read.");
    }

    /** Papers kept before papers had a look are plain. */
    private static Look look(JsonNode node) {
        if (!node.has("print")) {
            return Look.plain(node.path("colour").asText());
        }
        return new Look(
                Look.Print.valueOf(node.path("print").asText()),
                node.path("ink").asText(),
                node.path("back").asText(),
                node.has("image") ? node.path("image").asText() : null);
    }

    private static Board board(JsonNode node) {
        return new Board(node.path("name").asText(), length(node.path("groove")), length(node.path("length")));
    }

    private static Size size(JsonNode node) {
        return new Size(length(node.path("width")), length(node.path("height")));
    }

    private static Length length(JsonNode node) throws UnreadableMeasure {
        return MeasureReader.in(LengthUnit.MILLIMETRE).read(node.asText());
    }
}
