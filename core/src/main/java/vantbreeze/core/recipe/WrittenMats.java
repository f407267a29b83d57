package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A card's rectangular layers as a recipe tells them. What is cut out by a die, follows an outline or lies in several
 * parts of a panel is not told, as no two figures say it.
 *
 * @param figures several lengths with a joint between
 * @param panel of a piece, both from 0, in words
 */
record WrittenMats(
        WorkedPlan worked,
        RecipeStyle style,
        BiFunction<List<Length>, String, String> figures,
        BiFunction<Integer, Integer, String> panel) {

    /** In short one line of sizes, else a line for each, from below, with the panel it lies on. */
    List<String> lines() {
        List<Layer> plain = worked.layers().all().stream().filter(this::isPlain).toList();
        if (style == RecipeStyle.SHORT) {
            Map<String, Integer> counted = new LinkedHashMap<>();
            plain.forEach(layer -> counted.merge(size(layer), 1, Integer::sum));
            return counted.isEmpty()
                    ? List.of()
                    : List.of("Mats %s."
                            .formatted(counted.entrySet().stream()
                                    .map(mat -> mat.getValue() == 1
                                            ? mat.getKey()
                                            : mat.getKey() + " (" + mat.getValue() + ")")
                                    .collect(Collectors.joining(", "))));
        }
        FoldGraph graph = worked.form().graph();
        List<String> lines = new ArrayList<>();
        for (Layer layer : plain) {
            int number = layer.face().panel();
            lines.add("Mat %s on the %s of %s."
                    .formatted(
                            size(layer),
                            layer.face().side() == Side.FACE ? "face" : "back",
                            panel.apply(
                                    graph.panels().get(number).index(),
                                    graph.pieceOf().get(number))));
        }
        return lines;
    }

    /** Whether two figures and a panel say all of it. */
    private boolean isPlain(Layer layer) {
        boolean isParted = worked.layers().on(layer.face()).stream().anyMatch(other -> other.part() > 0);
        return !isParted && isRectangle(layer);
    }

    private static boolean isRectangle(Layer layer) {
        Envelope box = layer.shape().getEnvelopeInternal();
        return Math.abs(box.getArea() - layer.shape().getArea())
                < Precision.SAME_PLACE * (box.getWidth() + box.getHeight());
    }

    private String size(Layer layer) {
        Envelope box = layer.shape().getEnvelopeInternal();
        Size size = new Size(Length.nearest(box.getWidth()), Length.nearest(box.getHeight()));
        return figures.apply(List.of(size.width(), size.height()), style == RecipeStyle.ALOUD ? " by " : " × ");
    }
}
