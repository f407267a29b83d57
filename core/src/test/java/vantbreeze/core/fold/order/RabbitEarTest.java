package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.io.File;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;

/** Folded coordinates and sets of layer orders beside rabbit-ear 0.9.32 (npm), run by Node. */
class RabbitEarTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int MOST_ORDERS = 1_200;

    private static JsonNode ask(ArrayNode patterns) throws Exception {
        Process node = new ProcessBuilder("node", "--max-old-space-size=4096", "orders.mjs")
                .directory(new File("src/test/reference"))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (var in = node.getOutputStream()) {
            in.write(JSON.writeValueAsBytes(patterns));
        }
        String answer = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(node.waitFor()).as("Node ran the reference library").isZero();
        return JSON.readTree(answer);
    }

    /** One order as "i<j" for each overlapping pair, seen so that panel 0 lies face up as rabbit-ear lays it. */
    private static Set<String> ours(LayerOrder order, JsonNode keys, boolean turned) {
        Set<String> pairs = new HashSet<>();
        keys.fieldNames().forEachRemaining(key -> {
            int i = Integer.parseInt(key.split(" ")[0]);
            int j = Integer.parseInt(key.split(" ")[1]);
            pairs.add(order.isBelow(i, j) ^ turned ? i + "<" + j : j + "<" + i);
        });
        return pairs;
    }

    private static Set<String> theirs(JsonNode order) {
        Set<String> pairs = new HashSet<>();
        order.properties().forEach(entry -> {
            String[] pair = entry.getKey().split(" ");
            boolean firstAbove = entry.getValue().asInt() == 1;
            pairs.add(firstAbove ? pair[1] + "<" + pair[0] : pair[0] + "<" + pair[1]);
        });
        return pairs;
    }

    private static void compare(Piece piece, Panels panels, JsonNode answer) {
        FoldGraph graph = FoldGraph.of(panels);
        FoldedForm form = FoldedForm.of(graph, Pose.closed());
        assertThat(form.closureError()).as(piece.name()).isLessThan(1e-9);
        Rigid home = form.placed().get(0).motion().inverse();
        Map<Spot, Integer> numbers = FoldPattern.vertices(panels);
        for (Panel panel : panels.all()) {
            for (Spot corner : panel.corners()) {
                Vector3D ours =
                        home.after(form.placed().get(panel.index()).motion()).apply(corner);
                JsonNode theirs = answer.get("vertices").get(numbers.get(corner));
                assertThat(ours.getX()).as(piece.name()).isCloseTo(theirs.get(0).asDouble(), within(1e-6));
                assertThat(ours.getY()).as(piece.name()).isCloseTo(theirs.get(1).asDouble(), within(1e-6));
            }
        }
        boolean turned = !form.placed().get(0).motion().showsFace();
        List<LayerOrder> orders = LayerOrders.of(graph).all(MOST_ORDERS + 1);
        Set<Set<String>> expected = new HashSet<>();
        answer.get("orders").forEach(order -> expected.add(theirs(order)));
        Set<Set<String>> found = new HashSet<>();
        if (!expected.isEmpty()) {
            orders.forEach(order -> found.add(ours(order, answer.get("orders").get(0), turned)));
        }
        assertThat(orders)
                .as(piece.name() + ", each order once")
                .hasSize(answer.get("orders").size());
        assertThat(found).as(piece.name()).isEqualTo(expected);
        LayerOrders.of(graph).first().ifPresent(first -> assertThat(expected)
                .contains(ours(first, answer.get("orders").get(0), turned)));
    }

    @Test
    void foldedPatternsAgreeInPlaceAndInEveryOrder() throws Exception {
        List<Piece> pieces = new ArrayList<>();
        for (long seed = 1; pieces.size() < 40; seed++) {
            Piece piece = SimpleFolds.piece(seed, 40, seed % 3 == 0 ? 0.2 : 0);
            FoldGraph graph = FoldGraph.of(Panels.of(piece));
            if (graph.panels().size() > 3 && LayerOrders.of(graph).count(MOST_ORDERS) < MOST_ORDERS) {
                pieces.add(piece);
            }
        }
        ArrayNode patterns = JSON.createArrayNode();
        List<Panels> panels = pieces.stream().map(Panels::of).toList();
        panels.forEach(p -> patterns.add(FoldPattern.of(p)));
        JsonNode answers = ask(patterns);
        for (int i = 0; i < pieces.size(); i++) {
            compare(pieces.get(i), panels.get(i), answers.get(i));
        }
        assertThat(panels.stream().mapToInt(p -> p.all().size()).max().orElse(0))
                .isBetween(26, 40);
    }

    @Test
    void stripsOfUnequalPanelsAgree() throws Exception {
        ArrayNode patterns = JSON.createArrayNode();
        List<Panels> strips = new ArrayList<>();
        int[][] widths = {
            {20, 20, 20}, {20, 30, 20, 30}, {30, 10, 10, 30}, {20, 40, 20}, {10, 20, 30, 20, 10}, {15, 15, 30, 15, 15}
        };
        for (int[] panelWidths : widths) {
            Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50));
            for (int i = 0; i < panelWidths.length; i++) {
                strip.panel("p" + i, Length.ofMillimetres(panelWidths[i])).fold(Fold.UNASSIGNED);
            }
            strips.add(Panels.of(strip.piece()));
            patterns.add(FoldPattern.of(strips.get(strips.size() - 1)));
        }
        JsonNode answers = ask(patterns);
        for (int i = 0; i < strips.size(); i++) {
            compare(strips.get(i).piece(), strips.get(i), answers.get(i));
        }
    }

    /** FOLD 1.2's example files (npm "fold"): the one that is a flat crease pattern, beside its own folded file. */
    @Test
    void theDiagonalOfTheFoldSpecificationFoldsAsItsFoldedFileSays() throws Exception {
        File examples = new File("src/test/reference/node_modules/fold/examples");
        JsonNode flat = JSON.readTree(new File(examples, "diagonal-cp.fold"));
        JsonNode folded = JSON.readTree(new File(examples, "diagonal-folded.fold"));
        List<Spot> corners = new ArrayList<>();
        flat.get("vertices_coords")
                .forEach(c -> corners.add(new Spot(
                        Length.ofMillimetres(100L * c.get(0).asInt()),
                        Length.ofMillimetres(100L * c.get(1).asInt()))));
        List<Crease> creases = new ArrayList<>();
        for (int e = 0; e < flat.get("edges_vertices").size(); e++) {
            if (flat.get("edges_assignment").get(e).asText().equals("V")) {
                JsonNode ends = flat.get("edges_vertices").get(e);
                creases.add(new Crease(
                        new Stretch(
                                corners.get(ends.get(0).asInt()),
                                corners.get(ends.get(1).asInt())),
                        Fold.VALLEY));
            }
        }
        Panels panels = Panels.of(new Piece("diagonal", corners, creases, List.of(), List.of()));
        FoldGraph graph = FoldGraph.of(panels);
        FoldedForm form = FoldedForm.of(graph, Pose.closed());
        int still = panels.all().stream()
                .filter(p -> p.corners().contains(corners.get(0)))
                .findFirst()
                .orElseThrow()
                .index();
        Rigid home = form.placed().get(still).motion().inverse();
        for (Link.Folded link : graph.hinges()) {
            assertThat(link.hinge().fold()).isEqualTo(Fold.VALLEY);
        }
        for (Panel panel : panels.all()) {
            for (Spot corner : panel.corners()) {
                Vector3D at =
                        home.after(form.placed().get(panel.index()).motion()).apply(corner);
                JsonNode expected = folded.get("vertices_coords").get(corners.indexOf(corner));
                assertThat(at.getX() / 100).isCloseTo(expected.get(0).asDouble(), within(1e-9));
                assertThat(at.getY() / 100).isCloseTo(expected.get(1).asDouble(), within(1e-9));
            }
        }
    }
}
