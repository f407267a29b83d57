package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.paper.Cardstock;

/**
 * The drawings of docs/fold-model.md come from the engine and say what it says today. Run with
 * {@code -Dvantbreeze.drawings=write} to draw them anew after a change that is meant.
 */
class DrawingsTest {

    private static final Path FOLDER = Path.of("../docs/drawings");

    private static void isDrawn(String name, String svg) throws Exception {
        Path file = FOLDER.resolve(name + ".svg");
        if ("write".equals(System.getProperty("vantbreeze.drawings"))) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, svg);
        }
        assertThat(Files.readString(file))
                .as("%s is as the engine draws it now", file)
                .isEqualTo(svg);
    }

    @Test
    void sheetWithSlitsAndItsPanels() throws Exception {
        isDrawn("sheet", new Drawing().sheet(Cards.invertedZ(95), 0).svg());
    }

    @Test
    void theStackOfTheClosedCard() throws Exception {
        FoldGraph card = Cards.invertedZ(95);
        List<Integer> stack = LayerOrders.of(card).first().orElseThrow().fromBelow();
        double[] lift = new double[card.panels().size()];
        for (int i = 0; i < stack.size(); i++) {
            lift[stack.get(i)] = 16.0 * i;
        }
        List<Rigid> placed = FoldedForm.of(card, Pose.closed()).placed().stream()
                .map(PlacedPanel::motion)
                .toList();
        isDrawn("stack", new Drawing().space(card, placed, lift).svg());
    }

    @Test
    void anInsertOpeningInItsGate() throws Exception {
        FoldGraph card = Cards.explodingGate();
        Motion motion = Motion.between(card, Pose.closed(), Pose.open(), 12);
        Drawing drawing = new Drawing();
        double[] flat = new double[card.panels().size()];
        int place = 0;
        for (int frame : new int[] {2, 5, 8}) {
            drawing.at(330 * place++, 0).space(card, motion.frames().get(frame).panels(), flat);
        }
        isDrawn("motion", drawing.svg());
    }

    @Test
    void theBulkOfAStage() throws Exception {
        FoldGraph stage = Cards.stage();
        Pose flat = Pose.of(Cards.STAGE_FLAT);
        LayerOrder order = LayerOrders.of(stage, flat).first().orElseThrow();
        BulkMap bulk = BulkMap.of(
                FoldedForm.of(stage, flat), Collections.nCopies(2, Cardstock.of("card", 250)), List.of(), order);
        Drawing drawing = new Drawing();
        double most = bulk.worst().thickness();
        bulk.cells().forEach(cell -> {
            int shade = (int) Math.round(250 - 110 * cell.thickness() / most);
            drawing.polygon(
                    Arrays.stream(cell.shape().getExteriorRing().getCoordinates())
                            .limit(cell.shape().getNumPoints() - 1)
                            .map(c -> new double[] {c.x, -c.y})
                            .toList(),
                    String.format("#%02x%02x%02x", shade, shade - 6, shade - 22));
            var inside = cell.shape().getInteriorPoint();
            drawing.text(inside.getX(), -inside.getY() + 2, String.format(Locale.ROOT, "%.1f", cell.thickness()));
        });
        isDrawn("bulk", drawing.svg());
    }
}
