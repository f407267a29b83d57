package vantbreeze.core.recognition;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;

/**
 * Says which structures of a catalogue a card is, however it lies: turned, mirrored, turned over, its pieces in any
 * order. Outlines of a maker's own are not tried.
 */
public final class Recogniser {

    /** A card that is one figure off is still meant as what it nearly is up to here; common practice, no source. */
    private static final Length NEARLY = Length.ofMillimetres(15);

    /** How often measures are fitted for one kind; beyond it, the card is none of that kind. */
    private static final int MOST_FITS = 16;
    /** How many kinds that come near are looked at again. */
    private static final int MOST_TRIES = 8;
    /** How many of the figures that are most off are tried as the one that is wrong. */
    private static final int SUSPECTS = 6;

    private final List<Kind> kinds;

    /** Looks at every structure and variant once; a few hundred are made for it. */
    public Recogniser(Catalogue catalogue) {
        this.kinds = catalogue.all().stream()
                .flatMap(structure -> Kind.of(structure).stream())
                .toList();
    }

    /**
     * What a card is, exactly where it is; otherwise what it is but for one figure. The plainest first: what is drawn
     * the way the structure is, with the fewest measures that somebody must have chosen.
     *
     * @param closed how large it is when it is closed, which tells two ways to close the same pieces apart; null where
     *     it is not known
     * @param ruler on whose marks usual measures lie
     */
    public List<Likeness> recognise(Assembly drawn, @Nullable Size closed, Ruler ruler) {
        Search search = searched(drawn, closed, ruler);
        return search.isKnown() ? search.exactly() : search.nearly();
    }

    /** The same, but only what it is exactly: much sooner said of a card that is none. */
    public List<Likeness> exactly(Assembly drawn, @Nullable Size closed, Ruler ruler) {
        return searched(drawn, closed, ruler).exactly();
    }

    private Search searched(Assembly drawn, @Nullable Size closed, Ruler ruler) {
        String tally = Kind.tally(drawn);
        Search search = new Search(drawn, closed, ruler);
        kinds.stream().filter(kind -> kind.has(tally)).forEach(search::lookFor);
        return search;
    }

    /** One card being looked at. */
    private static final class Search {

        private final Assembly drawn;
        private final @Nullable Size closed;
        private final Ruler ruler;
        private final List<Lazy<Lying>> turned;
        private final List<Found> exact = new ArrayList<>();
        private final List<Try> tries = new ArrayList<>();
        private int fits;

        /** The card lying one way, and its pieces in whichever order their lines are told. */
        private record Lying(Assembly card, Map<PieceSketch.Order, Cuts> cuts) {
            static Lying of(Assembly card) {
                return new Lying(
                        card,
                        Arrays.stream(PieceSketch.Order.values())
                                .collect(toMap(order -> order, order -> Cuts.of(card, order))));
            }
        }

        private record Found(Likeness likeness, int turning) {}

        /** Measures with which a kind comes nearest to the card without being it. */
        private record Try(Kind kind, Fitting fitting, Measures nearest, List<Integer> order, int turning) {}

        Search(Assembly drawn, @Nullable Size closed, Ruler ruler) {
            this.drawn = drawn;
            this.closed = closed;
            this.ruler = ruler;
            this.turned = Turning.ALL.stream()
                    .map(turning -> new Lazy<>(() -> Lying.of(turning.of(drawn))))
                    .toList();
        }

        boolean isKnown() {
            return !exact.isEmpty();
        }

        List<Likeness> exactly() {
            return plainestFirst(exact);
        }

        private List<Likeness> plainestFirst(List<Found> all) {
            List<Likeness> found = new ArrayList<>();
            all.stream()
                    .sorted(Comparator.comparing(
                                    (Found one) -> !closesSo(one.likeness().measures()))
                            .thenComparing(one -> !one.likeness().isGlued())
                            .thenComparing(Found::turning)
                            .thenComparing(
                                    one -> one.likeness().measures().byId().size()))
                    .map(Found::likeness)
                    .filter(one -> found.stream().noneMatch(known -> known.structure()
                            .id()
                            .equals(one.structure().id())))
                    .forEach(found::add);
            return found;
        }

        private boolean closesSo(Measures measures) {
            return closed == null
                    || closed.equals(new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT)));
        }

        void lookFor(Kind kind) {
            fits = 0;
            for (int i = 0; i < turned.size(); i++) {
                Map<PieceSketch.Order, Cuts> cuts = turned.get(i).get().cuts();
                for (Kind.Probe probe : kind.probes()) {
                    for (List<Integer> order :
                            requireNonNull(cuts.get(probe.lines())).orders(probe.cuts())) {
                        if (tried(kind, probe, order, i)) {
                            return;
                        }
                    }
                }
            }
        }

        /** Whether it is exactly that, as drawn with its joins, or with its pieces alone. */
        private boolean tried(Kind kind, Kind.Probe probe, List<Integer> order, int turning) {
            Assembly lies = turned.get(turning).get().card();
            for (Sketch.Joins joins :
                    drawn.joins().isEmpty() ? List.of(Sketch.Joins.NONE) : List.of(Sketch.Joins.values())) {
                if (fits++ > MOST_FITS) {
                    return true;
                }
                Fitting fitting = new Fitting(kind, Sketch.of(lies, order, probe.lines(), joins), probe.lines(), joins);
                Optional<Measures> nearest = fitting.from(probe);
                if (nearest.isEmpty()) {
                    continue;
                }
                double[] off = fitting.off(nearest.get()).orElseThrow();
                if (Fitting.isSame(off, -1)) {
                    Optional<Likeness> likeness = likeness(kind, fitting, nearest.get(), lies, order, turning, -1);
                    likeness.ifPresent(one -> exact.add(new Found(one, turning)));
                    return likeness.isPresent();
                }
                if (tries.size() < MOST_TRIES) {
                    tries.add(new Try(kind, fitting, nearest.get(), order, turning));
                }
            }
            return false;
        }

        /** What the card is but for one figure. */
        List<Likeness> nearly() {
            return plainestFirst(tries.stream()
                    .flatMap(one -> suspects(one.fitting().off(one.nearest()).orElseThrow())
                            .flatMap(but -> nearly(one, but).stream())
                            .limit(1))
                    .toList());
        }

        private Optional<Found> nearly(Try one, int but) {
            return one.fitting()
                    .from(one.nearest(), but)
                    .filter(measures -> isNearly(one.fitting(), measures, but))
                    .flatMap(measures -> likeness(
                            one.kind(),
                            one.fitting(),
                            measures,
                            turned.get(one.turning()).get().card(),
                            one.order(),
                            one.turning(),
                            but))
                    .map(likeness -> new Found(likeness, one.turning()));
        }

        private static Stream<Integer> suspects(double[] off) {
            return IntStream.range(0, off.length)
                    .boxed()
                    .sorted(Comparator.comparingDouble(i -> -Math.abs(off[i])))
                    .limit(SUSPECTS);
        }

        private static boolean isNearly(Fitting fitting, Measures measures, int but) {
            double[] off = fitting.off(measures).orElseThrow();
            return Fitting.isSame(off, but) && Math.abs(off[but]) <= NEARLY.units();
        }

        private Optional<Likeness> likeness(
                Kind kind, Fitting fitting, Measures found, Assembly lies, List<Integer> order, int turning, int but) {
            return new Tidying(kind, fitting, closed, ruler, but)
                    .of(found)
                    .map(measures -> new Likeness(
                            kind.structure(),
                            measures,
                            fitting.isGlued(),
                            but < 0 ? null : fitting.deviation(measures, but),
                            panels(lies, kind.structure().assemble(measures), order),
                            Turning.ALL.get(turning).over()));
        }

        /** The structure's panel in which each drawn one lies. */
        private Map<PanelRef, PanelRef> panels(Assembly lies, Assembly made, List<Integer> order) {
            return IntStream.range(0, order.size())
                    .boxed()
                    .flatMap(piece -> panelsOf(lies, made, order.get(piece), piece).entrySet().stream())
                    .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
        }

        private static Map<PanelRef, PanelRef> panelsOf(Assembly lies, Assembly made, int drawnPiece, int madePiece) {
            Extent from = lies.pieces().get(drawnPiece).extent();
            Extent to = made.pieces().get(madePiece).extent();
            double across = to.left().minus(from.left()).millimetres();
            double up = to.foot().minus(from.foot()).millimetres();
            List<Panel> there = Panels.of(made.pieces().get(madePiece)).all();
            Map<PanelRef, PanelRef> same = new HashMap<>();
            for (Panel panel : Panels.of(lies.pieces().get(drawnPiece)).all()) {
                var inside = panel.shape().getInteriorPoint();
                var moved = inside.getFactory().createPoint(new Coordinate(inside.getX() + across, inside.getY() + up));
                there.stream()
                        .filter(other -> other.shape().contains(moved))
                        .findFirst()
                        .ifPresent(other -> same.put(
                                new PanelRef(drawnPiece, panel.name()), new PanelRef(madePiece, other.name())));
            }
            return same;
        }
    }
}
