package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/** The words beside what is to be cut, in figures of a ruler. */
public record CutWords(FoldGraph graph, Ruler ruler) {

    /** Where the pieces go: "Leg, Second leg, back (2)". */
    public String where(Cut cut) {
        Map<String, Integer> places = new LinkedHashMap<>();
        cut.faces().forEach(face -> places.merge(name(face), 1, Integer::sum));
        return places.entrySet().stream()
                .map(place -> place.getKey()
                        + (place.getValue() > 1 ? String.format(Locale.ROOT, " (%d)", place.getValue()) : ""))
                .collect(Collectors.joining("; "));
    }

    /** A face in words. */
    public String name(Face face) {
        return FaceName.of(face, graph).inWords(graph);
    }

    /** The border that a layer leaves, and where rounding made it wider. */
    public String border(Layer layer) {
        if (layer.choice().own() != null) {
            return layer.least().isNegative()
                    ? "reaches over by %s".formatted(write(layer.least().negated()))
                    : "own size, %s to the edge".formatted(write(layer.least()));
        }
        return layer.least().equals(layer.most())
                ? "border %s".formatted(write(layer.least()))
                : "border %s, up to %s at a fold".formatted(write(layer.least()), write(layer.most()));
    }

    /** What to mind when cutting. */
    public String notes(Cut cut) {
        List<String> notes = new ArrayList<>();
        Layer first = cut.layers().get(0);
        if (cut.whole() != null) {
            notes.add("cut one piece of %s first, then part it: the pattern runs on".formatted(size(cut.whole())));
        }
        if (cut.mirror() > 0) {
            boolean alikeBothSides = cut.paper().pattern() == Cardstock.Pattern.PLAIN
                    && cut.paper().colour().equals(cut.paper().look().back());
            notes.add(
                    alikeBothSides
                            ? String.format(
                                    Locale.ROOT,
                                    "mirror image of %d: lay two with backs together and cut one each",
                                    cut.mirror())
                            : String.format(
                                    Locale.ROOT,
                                    "mirror image of %d: cut it on its own, decorated side up",
                                    cut.mirror()));
        }
        if (cut.paper().pattern() == Cardstock.Pattern.DIRECTIONAL) {
            notes.add("the pattern's upper end upwards");
        }
        if (cut.otherSide()) {
            notes.add("the paper's other side shows");
        }
        if (first.choice().pad().isPositive()) {
            notes.add("on foam of %s".formatted(write(first.choice().pad())));
        }
        notes.add(border(first));
        return String.join("; ", notes);
    }

    private String size(Size size) {
        return "%s × %s".formatted(write(size.width()), write(size.height()));
    }

    /** On a mark as a figure, between two exactly: a border of 2.5 mm is no "about 3". */
    private String write(Length length) {
        Figure figure = Figure.of(length, ruler);
        return figure.isOnRuler() ? figure.inWords() : figure.text();
    }
}
