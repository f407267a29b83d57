package vantbreeze.trials;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.sessions.JqwikSession;

/**
 * Inputs that nobody means: strings of any characters and of those that our readers look for, documents with something
 * changed in them, and bodies made from a schema, right in most places and wrong in one or two. Strings come from
 * jqwik; which input comes when follows from the seed alone.
 */
final class Nonsense {

    private static final int STRINGS = 4_000;
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final List<String> MEASURES = List.of(
            "5 1/2",
            "5½",
            "140 mm",
            "14 cm",
            "0",
            "-1",
            "1/0",
            "999999",
            "1e9",
            "0.0000001",
            "5 1/",
            "in",
            "3,5cm",
            "5-1/2\"",
            "٣",
            "∞",
            "NaN",
            "1/64",
            "4999 mm",
            "5001 mm",
            "1 2 3",
            "½½",
            "1/99999999999",
            "00000000000000000000001");
    private static final List<String> WORDS = List.of(
            "score",
            "at",
            "every",
            "fold",
            "m",
            "v",
            "cut",
            "x",
            "by",
            "and",
            "in",
            "mm",
            "cm",
            "from",
            "the",
            "left",
            "strip",
            "mat",
            "glue",
            "to",
            "panel",
            "concertina",
            ",",
            ".",
            "\n",
            ":",
            "(",
            ")",
            "slit",
            "name:",
            "notes:",
            "2 pieces",
            "wide",
            "high",
            "mountain",
            "valley",
            "8½",
            "11 x 4 1/4",
            "70",
            "1,500",
            "-",
            "/");
    private static final List<String> PATHS = List.of(
            "M",
            "L",
            "C",
            "A",
            "Z",
            "z",
            "m",
            "l",
            "Q",
            "T",
            "H",
            "V",
            "S",
            "0",
            "40",
            "-3.5",
            "1e308",
            "1e-308",
            " ",
            ",",
            "60",
            ".",
            "-",
            "1 1 0 0 1");

    private final Random random;
    private final List<String> strings = new ArrayList<>();

    Nonsense(long seed) {
        random = new Random(seed);
        Arbitrary<String> any = Arbitraries.oneOf(
                Arbitraries.strings().ofMaxLength(60),
                Arbitraries.strings().ascii().ofMaxLength(200),
                Arbitraries.strings().withChars("0123456789 /.,-½¼⅛\"'inmc").ofMaxLength(24),
                Arbitraries.strings().withCharRange('\u0590', '\u06ff').ofMaxLength(30),
                Arbitraries.strings().withCharRange('\u0000', '\u001f').ofMaxLength(10));
        JqwikSession.run(() ->
                any.generator(1_000).stream(random).limit(STRINGS).forEach(sample -> strings.add(sample.value())));
        strings.addAll(List.of(
                "",
                " ",
                "null",
                "\u0000",
                "\ud800",
                "a".repeat(5_000),
                "\u202e",
                "{}",
                "[]",
                "true",
                "../../etc/passwd",
                "' or 1=1 --",
                "%s%n",
                "${jndi:x}",
                "<b>"));
    }

    private <T> T one(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    boolean chance(double part) {
        return random.nextDouble() < part;
    }

    int below(int bound) {
        return random.nextInt(bound);
    }

    String text() {
        return one(strings);
    }

    String measure() {
        return chance(0.6) ? one(MEASURES) : text();
    }

    String words() {
        return mixed(WORDS, 60);
    }

    String path() {
        return chance(0.1) ? text() : "M " + mixed(PATHS, 80);
    }

    private String mixed(List<String> parts, int most) {
        StringBuilder mixed = new StringBuilder();
        for (int i = random.nextInt(most); i > 0; i--) {
            mixed.append(chance(0.03) ? text() : chance(0.3) ? Integer.toString(random.nextInt(300)) : one(parts))
                    .append(' ');
        }
        return mixed.toString();
    }

    /** A document with a few things in it changed, as JSON text; now and then no longer JSON. */
    String changed(JsonNode document) {
        JsonNode copy = document.deepCopy();
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            change(copy);
        }
        String text = copy.toString();
        return chance(0.1) ? text.substring(0, random.nextInt(text.length())) : text;
    }

    private void change(JsonNode node) {
        if (node instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = one(names);
            if (object.get(name).isContainerNode() && !object.get(name).isEmpty() && chance(0.7)) {
                change(object.get(name));
            } else if (chance(0.2)) {
                object.remove(name);
            } else {
                object.set(name, other(object.get(name)));
            }
        } else if (node instanceof ArrayNode array && !array.isEmpty()) {
            int at = random.nextInt(array.size());
            if (array.get(at).isContainerNode() && chance(0.7)) {
                change(array.get(at));
            } else if (chance(0.2)) {
                array.remove(at);
            } else if (chance(0.2)) {
                array.add(array.get(at).deepCopy());
            } else {
                array.set(at, other(array.get(at)));
            }
        }
    }

    private JsonNode other(JsonNode present) {
        if (present.isTextual() && chance(0.6)) {
            String text = present.asText();
            // a figure in it becomes another
            return NODES.textNode(
                    chance(0.5) ? text.replaceFirst("\\d+", Integer.toString(random.nextInt(400))) : measure());
        }
        if (present.isNumber() && chance(0.6)) {
            return NODES.numberNode(present.asDouble() + random.nextInt(9) - 4);
        }
        return anything(2);
    }

    JsonNode anything(int deep) {
        return switch (random.nextInt(deep > 0 ? 9 : 7)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.booleanNode(random.nextBoolean());
            case 2 -> NODES.numberNode(random.nextInt(20) - 5);
            case 3 -> NODES.numberNode((double) one(List.of(Double.MAX_VALUE, -1e300, 1e-300, 0.1, -0.0, 1e10)));
            case 4 ->
                NODES.numberNode(one(List.of(
                        new BigDecimal("1e400"),
                        new BigDecimal("123456789012345678901234567890"),
                        BigDecimal.valueOf(Long.MIN_VALUE))));
            case 5 -> NODES.textNode(text());
            case 6 -> NODES.textNode(measure());
            case 7 -> NODES.arrayNode().add(anything(deep - 1)).add(anything(deep - 1));
            default -> NODES.objectNode().set("x", anything(deep - 1));
        };
    }

    /** A body of a schema (OpenAPI 3.0), right but for something now and then. */
    JsonNode body(JsonNode schema, JsonNode schemas, Map<String, List<String>> known, String name) {
        if (chance(0.03)) {
            return anything(2);
        }
        if (schema.has("$ref")) {
            return body(schemas.path(schema.path("$ref").asText().replaceAll(".*/", "")), schemas, known, name);
        }
        if (schema.has("enum")) {
            return chance(0.95)
                    ? schema.path("enum")
                            .get(random.nextInt(schema.path("enum").size()))
                            .deepCopy()
                    : NODES.textNode(text());
        }
        return switch (schema.path("type").asText()) {
            case "object" -> object(schema, schemas, known);
            case "array" -> {
                ArrayNode array = NODES.arrayNode();
                for (int i = random.nextInt(4); i > 0; i--) {
                    array.add(body(schema.path("items"), schemas, known, name));
                }
                yield array;
            }
            case "integer" -> NODES.numberNode(chance(0.9) ? random.nextInt(5) : random.nextInt());
            case "number" ->
                NODES.numberNode((Double)
                        (chance(0.9) ? random.nextDouble() * 300 : one(List.of(Double.MAX_VALUE, -1e300, -5.0))));
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            default -> NODES.textNode(value(name, known));
        };
    }

    private ObjectNode object(JsonNode schema, JsonNode schemas, Map<String, List<String>> known) {
        ObjectNode object = NODES.objectNode();
        List<String> required = new ArrayList<>();
        schema.path("required").forEach(one -> required.add(one.asText()));
        for (Iterator<Map.Entry<String, JsonNode>> fields =
                        schema.path("properties").properties().iterator();
                fields.hasNext(); ) {
            Map.Entry<String, JsonNode> field = fields.next();
            if (chance(required.contains(field.getKey()) ? 0.98 : 0.5)) {
                object.set(field.getKey(), body(field.getValue(), schemas, known, field.getKey()));
            }
        }
        return object;
    }

    /** A value for a field or parameter of this name: one that is known for it, a measure, or anything. */
    String value(String name, Map<String, List<String>> known) {
        List<String> values = known.get(name);
        return values != null && chance(0.9) ? one(values) : chance(0.7) ? measure() : chance(0.5) ? words() : text();
    }
}
