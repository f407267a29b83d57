package vantbreeze.exchange.document;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.paper.Size;

/** Mats and layers in a plan document, measures as on the plan's ruler. */
record LayersDocument(Ruler ruler) {

    void write(Dressing dressing, ArrayNode into) {
        for (Dressed dressed : dressing.all()) {
            ObjectNode node = into.addObject();
            ArrayNode faces = node.putArray("faces");
            dressed.faces().forEach(face -> faces.addObject()
                    .put("piece", face.piece())
                    .put("panel", face.panel())
                    .put("side", lower(face.side())));
            ArrayNode layers = node.putArray("layers");
            dressed.layers().forEach(layer -> write(layer, layers.addObject()));
            if (!dressed.embellishments().isEmpty()) {
                ArrayNode embellishments = node.putArray("embellishments");
                dressed.embellishments().forEach(one -> write(one, embellishments.addObject()));
            }
        }
    }

    private static @Nullable Double grams(JsonNode node) {
        if (node.isMissingNode() || node.isNull()) {
            return null;
        }
        if (!node.isNumber()) {
            throw new IllegalArgumentException("\"%s\" is no weight in grams.".formatted(node.asText()));
        }
        return node.asDouble();
    }

    private void write(Embellishment one, ObjectNode into) {
        size(one.size(), into.put("name", one.name())).put("standsUp", write(one.height()));
        if (one.grams() != null) {
            into.put("grams", one.grams());
        }
    }

    private void write(LayerChoice layer, ObjectNode into) {
        into.put("paper", layer.paper()).put("border", write(layer.border()));
        if (layer.own() != null) {
            size(layer.own(), into);
        }
        if (layer.pad().isPositive()) {
            into.put("pad", write(layer.pad()));
        }
        if (layer.otherSide()) {
            into.put("otherSide", true);
        }
    }

    private ObjectNode size(Size size, ObjectNode into) {
        return into.put("width", write(size.width())).put("height", write(size.height()));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).text();
    }

    /** @throws UnreadablePlan in words for the maker */
    Dressing read(JsonNode written) {
        List<Dressed> all = new ArrayList<>();
        try {
            for (JsonNode node : written) {
                List<FaceName> faces = new ArrayList<>();
                node.path("faces")
                        .forEach(face -> faces.add(new FaceName(
                                face.path("piece").asInt(),
                                face.path("panel").asText(),
                                Side.valueOf(face.path("side").asText().toUpperCase(Locale.ROOT)))));
                List<LayerChoice> layers = new ArrayList<>();
                node.path("layers").forEach(layer -> layers.add(layer(layer)));
                List<Embellishment> embellishments = new ArrayList<>();
                node.path("embellishments")
                        .forEach(one -> embellishments.add(new Embellishment(
                                one.path("name").asText(),
                                size(one),
                                length(one.path("standsUp")),
                                grams(one.path("grams")))));
                all.add(new Dressed(faces, layers, embellishments));
            }
            return new Dressing(all);
        } catch (IllegalArgumentException garbled) {
            throw new UnreadablePlan("The plan's layers can't be read. %s".formatted(garbled.getMessage()));
        }
    }

    private LayerChoice layer(JsonNode node) {
        return new LayerChoice(
                node.path("paper").asText(),
                length(node.path("border")),
                node.has("width") ? size(node) : null,
                node.has("pad") ? length(node.path("pad")) : Length.ZERO,
                node.path("otherSide").asBoolean());
    }

    private Size size(JsonNode node) {
        return new Size(length(node.path("width")), length(node.path("height")));
    }

    private Length length(JsonNode node) throws UnreadableMeasure {
        return MeasureReader.of(ruler).read(node.asText());
    }

    private static String lower(Side side) {
        return side.name().toLowerCase(Locale.ROOT);
    }
}
