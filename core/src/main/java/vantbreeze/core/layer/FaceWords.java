package vantbreeze.core.layer;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;

/** What the faces of a card are called: by where each is seen when the card is closed. */
public final class FaceWords {

    /** Where a face is seen. */
    public enum Place {
        FRONT("front"),
        INSIDE("inside"),
        BACK("back");

        private final String word;

        Place(String word) {
            this.word = word;
        }

        /** In a sentence. */
        public String word() {
            return word;
        }
    }

    private final FoldGraph graph;
    private final Map<Face, Place> outside;
    private final Grounds grounds;

    private FaceWords(FoldGraph graph, Map<Face, Place> outside, Grounds grounds) {
        this.graph = graph;
        this.outside = outside;
        this.grounds = grounds;
    }

    /**
     * The names of a card's faces.
     *
     * @param bulk the closed stack; null when its panels can't lie on one another: then none is known to be outside
     */
    public static FaceWords of(FoldedForm closed, @Nullable BulkMap bulk, Grounds grounds) {
        Map<Face, Place> outside = new HashMap<>();
        if (bulk != null) {
            for (BulkCell cell : bulk.places()) {
                List<Integer> panels = cell.panels();
                outside.put(up(panels.get(0), closed).turned(), Place.BACK);
                outside.put(up(panels.get(panels.size() - 1), closed), Place.FRONT);
            }
        }
        return new FaceWords(closed.graph(), Map.copyOf(outside), grounds);
    }

    private static Face up(int panel, FoldedForm closed) {
        return Face.upward(panel, closed.placed().get(panel).motion());
    }

    /** Where a face is seen. */
    public Place place(Face face) {
        return outside.getOrDefault(face, Place.INSIDE);
    }

    /** The panel of a face in words; of several that stay one flat paper, by what their names end in. */
    public String panel(Face face) {
        List<String> names =
                grounds.sheet(face.panel()).stream().map(graph::name).distinct().toList();
        String ending = names.stream().reduce(FaceWords::ending).orElse("");
        return ending.isEmpty()
                ? graph.name(face.panel())
                : ending.substring(0, 1).toUpperCase(Locale.ROOT) + ending.substring(1);
    }

    /** The last words that two names have in common: "left wing" of "Outer left wing" and "Inner left wing". */
    private static String ending(String one, String other) {
        List<String> words = List.of(one.split(" "));
        for (int from = 0; from < words.size(); from++) {
            String last = String.join(" ", words.subList(from, words.size()));
            if (other.equals(last) || other.endsWith(" " + last)) {
                return last;
            }
        }
        return "";
    }

    /** A face as a label: "Cover, inside". Where both sides of a panel are inside, one is the other side. */
    public String inWords(Face face) {
        String name = panel(face);
        String side = side(face);
        return name.equalsIgnoreCase(side) ? name : "%s, %s".formatted(name, side);
    }

    /** A face in a sentence: "the inside of Cover". */
    public String inSentence(Face face) {
        return "the %s of %s".formatted(side(face), panel(face));
    }

    private String side(Face face) {
        Place place = place(face);
        return place == place(face.turned()) && face.side() == Side.BACK ? "other side" : place.word();
    }

    /** The same of a face as a plan names it; one that is gone by that name. */
    public String inSentence(FaceName face) {
        return face.find(graph).map(this::inSentence).orElse(face.panel());
    }
}
