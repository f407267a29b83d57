package vantbreeze.exchange.document;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/**
 * Fields of a document that this build does not know, carried from the document as it was to the document as it is
 * written anew. Which they are is not listed anywhere: what is in a document but not in what this build writes of it is
 * unknown.
 */
final class UnknownFields {

    private UnknownFields() {}

    /**
     * Adds to {@code after} what this build does not know of.
     *
     * @param before the document as it was
     * @param known the same as this build writes it
     * @param after the document after a change, as this build writes it; changed in place
     */
    static void carry(JsonNode before, JsonNode known, JsonNode after) {
        if (before instanceof ObjectNode was && known instanceof ObjectNode knows && after instanceof ObjectNode into) {
            was.properties().forEach(field -> {
                JsonNode written = knows.get(field.getKey());
                JsonNode present = into.get(field.getKey());
                if (written == null && present == null) {
                    into.set(field.getKey(), field.getValue());
                } else if (written != null && present != null) {
                    carry(field.getValue(), written, present);
                }
            });
        } else if (before instanceof ArrayNode was
                && known instanceof ArrayNode knows
                && after instanceof ArrayNode into
                && was.size() == knows.size()) {
            carryEach(was, knows, into);
        }
    }

    /** An element goes on as the one that read the same, else as the one in its place. */
    private static void carryEach(ArrayNode before, ArrayNode known, ArrayNode after) {
        List<Integer> free = new ArrayList<>();
        for (int i = 0; i < known.size(); i++) {
            free.add(i);
        }
        int[] from = new int[after.size()];
        for (int i = 0; i < after.size(); i++) {
            JsonNode one = after.get(i);
            from[i] = free.stream()
                    .filter(j -> known.get(j).equals(one))
                    .findFirst()
                    .orElse(-1);
            free.remove((Integer) from[i]);
        }
        for (int i = 0; i < after.size(); i++) {
            if (from[i] < 0 && free.remove((Integer) i)) {
                from[i] = i;
            }
            if (from[i] >= 0) {
                carry(before.get(from[i]), known.get(from[i]), after.get(i));
            }
        }
    }
}
