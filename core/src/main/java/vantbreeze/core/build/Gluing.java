package vantbreeze.core.build;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Material;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Adhesives;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Tools;

/** What holds which joint: by what it is of, whether it is pulled at, and how much room there is to glue. */
final class Gluing {

    /** Folds that turn less on the card's way do not pull, degrees. */
    private static final double STILL = 1;

    /** What an eye does not see of a width, mm. */
    private static final double HALF = 0.5;

    /** What holds, the usual one first; which does is common practice, no source. */
    private static final List<Adhesive.Kind> STANDS_PROUD = List.of(Adhesive.Kind.FOAM);

    private static final List<Adhesive.Kind> FILM = List.of(Adhesive.Kind.STRONG_TAPE, Adhesive.Kind.DOTS);

    private static final List<Adhesive.Kind> PULLED_AND_NARROW =
            List.of(Adhesive.Kind.CONSTRUCTION, Adhesive.Kind.WET, Adhesive.Kind.STRONG_TAPE);

    private static final List<Adhesive.Kind> PULLED =
            List.of(Adhesive.Kind.WET, Adhesive.Kind.CONSTRUCTION, Adhesive.Kind.STRONG_TAPE);

    private static final List<Adhesive.Kind> NARROW =
            List.of(Adhesive.Kind.STRONG_TAPE, Adhesive.Kind.WET, Adhesive.Kind.CONSTRUCTION, Adhesive.Kind.TAPE);

    private static final List<Adhesive.Kind> WIDE =
            List.of(Adhesive.Kind.WET, Adhesive.Kind.CONSTRUCTION, Adhesive.Kind.STRONG_TAPE, Adhesive.Kind.TAPE);

    private static final List<Adhesive.Kind> LAYER = List.of(
            Adhesive.Kind.TAPE,
            Adhesive.Kind.WET,
            Adhesive.Kind.STRONG_TAPE,
            Adhesive.Kind.DOTS,
            Adhesive.Kind.CONSTRUCTION);

    private final Folding form;
    private final Allowances allowances;
    private final Adhesives adhesives;
    private final Ruler ruler;

    Gluing(Folding form, Tools tools, Ruler ruler) {
        this.form = form;
        this.allowances = tools.allowances();
        this.adhesives = tools.adhesives();
        this.ruler = ruler;
    }

    /**
     * What a joint is glued with.
     *
     * @param because why, as a sentence
     * @param weak what is amiss with the room there is; empty for nothing
     * @param isOnHand whether there is some; otherwise there is nothing else either that would hold
     */
    record Advice(Adhesive adhesive, String because, String weak, boolean isOnHand) {}

    /** For a join; nothing is glued where a piece is only threaded. */
    Optional<Advice> of(Link.Glued link) {
        if (link.join().slides()) {
            return Optional.empty();
        }
        boolean pulled = isPulled(link);
        String weak = pulled && narrowest(link) < tab() - HALF
                ? "A tab that holds is %s wide: press it well, and give it time."
                        .formatted(Figure.of(allowances.of(Allowance.TAB, ruler), ruler)
                                .inWords())
                : "";
        return Optional.of(advice(link, pulled, weak));
    }

    private Advice advice(Link.Glued link, boolean pulled, String weak) {
        if (link.join().foam().isPositive()) {
            return onHand("It stands proud.", weak, STANDS_PROUD);
        }
        if (isFilm(link.from()) || isFilm(link.to())) {
            return onHand("Film takes tape; keep it short of the fold, so that it does not show.", weak, FILM);
        }
        if (pulled) {
            return isNarrow(link)
                    ? onHand("It is pulled at as the card moves, and narrow.", weak, PULLED_AND_NARROW)
                    : onHand(
                            "It is pulled at as the card moves, and wants lining up while the glue is wet.",
                            weak,
                            PULLED);
        }
        return isNarrow(link)
                ? onHand("A narrow edge that nothing pulls at.", weak, NARROW)
                : onHand("There is time to wriggle it into line.", weak, WIDE);
    }

    /** For a layer. */
    Advice of(Layer layer) {
        return layer.choice().pad().isPositive()
                ? onHand("It stands proud.", "", STANDS_PROUD)
                : onHand("Thin paper lies flat on it.", "", LAYER);
    }

    /**
     * The first that is on hand of kinds that hold.
     *
     * @param because why the usual one is
     * @param kinds the usual one first
     */
    private Advice onHand(String because, String weak, List<Adhesive.Kind> kinds) {
        Adhesive usual = adhesives.usual(kinds.get(0));
        for (Adhesive.Kind kind : kinds) {
            Optional<Adhesive> there = adhesives.onHand(kind);
            if (there.isPresent()) {
                return new Advice(
                        there.get(),
                        kind == kinds.get(0)
                                ? because
                                : "%s would be usual and is not on hand; this holds too.".formatted(usual.name()),
                        weak,
                        true);
            }
        }
        return new Advice(usual, because, weak, false);
    }

    private boolean isFilm(int panel) {
        FoldGraph graph = form.graph();
        return graph.assembly().pieces().get(graph.pieceOf().get(panel)).material() == Material.ACETATE;
    }

    /** Whether some part of it is no wider than a tab that holds. */
    private boolean isNarrow(Link.Glued link) {
        return narrowest(link) <= tab() + HALF;
    }

    private double tab() {
        return allowances.of(Allowance.TAB, ruler).millimetres();
    }

    private double narrowest(Link.Glued link) {
        return GlueArea.of(link, form.graph()).stream()
                .mapToDouble(area -> width(area.shape()))
                .min()
                .orElse(0);
    }

    /** How wide a strip is of this area and this length round: of a rectangle its shorter side, mm. */
    static double width(Polygon shape) {
        double half = shape.getLength() / 2;
        double apart = half * half - 4 * shape.getArea();
        return (half - Math.sqrt(Math.max(0, apart))) / 2;
    }

    /** Whether a fold turns, on the card's way, in the loop that the join closes. */
    boolean isPulled(Link.Glued link) {
        return way(link).stream()
                .filter(Link.Folded.class::isInstance)
                .map(Link.Folded.class::cast)
                .anyMatch(this::turns);
    }

    private boolean turns(Link.Folded hinge) {
        List<Double> degrees = new ArrayList<>();
        for (Station station : form.stations()) {
            degrees.add(station.pose().degreesAt(hinge));
        }
        double least = degrees.stream().mapToDouble(Double::doubleValue).min().orElse(0);
        double most = degrees.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return most - least > STILL;
    }

    /** The shortest way from one panel of a join to the other without it; none where there is no other. */
    private List<Link> way(Link.Glued link) {
        List<Link> links = form.graph().links();
        Map<Integer, Link> reachedBy = new HashMap<>();
        Deque<Integer> waiting = new ArrayDeque<>(List.of(link.from()));
        while (!waiting.isEmpty() && !reachedBy.containsKey(link.to())) {
            int panel = waiting.remove();
            for (Link other : links) {
                int next = other.from() == panel ? other.to() : other.to() == panel ? other.from() : panel;
                if (next != panel && next != link.from() && !other.equals(link) && !reachedBy.containsKey(next)) {
                    reachedBy.put(next, other);
                    waiting.add(next);
                }
            }
        }
        List<Link> way = new ArrayList<>();
        int at = link.to();
        while (at != link.from() && reachedBy.containsKey(at)) {
            Link by = reachedBy.get(at);
            way.add(by);
            at = by.from() == at ? by.to() : by.from();
        }
        return way;
    }
}
