package vantbreeze.bench;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.sat4j.specs.TimeoutException;
import vantbreeze.core.fold.Cards;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.FoldPattern;
import vantbreeze.core.fold.order.HardPatterns;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.fold.order.Sat4j;
import vantbreeze.core.fold.order.SimpleFolds;
import vantbreeze.core.length.Length;

/** The fold engine: orders beside rabbit-ear in the same run, one order of a large card, motion, and cost by size. */
final class FoldBench {

    private static final int WARM = 40;
    private static final int RUNS = 31;
    private static final int FRAMES = 60;

    private FoldBench() {}

    /** Cost of one order of a concertina against its panels. */
    record Cost(int panels, double milliseconds) {}

    static List<Row> run() throws Exception {
        List<Row> rows = new ArrayList<>();
        FoldGraph graph = FoldGraph.of(strip());
        // limited by what rabbit-ear takes in the same minute: no other yardstick is needed
        double theirs = rabbitEar();
        rows.add(Row.median(
                String.format(
                        Locale.ROOT,
                        "all 1392 orders of an 8-panel strip, a tenth of rabbit-ear's %.0f ms allowed",
                        theirs),
                times(() -> LayerOrders.of(graph).all(10_000)),
                theirs / 10));
        FoldGraph large = FoldGraph.of(Panels.of(largest(60)));
        double concertina = rabbitEar(Cards.concertina(40).assembly().pieces().get(0));
        rows.add(Row.median(
                String.format(
                        Locale.ROOT,
                        "one order of a card of %d panels, a fifteenth of rabbit-ear's %.0f ms "
                                + "for a concertina of 40 allowed",
                        large.panels().size(),
                        concertina),
                times(() -> LayerOrders.of(large).first()),
                concertina / 15));
        hard(rows);
        for (Cards.Case card : Cards.all()) {
            rows.add(Yardstick.UNIONS.beside(() -> Row.median(
                    String.format(Locale.ROOT, "%d frames of the %s", FRAMES, card.name()),
                    times(() -> Motion.between(card.graph(), card.flat(), card.display(), FRAMES)
                            .frames()),
                    100)));
        }
        return rows;
    }

    /** Orders that are hard to find or not there, each beside Sat4j on the same rules: ours is to take no longer. */
    private static void hard(List<Row> rows) throws Exception {
        Map<String, FoldGraph> patterns = new LinkedHashMap<>();
        patterns.put("a strip of 41 unequal panels", HardPatterns.unequalStrip());
        for (int side : new int[] {6, 10}) {
            for (double unassigned : new double[] {0.2, 0.9}) {
                patterns.put(
                        String.format(
                                Locale.ROOT,
                                "a map of %d panels, %.0f of 100 creases either way",
                                side * side,
                                100 * unassigned),
                        FoldGraph.of(Panels.of(HardPatterns.map(side, side, new Random(4), unassigned))));
            }
        }
        for (Map.Entry<String, FoldGraph> pattern : patterns.entrySet()) {
            double theirs = Row.middle(Row.times(3, 7, () -> sat4j(pattern.getValue())));
            Ordering.Verdict verdict = LayerOrders.of(pattern.getValue())
                    .decide(LayerOrders.THOROUGH)
                    .verdict();
            rows.add(Row.median(
                    String.format(
                            Locale.ROOT,
                            "%s (%s); Sat4j takes %.0f ms",
                            pattern.getKey(),
                            verdict.name().toLowerCase(Locale.ROOT).replace('_', ' '),
                            theirs),
                    Row.times(3, 11, () -> LayerOrders.of(pattern.getValue()).decide(LayerOrders.THOROUGH)),
                    theirs));
            if (verdict == Ordering.Verdict.IMPOSSIBLE) {
                rows.add(Row.median(
                        "the least conflict of " + pattern.getKey(),
                        Row.times(
                                3, 11, () -> LayerOrders.of(pattern.getValue()).conflict()),
                        1_000));
            }
        }
    }

    private static void sat4j(FoldGraph graph) {
        try {
            Sat4j.canLie(graph);
        } catch (TimeoutException slow) {
            throw new IllegalStateException(slow);
        }
    }

    static List<Cost> concertinas() {
        List<Cost> costs = new ArrayList<>();
        for (int panels : new int[] {4, 8, 16, 24, 40, 60, 80, 100, 120, 140, 160, 180, 200}) {
            FoldGraph graph = Cards.concertina(panels);
            costs.add(new Cost(
                    panels, Row.middle(times(() -> LayerOrders.of(graph).first()))));
        }
        return costs;
    }

    private static double[] times(Runnable work) {
        return Row.times(WARM, RUNS, work);
    }

    private static Piece largest(int most) throws Exception {
        Piece best = null;
        int panels = 0;
        for (long seed = 1; seed < 300 && panels < most; seed++) {
            var piece = SimpleFolds.piece(seed, most, 0);
            int count = Panels.of(piece).all().size();
            if (count > panels) {
                best = piece;
                panels = count;
            }
        }
        return requireNonNull(best);
    }

    /** A strip of 8 panels, whose folds may go either way. */
    private static Panels strip() {
        Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50));
        for (int i = 0; i < 8; i++) {
            strip.panel("p" + i, Length.ofMillimetres(20)).fold(Fold.UNASSIGNED);
        }
        return Panels.of(strip.piece());
    }

    /** How long rabbit-ear takes now for all orders of the strip, by which hours are told apart, ms. */
    static double rabbitEar() throws IOException, InterruptedException {
        return rabbitEar(strip().piece());
    }

    private static double rabbitEar(Piece piece) throws IOException, InterruptedException {
        ArrayNode patterns = JsonNodeFactory.instance.arrayNode().add(FoldPattern.of(Panels.of(piece)));
        Process node = new ProcessBuilder("node", "orders.mjs", "--time")
                .directory(new File("core/src/test/reference"))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (var in = node.getOutputStream()) {
            in.write(new ObjectMapper().writeValueAsBytes(patterns));
        }
        JsonNode times = new ObjectMapper().readTree(node.getInputStream().readAllBytes());
        node.waitFor();
        return times.get(0).asDouble();
    }
}
