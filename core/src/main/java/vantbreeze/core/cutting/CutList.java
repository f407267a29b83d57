package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.layer.Run;
import vantbreeze.core.paper.Size;

/**
 * What to cut for a card's layers: like pieces together, by paper, the largest first; mirrored ones told apart.
 *
 * @param cuts in the order in which they are numbered
 */
public record CutList(List<Cut> cuts) {

    public CutList {
        cuts = List.copyOf(cuts);
    }

    /** What layers that are cut together have in common beside their shape; a run is one of its kind at each level. */
    private record Kind(String paper, boolean otherSide, int run, int level) {

        static Kind of(Layer layer, boolean runs) {
            return new Kind(
                    layer.choice().paper(),
                    layer.choice().otherSide(),
                    runs ? layer.dressed() : -1,
                    runs ? layer.level() : -1);
        }
    }

    /** Layers that are cut together. */
    private record Alike(Kind kind, CutShape shape, List<Layer> layers) {

        boolean takes(Kind other, CutShape cut, Layer layer) {
            return kind.equals(other) && (kind.run >= 0 || shape.like(cut, layer.paper()));
        }

        Cut cut(@Nullable Size whole) {
            Layer first = layers.get(0);
            return new Cut(
                    0,
                    kind.paper,
                    first.paper(),
                    kind.otherSide,
                    whole == null ? shape : CutShape.rectangle(whole),
                    layers,
                    0,
                    whole == null
                            ? List.of()
                            : layers.stream().map(CutShape::of).toList());
        }
    }

    /**
     * The list of {@code layers}.
     *
     * @param flats the poses in which the card lies flat, for what runs across several panels
     */
    public static CutList of(
            FoldGraph graph, Grounds grounds, List<FoldedForm> flats, Dressing dressing, Layers layers) {
        List<Alike> alike = new ArrayList<>();
        for (Layer layer : layers.all()) {
            CutShape shape = CutShape.of(layer);
            Kind kind = Kind.of(layer, dressing.all().get(layer.dressed()).runs());
            Optional<Alike> known =
                    alike.stream().filter(one -> one.takes(kind, shape, layer)).findFirst();
            if (known.isPresent()) {
                known.get().layers().add(layer);
            } else {
                alike.add(new Alike(kind, shape, new ArrayList<>(List.of(layer))));
            }
        }
        List<Cut> cuts = new ArrayList<>();
        Map<List<Integer>, Size> wholes = Run.wholes(graph, grounds, flats, dressing, layers);
        for (Alike one : alike) {
            cuts.add(one.cut(wholes.get(List.of(one.kind().run(), one.kind().level()))));
        }
        Map<String, Double> byPaper = new LinkedHashMap<>();
        cuts.forEach(cut ->
                byPaper.merge(cut.paperId(), cut.count() * cut.shape().polygon().getArea(), Double::sum));
        cuts.sort(Comparator.<Cut>comparingDouble(cut -> -byPaper.getOrDefault(cut.paperId(), 0.0))
                .thenComparing(Cut::paperId)
                .thenComparingDouble(
                        cut -> -cut.shape().polygon().getEnvelopeInternal().getArea()));
        List<Cut> numbered = new ArrayList<>();
        int[] mirrors = mirrors(cuts);
        for (int i = 0; i < cuts.size(); i++) {
            numbered.add(cuts.get(i).numbered(i + 1, mirrors[i] + 1));
        }
        return new CutList(numbered);
    }

    /** How many pieces there are to cut in all. */
    public int pieces() {
        return cuts.stream().mapToInt(Cut::count).sum();
    }

    /** The number on the map of each layer. */
    @SuppressWarnings("IdentityHashMapUsage") // two layers alike are two layers
    public Map<Layer, Integer> numbers() {
        Map<Layer, Integer> numbers = new IdentityHashMap<>();
        cuts.forEach(cut -> cut.layers().forEach(layer -> numbers.put(layer, cut.number())));
        return numbers;
    }

    /**
     * For each cut, which other is its mirror image and not like it; −1 for none. What runs across several panels has
     * none.
     */
    private static int[] mirrors(List<Cut> cuts) {
        int[] mirrors = new int[cuts.size()];
        for (int i = 0; i < mirrors.length; i++) {
            mirrors[i] = mirror(cuts, cuts.get(i));
        }
        return mirrors;
    }

    private static int mirror(List<Cut> cuts, Cut cut) {
        if (cut.runs() || cut.shape().isRectangle()) {
            return -1;
        }
        CutShape image = cut.shape().mirrored();
        if (image.like(cut.shape(), cut.paper())) {
            return -1;
        }
        for (int i = 0; i < cuts.size(); i++) {
            Cut other = cuts.get(i);
            if (!other.runs()
                    && other.paperId().equals(cut.paperId())
                    && other.otherSide() == cut.otherSide()
                    && image.like(other.shape(), cut.paper())) {
                return i;
            }
        }
        return -1;
    }
}
