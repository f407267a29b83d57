package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Face;
import vantbreeze.core.layer.FaceWords;
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
 * @param faces what faces are called
 * @param dies what there is to cut shapes with
 */
public record CutWords(FaceWords faces, Ruler ruler, Dies dies) {

    /** How a shape is cut that is neither a die's nor made by straight cuts. */
    private static final String OUTLINE = "draw it round its panel and cut it smaller by the border";

    private static final Pattern NUMBERED = Pattern.compile("(.*) (\\d+)");

    /** Where the pieces go, by where that is seen: "front: Leg; inside: Panel 1 to 4, Back (2)". */
    public String where(Cut cut) {
        Map<FaceWords.Place, Map<String, Integer>> places = new EnumMap<>(FaceWords.Place.class);
        cut.faces().forEach(face -> places.computeIfAbsent(faces.place(face), place -> new LinkedHashMap<>())
                .merge(faces.panel(face), 1, Integer::sum));
        return places.entrySet().stream()
                .map(place -> "%s: %s".formatted(place.getKey().word(), String.join(", ", together(place.getValue()))))
                .collect(Collectors.joining("; "));
    }

    /** Panels numbered one after the other are told by the first and the last. */
    private static List<String> together(Map<String, Integer> counts) {
        List<String> told = new ArrayList<>();
        List<Map.Entry<String, Integer>> all = List.copyOf(counts.entrySet());
        int i = 0;
        while (i < all.size()) {
            int end = i + 1;
            while (end < all.size()
                    && all.get(end).getValue().equals(all.get(i).getValue())
                    && follows(all.get(end - 1).getKey(), all.get(end).getKey())) {
                end++;
            }
            int count = all.get(i).getValue();
            String many = count > 1 ? String.format(Locale.ROOT, " (%d)", count) : "";
            boolean run = end > i + 2;
            String to = run ? " to " + all.get(end - 1).getKey().replaceFirst(".* ", "") : "";
            told.add(all.get(i).getKey() + to + many);
            i = run ? end : i + 1;
        }
        return told;
    }

    private static boolean follows(String name, String next) {
        Matcher one = NUMBERED.matcher(name);
        Matcher other = NUMBERED.matcher(next);
        return one.matches()
                && other.matches()
                && one.group(1).equals(other.group(1))
                && Integer.parseInt(other.group(2)) == Integer.parseInt(one.group(2)) + 1;
    }

    /** A face in words. */
    public String name(Face face) {
        return faces.inWords(face);
    }

    /** The border that a layer leaves, and where rounding made it wider. */
    public String border(Layer layer) {
        if (layer.choice().own() != null) {
            String own = layer.choice().die() == null ? "own size" : "in the middle";
            return layer.least().isNegative()
                    ? "reaches over by %s".formatted(write(layer.least().negated()))
                    : "%s, %s to the edge".formatted(own, write(layer.least()));
        }
        String least = measured(layer.least());
        String most = measured(layer.most());
        return least.equals(most)
                ? "border %s".formatted(least)
                : "border %s, up to %s at a fold".formatted(least, most);
    }

    /** A border that a maker chose as it is; one that rounding made, as it can be measured. */
    private String measured(Length border) {
        Figure figure = Figure.of(border, ruler);
        return figure.isExact() && figure.denominator() <= 32
                ? figure.inWords()
                : Figure.estimate(border.millimetres(), ruler).inWords();
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
                                    "mirror image of %d: cut it on its own, the side that shows up",
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

    /** How a shape is cut that is no rectangle: with which die, from which rectangle, or round its panel. */
    private Optional<String> how(Cut cut) {
        LayerChoice choice = cut.layers().get(0).choice();
        if (choice.die() != null && choice.own() != null) {
            return Optional.of(DieCut.inWords(List.of(new DieCut(choice.die(), choice.own())), dies, ruler))
                    .filter(words -> !words.isEmpty());
        }
        if (cut.shape().isRectangle()) {
            return Optional.empty();
        }
        return new HowCut(ruler, dies).of(cut.shape().polygon()).or(() -> Optional.of(OUTLINE));
    }

    private String size(Size size) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
