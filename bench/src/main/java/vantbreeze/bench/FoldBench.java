package vantbreeze.bench;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.fold.Cards;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.FoldPattern;
import vantbreeze.core.fold.order.LayerOrders;
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
        rows.add(Yardstick.UNIONS.beside(() -> Row.median(
                String.format(
                        Locale.ROOT,
                        "one order of a card of %d panels",
                        large.panels().size()),
                times(() -> LayerOrders.of(large).first()),
                20)));
        for (Cards.Case card : Cards.all()) {
            rows.add(Yardstick.UNIONS.beside(() -> Row.median(
                    String.format(Locale.ROOT, "%d frames of the %s", FRAMES, card.name()),
                    times(() -> Motion.between(card.graph(), card.flat(), card.display(), FRAMES)
                            .frames()),
                    100)));
        }
        return rows;
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
        ArrayNode patterns = JsonNodeFactory.instance.arrayNode().add(FoldPattern.of(strip()));
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
