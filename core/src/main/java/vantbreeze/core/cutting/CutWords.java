package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * The words beside what is to be cut, in figures of a ruler.
 *
 * @param dies what there is to cut shapes with
 */
public record CutWords(FoldGraph graph, Ruler ruler, Dies dies) {

    /** A corner is in the middle of an edge to so much, as a part of that. */
    private static final double MIDDLE = 0.005;

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
            String own = layer.choice().die() == null ? "own size" : "in the middle";
            return layer.least().isNegative()
                    ? "reaches over by %s".formatted(write(layer.least().negated()))
                    : "%s, %s to the edge".formatted(own, write(layer.least()));
        }
        return layer.least().equals(layer.most())
                ? "border %s".formatted(write(layer.least()))
                : "border %s, up to %s at a fold".formatted(write(layer.least()), write(layer.most()));
    }

    /** What to mind when cutting. */
    public String notes(Cut cut) {
        List<String> notes = new ArrayList<>();
        Layer first = cut.layers().get(0);
        if (cut.runs()) {
            notes.add("then cut it into %s: the pattern runs on".formatted(parts(cut)));
        }
        how(cut).ifPresent(notes::add);
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

    /** "two of 2⅛ × 5¾ in", or the size of each from the left. */
    private String parts(Cut cut) {
        List<String> sizes = cut.parts().stream().map(part -> size(part.size())).toList();
        return sizes.stream().distinct().count() == 1
                ? "%s of %s"
                        .formatted(
                                sizes.size() == 2 ? "two" : String.format(Locale.ROOT, "%d", sizes.size()),
                                sizes.get(0))
                : "%s, from the left".formatted(String.join(", ", sizes));
    }

    /** How many of one cut: "one", "2 of these". */
    public static String count(Cut cut) {
        return cut.count() == 1 ? "one" : String.format(Locale.ROOT, "%d of these", cut.count());
    }

    /** How a shape is cut that is no rectangle: with which die, or from which rectangle. */
    private Optional<String> how(Cut cut) {
        LayerChoice choice = cut.layers().get(0).choice();
        List<DieCut> edges = choice.die() == null || choice.own() == null
                ? DieCut.of(cut.shape().polygon())
                : List.of(new DieCut(choice.die(), choice.own()));
        if (!edges.isEmpty()) {
            return Optional.of(DieCut.inWords(edges, dies, ruler)).filter(words -> !words.isEmpty());
        }
        return cut.shape().kind() == CutKind.TRIANGLE ? triangle(cut.shape()) : Optional.empty();
    }

    /** A side of a rectangle, and that across from it. */
    private enum Rim {
        FOOT("foot", "the top"),
        TOP("top", "the foot"),
        LEFT("left", "the right edge"),
        RIGHT("right", "the left edge");

        private final String name;
        private final String across;

        Rim(String name, String across) {
            this.name = name;
            this.across = across;
        }

        /** How far a corner is from this side, as a part of the way across. */
        double from(Coordinate corner, double wide, double high) {
            return switch (this) {
                case FOOT -> corner.y / high;
                case TOP -> 1 - corner.y / high;
                case LEFT -> corner.x / wide;
                case RIGHT -> 1 - corner.x / wide;
            };
        }
    }

    /** A triangle that has a whole side of its rectangle: from there to one spot on the side across. */
    private Optional<String> triangle(CutShape shape) {
        double wide = shape.size().width().millimetres();
        double high = shape.size().height().millimetres();
        for (Rim rim : Rim.values()) {
            List<Coordinate> tips = shape.corners().stream()
                    .filter(corner -> rim.from(corner, wide, high) > MIDDLE)
                    .toList();
            if (tips.size() != 1) {
                continue;
            }
            boolean isLevel = rim == Rim.FOOT || rim == Rim.TOP;
            double along = isLevel ? tips.get(0).x : tips.get(0).y;
            double part = along / (isLevel ? wide : high);
            if (part < MIDDLE || part > 1 - MIDDLE) {
                return Optional.of("two come from one rectangle, by its diagonal");
            }
            return Optional.of("cut from both %s corners to %s %s"
                    .formatted(
                            rim.name,
                            Math.abs(part - 0.5) < MIDDLE
                                    ? "the middle of"
                                    : "%s %s".formatted(write(Length.nearest(along)), isLevel ? "along" : "up"),
                            rim.across));
        }
        return Optional.empty();
    }

    private String size(Size size) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
