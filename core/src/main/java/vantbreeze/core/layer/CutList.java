package vantbreeze.core.layer;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
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

    /** Layers that are cut together: of one paper, the same side up, alike; each part of a run by itself. */
    private record Kind(String paper, boolean otherSide, List<Long> shape, int run, int level) {}

    /**
     * The list of {@code layers}.
     *
     * @param flats the poses in which the card lies flat, for what runs across several panels
     */
    public static CutList of(
            FoldGraph graph, Grounds grounds, List<FoldedForm> flats, Dressing dressing, Layers layers) {
        Map<Kind, List<Layer>> alike = new LinkedHashMap<>();
        for (Layer layer : layers.all()) {
            CutShape shape = CutShape.of(layer);
            boolean runs = dressing.all().get(layer.dressed()).runs();
            List<Long> key = runs ? List.of((long) layer.face().panel()) : shape.key(layer.paper());
            alike.computeIfAbsent(
                            new Kind(
                                    layer.choice().paper(),
                                    layer.choice().otherSide(),
                                    key,
                                    runs ? layer.dressed() : -1,
                                    runs ? layer.level() : -1),
                            kind -> new ArrayList<>())
                    .add(layer);
        }
        List<Cut> cuts = new ArrayList<>();
        Map<List<Integer>, Size> wholes = wholes(graph, grounds, flats, dressing, layers);
        alike.forEach((kind, same) -> cuts.add(new Cut(
                0,
                kind.paper(),
                same.get(0).paper(),
                kind.otherSide(),
                CutShape.of(same.get(0)),
                same,
                0,
                wholes.get(List.of(kind.run(), kind.level())))));
        Map<String, Double> byPaper = new LinkedHashMap<>();
        cuts.forEach(cut ->
                byPaper.merge(cut.paperId(), cut.count() * cut.shape().polygon().getArea(), Double::sum));
        // pieces of one run stay in the order of its pattern: the sort is stable
        cuts.sort(Comparator.<Cut>comparingDouble(cut -> -byPaper.getOrDefault(cut.paperId(), 0.0))
                .thenComparing(Cut::paperId)
                .thenComparingDouble(cut -> cut.whole() == null
                        ? -cut.shape().polygon().getEnvelopeInternal().getArea()
                        : -cut.whole().width().millimetres()
                                * cut.whole().height().millimetres()));
        List<Cut> numbered = new ArrayList<>();
        int[] mirrors = mirrors(cuts);
        for (int i = 0; i < cuts.size(); i++) {
            numbered.add(cuts.get(i).numbered(i + 1, mirrors[i] + 1));
        }
        return new CutList(numbered);
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
        Map<List<Object>, Integer> byShape = new HashMap<>();
        List<List<Object>> own = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            own.add(kind(cuts.get(i), cuts.get(i).shape()));
            if (cuts.get(i).whole() == null) {
                byShape.put(own.get(i), i);
            }
        }
        int[] mirrors = new int[cuts.size()];
        for (int i = 0; i < mirrors.length; i++) {
            Cut cut = cuts.get(i);
            List<Object> image = cut.whole() != null || cut.shape().isRectangle()
                    ? own.get(i)
                    : kind(cut, cut.shape().mirrored());
            mirrors[i] = image.equals(own.get(i)) ? -1 : byShape.getOrDefault(image, -1);
        }
        return mirrors;
    }

    private static List<Object> kind(Cut cut, CutShape shape) {
        return List.of(cut.paperId(), cut.otherSide(), shape.key(cut.paper()));
    }

    private static Map<List<Integer>, Size> wholes(
            FoldGraph graph, Grounds grounds, List<FoldedForm> flats, Dressing dressing, Layers layers) {
        Map<List<Integer>, Size> wholes = new LinkedHashMap<>();
        for (int i = 0; i < dressing.all().size(); i++) {
            Dressed dressed = dressing.all().get(i);
            if (!dressed.runs()) {
                continue;
            }
            Map<Integer, List<Layer>> levels = new TreeMap<>();
            int entry = i;
            layers.all().stream().filter(layer -> layer.dressed() == entry).forEach(layer -> levels.computeIfAbsent(
                            layer.level(), level -> new ArrayList<>())
                    .add(layer));
            List<Face> faces = dressed.faces().stream()
                    .flatMap(name -> name.find(graph).stream())
                    .toList();
            levels.forEach((level, parts) -> wholes.put(
                    List.of(entry, level), Run.span(parts, requireNonNull(Run.poseOf(graph, grounds, flats, faces)))));
        }
        return wholes;
    }
}
