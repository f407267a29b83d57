package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import vantbreeze.core.build.BuildStep.OfFace;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutList;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Figure;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.tool.Adhesive;

/** The layers of each face, laid from below. */
final class LayerSteps {

    /** Usual times of a layer and of what is set on it, seconds; from memory. */
    private static final int A_LAYER = 60;

    private final WorkedPlan card;
    private final Gluing gluing;
    private final Map<Layer, Integer> numbers;
    private final Map<Layer, Size> sizes;

    LayerSteps(WorkedPlan card) {
        this.card = card;
        this.gluing = new Gluing(card.form(), card.tools(), card.ruler());
        this.numbers = card.cuts().numbers();
        this.sizes = sizes(card.cuts());
    }

    @SuppressWarnings("IdentityHashMapUsage") // two layers alike are two layers
    private static Map<Layer, Size> sizes(CutList cuts) {
        Map<Layer, Size> sizes = new IdentityHashMap<>();
        for (Cut cut : cuts.cuts()) {
            for (int i = 0; i < cut.layers().size(); i++) {
                sizes.put(cut.layers().get(i), cut.runs() ? cut.parts().get(i).size() : cut.size());
            }
        }
        return sizes;
    }

    /** How the step of a face is known: by the names of its panel and side. */
    static StepId id(Face face, FoldGraph graph) {
        FaceName name = FaceName.of(face, graph);
        return new StepId(
                StepKind.LAY,
                "%s, %s, %s"
                        .formatted(
                                graph.pieceName(face.panel()).inWords(),
                                name.panel(),
                                name.side().name().toLowerCase(Locale.ROOT)));
    }

    /** All layers of a face. */
    BuildStep of(Face face) {
        List<Layer> layers = card.layers().on(face);
        List<Reading> readings = new ArrayList<>();
        layers.forEach(layer -> readings.add(reading(layer)));
        layers.stream()
                .map(Layer::dressed)
                .distinct()
                .flatMap(dressed -> card.plan().dressing().all().get(dressed).embellishments().stream())
                .forEach(one -> readings.add(Reading.of("%s on top, in the middle".formatted(one.name()))));
        List<String> cautions = new ArrayList<>();
        layers.forEach(layer -> cautions.addAll(gluing.of(layer).adhesive().cautions()));
        return BuildStep.of(
                id(face, card.form().graph()),
                "Add %s to %s".formatted(what(layers), card.faceWords().inSentence(face)),
                "One side at a time, from below; nothing over a line that opens.",
                StepTool.ADHESIVE,
                new OfFace(face),
                readings,
                cautions.stream().distinct().toList(),
                A_LAYER * readings.size());
    }

    /** What is wanted for layers of a face and is not on hand. */
    List<Adhesive> missing(Face face) {
        return card.layers().on(face).stream()
                .map(gluing::of)
                .filter(advice -> !advice.isOnHand())
                .map(Gluing.Advice::adhesive)
                .distinct()
                .toList();
    }

    private static String what(List<Layer> layers) {
        return layers.size() == 1 ? "one layer" : String.format(Locale.ROOT, "%d layers", layers.size());
    }

    private Reading reading(Layer layer) {
        Gluing.Advice advice = gluing.of(layer);
        boolean isEven = layer.least().equals(layer.most());
        List<String> words = new ArrayList<>();
        words.add(String.format(Locale.ROOT, "Number %d, %s", numbers.getOrDefault(layer, 0), size(layer)));
        if (layer.least().isPositive()) {
            words.add(isEven ? "this border all round" : "this border at its narrowest");
        } else {
            words.add("in the middle");
        }
        if (layer.choice().pad().isPositive()) {
            words.add("on foam %s thick"
                    .formatted(Figure.of(layer.choice().pad(), card.ruler()).inWords()));
        } else {
            words.add(advice.adhesive().name().toLowerCase(Locale.ROOT));
        }
        if (layer.paper().pattern() == Cardstock.Pattern.DIRECTIONAL) {
            words.add("its pattern upright");
        }
        return new Reading(
                layer.least().isPositive() ? List.of(new Shown(layer.least(), null)) : List.of(),
                String.join("; ", words),
                List.of());
    }

    private String size(Layer layer) {
        Size size = requireNonNull(sizes.get(layer));
        return "%s of %s"
                .formatted(
                        Figure.of(size.width(), card.ruler()).by(Figure.of(size.height(), card.ruler())),
                        layer.paper().name());
    }
}
