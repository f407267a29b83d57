package vantbreeze.core.recognition;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** A structure with all that is chosen about it. */
final class Kind {

    /** Cards of these sizes show how lines lie to one another. Invented. */
    private static final List<Size> SIZES =
            List.of(Size.ofMillimetres(160, 120), Size.ofMillimetres(120, 160), Size.ofMillimetres(220, 210));

    /** More variants than any structure has; of one with more, the rest are not recognised. */
    private static final int MOST_VARIANTS = 400;

    /** How many cards of a kind are made to see in which orders its lines can lie. */
    private static final int MADE = 48;
    /** How many cards are kept of those whose lines lie in one order. */
    private static final int ALIKE = 2;

    private static final Length FARTHEST = Length.ofMillimetres(400);

    private final Structure structure;
    private final Map<String, String> choices;
    private final Bends bends;
    private final Set<String> tallies;
    private final Lazy<List<Probe>> probes;

    /** Lines along which paper only bends: nobody scores them, so few who write a card down tell them. */
    enum Bends {
        DRAWN,
        UNTOLD
    }

    /**
     * A card of a kind, with all measures said but those that make lines come and go.
     *
     * @param lines in which order its lines are told
     * @param cuts its pieces
     * @param tangents how its figures go with its measures, by what of its joins is looked at
     */
    record Probe(
            Measures measures, PieceSketch.Order lines, Cuts cuts, Map<Sketch.Joins, Lazy<Fitting.Tangent>> tangents) {

        Fitting.Tangent tangent(Sketch.Joins joins) {
            return requireNonNull(tangents.get(joins)).get();
        }
    }

    private Kind(Structure structure, Measures chosen, Bends bends) {
        this.structure = structure;
        this.bends = bends;
        this.choices = chosen.choices();
        this.probes = new Lazy<>(this::made);
        Set<String> seen = new HashSet<>();
        Measures usual = assembled(chosen).isPresent() ? chosen : proportioned(SIZES.get(0), Ruler.MM_HALF);
        assembled(usual).ifPresent(made -> seen.add(tally(made)));
        for (Parameter parameter : structure.asked(usual)) {
            if (parameter.follows()) {
                Length less = structure.measure(parameter.id(), usual).times(3).dividedBy(4);
                assembled(usual.with(parameter.id(), less)).ifPresent(made -> seen.add(tally(made)));
            }
        }
        this.tallies = Set.copyOf(seen);
    }

    /** Every way to choose about a structure. */
    static List<Kind> of(Structure structure) {
        List<Measures> chosen = new ArrayList<>(List.of(structure.proportioned(SIZES.get(0), Ruler.MM_HALF)));
        for (Choice choice : structure.choices()) {
            List<Measures> more = new ArrayList<>();
            for (Measures measures : chosen) {
                for (Choice.Alternative alternative : choice.alternatives()) {
                    if (more.size() < MOST_VARIANTS) {
                        more.add(measures.choosing(choice.id(), alternative.id()));
                    }
                }
            }
            chosen = more;
        }
        return chosen.stream()
                .flatMap(measures -> {
                    Kind drawn = new Kind(structure, measures, Bends.DRAWN);
                    return drawn.bendsSomewhere()
                            ? Stream.of(drawn, new Kind(structure, measures, Bends.UNTOLD))
                            : Stream.of(drawn);
                })
                .toList();
    }

    private boolean bendsSomewhere() {
        return assembled(proportioned(SIZES.get(0), Ruler.MM_HALF)).stream()
                .flatMap(card -> card.pieces().stream())
                .flatMap(piece -> piece.creases().stream())
                .anyMatch(crease -> crease.fold() == Fold.BEND);
    }

    Structure structure() {
        return structure;
    }

    /** Whether its pieces can have as many lines of each kind as these. */
    boolean has(String tally) {
        return tallies.contains(tally);
    }

    /** How many lines of each kind the pieces of a card have, however they lie and in whichever order. */
    static String tally(Assembly assembly) {
        return assembly.pieces().stream()
                .map(piece -> PieceSketch.of(piece, PieceSketch.Order.ACROSS).tally())
                .sorted()
                .collect(Collectors.joining(" "));
    }

    /** Cards of this kind whose lines lie in different orders: the usual one first; always the same. */
    List<Probe> probes() {
        return probes.get();
    }

    private List<Probe> made() {
        Random random = new Random(7);
        List<Measures> made = IntStream.range(0, MADE)
                .mapToObj(i -> moved(said(proportioned(SIZES.get(i % SIZES.size()), Ruler.MM_HALF)), i, random))
                .toList();
        return Arrays.stream(PieceSketch.Order.values())
                .flatMap(order -> distinct(made, order).stream())
                .toList();
    }

    private List<Probe> distinct(List<Measures> made, PieceSketch.Order order) {
        Map<List<String>, Integer> seen = new HashMap<>();
        List<Probe> distinct = new ArrayList<>();
        for (Measures measures : made) {
            Optional<Cuts> cuts = assembled(measures).map(one -> Cuts.of(one, order));
            if (cuts.isPresent() && seen.merge(cuts.get().patterns(), 1, Integer::sum) <= ALIKE) {
                distinct.add(probe(settled(measures, cuts.get().patterns(), order), cuts.get(), order));
            }
        }
        return distinct;
    }

    private Probe probe(Measures measures, Cuts cuts, PieceSketch.Order lines) {
        List<Integer> order = IntStream.range(0, cuts.patterns().size()).boxed().toList();
        return new Probe(
                measures,
                lines,
                cuts,
                Arrays.stream(Sketch.Joins.values())
                        .collect(Collectors.toMap(
                                joins -> joins,
                                joins -> new Lazy<>(() -> new Fitting(
                                                this,
                                                Sketch.of(assembled(measures).orElseThrow(), order, lines, joins),
                                                lines,
                                                joins)
                                        .tangent(measures)))));
    }

    private Measures moved(Measures usual, int which, Random random) {
        Measures measures = usual;
        List<Parameter> asked = structure.asked(measures);
        int moves = which < SIZES.size() ? 0 : 1 + random.nextInt(2 * asked.size());
        for (int move = 0; move < moves; move++) {
            Parameter parameter = asked.get(random.nextInt(asked.size()));
            measures = measures.with(parameter.id(), within(parameter, measures, random));
        }
        return measures;
    }

    private Length within(Parameter parameter, Measures measures, Random random) {
        Limits limits = structure.limits(parameter.id(), measures);
        Length most = limits.most().min(FARTHEST);
        if (!most.isLongerThan(limits.least())) {
            return limits.least();
        }
        long room = most.minus(limits.least()).units();
        return limits.least().plus(Length.ofUnits((long) (random.nextDouble() * room)));
    }

    /** Those that follow and make lines come or go when they are a little more or less are left to follow. */
    private Measures settled(Measures said, List<String> patterns, PieceSketch.Order order) {
        Measures settled = said;
        for (Parameter parameter : structure.asked(said)) {
            Length length = said.get(parameter.id());
            boolean breaks = parameter.follows()
                    && IntStream.of(1, -1)
                            .mapToObj(way -> said.with(parameter.id(), length.plus(Fitting.NUDGE.times(way))))
                            .noneMatch(nudged -> assembled(nudged)
                                    .map(one -> patterns(one, order))
                                    .filter(patterns::equals)
                                    .isPresent());
            Measures without = settled.without(parameter.id());
            boolean isUsual = breaks
                    && assembled(without)
                            .map(one -> patterns(one, order))
                            .filter(patterns::equals)
                            .isPresent();
            settled = isUsual ? without : settled;
        }
        return settled;
    }

    static List<String> patterns(Assembly assembly, PieceSketch.Order order) {
        return assembly.pieces().stream()
                .map(piece -> PieceSketch.of(piece, order).pattern())
                .toList();
    }

    /** The usual measures of a card of that size with the same things chosen. */
    Measures proportioned(Size finished, Ruler ruler) {
        Measures measures = structure.proportioned(finished, ruler);
        for (var chosen : choices.entrySet()) {
            measures = structure.rechosen(measures, chosen.getKey(), chosen.getValue(), ruler);
        }
        return measures;
    }

    /** Every measure said, exact. */
    private Measures said(Measures measures) {
        Measures said = new Measures(measures.byId(), measures.choices());
        for (Parameter parameter : structure.asked(measures)) {
            said = said.with(parameter.id(), structure.measure(parameter.id(), said));
        }
        return said;
    }

    /** The card with these measures; none where it can't be made. */
    Optional<Assembly> assembled(Measures measures) {
        try {
            Assembly card = structure.assemble(measures);
            Assembly made = bends == Bends.UNTOLD ? Unbent.of(card) : card;
            boolean isPaper = made.pieces().stream()
                    .map(Piece::cutSize)
                    .allMatch(size -> size.width().isPositive() && size.height().isPositive());
            return isPaper ? Optional.of(made) : Optional.empty();
        } catch (IllegalArgumentException cantBeMade) {
            return Optional.empty();
        }
    }
}
