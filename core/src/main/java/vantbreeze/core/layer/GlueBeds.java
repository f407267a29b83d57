package vantbreeze.core.layer;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.paper.Material;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** What everything that is glued on a card lies on; asked once of each place. */
final class GlueBeds {

    private final FoldGraph graph;
    private final FlatSheets flat;
    private final Allowances allowances;
    private final Map<JoinId, Bed> said;
    private final List<JoinId> joins;
    private final List<GlueArea> glue;
    private final Map<GlueArea, Bed> known = new ConcurrentHashMap<>();
    private final Map<Integer, Boolean> hideable = new ConcurrentHashMap<>();

    /** @param said what is glued otherwise than usual */
    GlueBeds(FoldGraph graph, FlatSheets flat, Allowances allowances, Map<JoinId, Bed> said) {
        this.graph = graph;
        this.flat = flat;
        this.allowances = allowances;
        this.said = said;
        this.joins = JoinId.all(graph.assembly());
        this.glue = GlueArea.of(graph);
    }

    /** Where glue goes, on both sides of all joins. */
    List<GlueArea> glue() {
        return glue;
    }

    /**
     * Whether layers can lie whole over what is glued by a join.
     *
     * @param join by index
     * @see HiddenTab
     */
    boolean couldLieUnder(int join) {
        return hideable.computeIfAbsent(join, this::canBeHidden);
    }

    private boolean canBeHidden(int join) {
        Link.Glued link = graph.joins().get(join);
        return HiddenTab.isPossible(
                link, graph, flat.shape(link.from()), flat.folds(link.to()), share(Allowance.GLUED_AWAY));
    }

    /** The joins, by index, by which something is glued on this area's panel there. */
    IntStream received(GlueArea area) {
        return IntStream.range(0, joins.size())
                .filter(i -> graph.joins().get(i).from() == area.panel()
                        && graph.joins().get(i).join().onSide() == area.side()
                        && graph.joins().get(i).to() == area.other());
    }

    private boolean receives(GlueArea area) {
        return received(area).findAny().isPresent();
    }

    /** What is glued in this area lies on: as the maker says where that can be, or as is usual. */
    Bed of(GlueArea area) {
        return known.computeIfAbsent(area, this::bed);
    }

    private Bed bed(GlueArea area) {
        Optional<Bed> own = received(area)
                .mapToObj(joins::get)
                .flatMap(join -> Stream.ofNullable(said.get(join)))
                .findFirst()
                .filter(bed -> bed != Bed.UNDER || received(area).allMatch(this::couldLieUnder));
        return own.orElseGet(() -> usual(area));
    }

    /** Tape on film would show: the mat hides it (common practice, no source). */
    private Bed usual(GlueArea area) {
        boolean isFilm = graph.assembly().pieces().get(piece(area.other())).material() == Material.ACETATE
                && receives(area)
                && received(area).allMatch(this::couldLieUnder);
        if (isFilm) {
            return Bed.UNDER;
        }
        return usuallyLiesOnLayer(area) ? Bed.MAT : Bed.CARD;
    }

    private boolean usuallyLiesOnLayer(GlueArea area) {
        if (!receives(area)) {
            return false;
        }
        if (isOnFoam(area)) {
            return true;
        }
        int below = piece(area.panel());
        int above = piece(area.other());
        // what is folded over and sealed down on its own sheet is sealed on the bare sheet
        return below != above
                && area.shape().getArea()
                        <= share(Allowance.GLUED_AWAY)
                                * graph.panels().get(area.panel()).area()
                && !carries(below, above, area.other());
    }

    /** A topper on foam lies on the layers however large it is. */
    private boolean isOnFoam(GlueArea area) {
        return received(area).anyMatch(i -> graph.joins().get(i).join().foam().isPositive());
    }

    /**
     * Whether a joint carries the card: two pieces that are each glued on the other, a strut on which a third stands by
     * a whole panel, a tab by which alone a piece hangs.
     */
    private boolean carries(int below, int above, int panel) {
        List<Link.Glued> both = graph.joins().stream()
                .filter(link -> joins(link, below, above) || joins(link, above, below))
                .toList();
        boolean eachOnTheOther = both.stream().anyMatch(link -> joins(link, above, below));
        boolean hangsByIt = both.size() == 1 && isTab(panel);
        return eachOnTheOther || hangsByIt || isStrut(above, below);
    }

    private boolean joins(Link.Glued link, int on, int glued) {
        return piece(link.from()) == on && piece(link.to()) == glued;
    }

    private boolean isStrut(int piece, int below) {
        return glue.stream()
                .filter(area ->
                        piece(area.panel()) == piece && piece(area.other()) != piece && piece(area.other()) != below)
                .anyMatch(area -> area.shape().getArea()
                        > share(Allowance.GLUED_AWAY)
                                * graph.panels().get(area.panel()).area());
    }

    private int piece(int panel) {
        return graph.pieceOf().get(panel);
    }

    private boolean isTab(int panel) {
        Envelope box = graph.panels().get(panel).shape().getEnvelopeInternal();
        long hinges = graph.hinges().stream()
                .filter(link -> link.from() == panel || link.to() == panel)
                .count();
        double glued = glue.stream()
                .filter(area -> area.panel() == panel)
                .mapToDouble(area -> area.shape().getArea())
                .sum();
        return hinges == 1
                && Math.min(box.getWidth(), box.getHeight())
                        <= allowances.of(Allowance.WIDEST_TAB).millimetres()
                && glued > 0.9 * graph.panels().get(panel).area();
    }

    /** What is allowed in hundredths, as a part of one. */
    private double share(Allowance.OfNumber allowance) {
        return allowances.of(allowance) / 100;
    }
}
