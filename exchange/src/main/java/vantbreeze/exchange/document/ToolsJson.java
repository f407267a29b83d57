package vantbreeze.exchange.document;

import static vantbreeze.exchange.document.ThingsJson.exactly;
import static vantbreeze.exchange.document.ThingsJson.length;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.die.Nest;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Adhesives;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

/**
 * Boards, trimmer and allowances of a maker's own, as they are written.
 *
 * @param allowances the maker's own, by id: a measure as text, a number as such
 * @param nests dies and punches
 * @param adhesives those that are not as usual, and the maker's own
 */
record ToolsJson(
        BoardJson inches,
        BoardJson metric,
        String bed,
        boolean stopsInside,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, JsonNode> allowances,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<NestJson> nests,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<AdhesiveJson> adhesives) {

    /** Something to glue with, times in seconds. */
    record AdhesiveJson(
            String id, String name, Adhesive.@Nullable Kind kind, int open, int sets, List<String> cautions) {

        static AdhesiveJson of(Adhesive adhesive) {
            return new AdhesiveJson(
                    adhesive.id(),
                    adhesive.name(),
                    adhesive.kind(),
                    adhesive.open(),
                    adhesive.sets(),
                    adhesive.cautions());
        }

        /** @throws IllegalArgumentException when it makes no sense */
        Adhesive adhesive() {
            return new Adhesive(id, name, Objects.requireNonNull(kind), open, sets, cautions);
        }
    }

    /** Dies of one shape. */
    record NestJson(String id, String name, boolean punch, String shape, List<SizeJson> sizes) {

        static NestJson of(Nest nest) {
            return new NestJson(
                    nest.id(),
                    nest.name(),
                    nest.punch(),
                    nest.shape().label(),
                    nest.sizes().stream()
                            .map(size -> new SizeJson(exactly(size.width()), exactly(size.height())))
                            .toList());
        }

        /** @throws IllegalArgumentException when it makes no sense */
        Nest nest() {
            return new Nest(
                    id,
                    name,
                    punch,
                    DieShape.find(shape).orElseThrow(IllegalArgumentException::new),
                    sizes.stream()
                            .map(size -> new Size(ThingsJson.length(size.width), ThingsJson.length(size.height)))
                            .toList());
        }
    }

    /** A width and a height. */
    record SizeJson(String width, String height) {}

    /** A scoring board. */
    record BoardJson(String name, String groove, String length) {

        static BoardJson of(Board board) {
            return new BoardJson(board.name(), exactly(board.groove()), exactly(board.length()));
        }

        Board board() {
            return new Board(name, ThingsJson.length(groove), ThingsJson.length(length));
        }
    }

    static ToolsJson of(Tools tools) {
        Map<String, JsonNode> own = new LinkedHashMap<>();
        tools.allowances().lengths().forEach((id, length) -> own.put(id, TextNode.valueOf(exactly(length))));
        tools.allowances().numbers().forEach((id, number) -> own.put(id, DoubleNode.valueOf(number)));
        return new ToolsJson(
                BoardJson.of(tools.inches()),
                BoardJson.of(tools.metric()),
                exactly(tools.bed()),
                tools.stopsInside(),
                own,
                tools.dies().nests().stream().map(NestJson::of).toList(),
                tools.adhesives().own().stream().map(AdhesiveJson::of).toList());
    }

    Tools tools() {
        return new Tools(inches.board(), metric.board(), length(bed), stopsInside, own(), new Dies(dies()), glues());
    }

    private Adhesives glues() {
        return new Adhesives(adhesives.stream().map(AdhesiveJson::adhesive).toList(), Set.of());
    }

    private List<Nest> dies() {
        return nests.stream().map(NestJson::nest).toList();
    }

    /** The maker's own where they make sense; what this build does not know is passed over. */
    private Allowances own() {
        Allowances own = Allowances.usual();
        for (Allowance one : Allowance.ALL) {
            JsonNode written = allowances.get(one.id());
            try {
                if (one instanceof Allowance.OfLength length && written instanceof TextNode) {
                    own = own.with(length, length(written.asText()));
                } else if (one instanceof Allowance.OfNumber number && written != null && written.isNumber()) {
                    own = own.with(number, written.asDouble());
                }
            } catch (IllegalArgumentException senseless) {
                // the trade's stands in for it
            }
        }
        return own;
    }
}
