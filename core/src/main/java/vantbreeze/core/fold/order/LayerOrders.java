package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Pose;

/** The orders in which the panels of a card can lie in a flat pose: one, all, how many; or why there is none. */
public final class LayerOrders {

    /** What is spent on one card before its order is left undecided: about a second's work. */
    public static final long THOROUGH = 20_000_000;

    /** What is spent on it while a line is dragged: about two milliseconds' work. */
    public static final long GLIMPSE = 60_000;

    /** What it takes to find the rules of three facets. */
    private static final int STEPS_BEFORE = 4;

    /** What is spent on finding or counting all orders. */
    private static final long ALL = 4_000_000_000L;

    private final FlatLayout layout;
    private final Lazy<Pairs> pairs;
    private final Lazy<Rules> rules;

    private LayerOrders(FlatLayout layout) {
        this.layout = layout;
        this.pairs = new Lazy<>(() -> new Pairs(layout.facets()));
        this.rules = new Lazy<>(() -> Rules.of(layout, pairs.get()));
    }

    /** The orders of {@code graph} folded flat, every crease as it is assigned. */
    public static LayerOrders of(FoldGraph graph) {
        return of(graph, Pose.closed());
    }

    /**
     * The orders of {@code graph} in {@code pose}, in which every crease is open or folded flat.
     *
     * @throws IllegalArgumentException when a crease stands in between
     */
    public static LayerOrders of(FoldGraph graph, Pose pose) {
        return of(FoldedForm.of(graph, pose), pose);
    }

    /**
     * The orders in a flat pose whose form is known already.
     *
     * @throws IllegalArgumentException when a crease stands in between
     */
    public static LayerOrders of(FoldedForm form, Pose pose) {
        form.graph().hinges().forEach(link -> {
            double degrees = Math.abs(pose.degreesAt(link));
            if (degrees != 0 && degrees != 180) {
                throw new IllegalArgumentException(
                        "A crease at %s° is neither open nor folded flat.".formatted(degrees));
            }
        });
        return new LayerOrders(FlatLayout.of(form.graph(), form, pose));
    }

    /** One order, if one is found. */
    public Optional<LayerOrder> first() {
        Ordering ordering = decide(THOROUGH);
        return ordering.verdict() == Ordering.Verdict.FOUND ? Optional.of(ordering.order()) : Optional.empty();
    }

    /**
     * Whether the panels can lie on one another.
     *
     * @param most what may be spent on it: rules and clauses looked at
     */
    public Ordering decide(long most) {
        int[] guess = Stacking.places(layout);
        if (Stacking.isRight(layout, guess)) {
            return Ordering.found(LayerOrder.stacked(layout, guess));
        }
        long facets = layout.facets().size();
        Budget budget = new Budget(most);
        // three of all facets at a time are looked at before the search can begin
        budget.spend(facets * (facets - 1) * (facets - 2) * STEPS_BEFORE / 6);
        if (budget.isSpent()) {
            return Ordering.notDecided(LayerOrder.stacked(layout, guess));
        }
        List<LayerOrder> found = new ArrayList<>();
        Search search = new Search(rules.get(), guessed(guess), budget);
        Search.Outcome outcome = search.outcome(values -> found.add(LayerOrder.of(layout, pairs.get(), values)));
        return switch (outcome) {
            case POSSIBLE -> Ordering.found(found.get(0));
            case IMPOSSIBLE -> Ordering.impossible();
            case NOT_DECIDED -> Ordering.notDecided(LayerOrder.stacked(layout, guess));
        };
    }

    /** The orders, {@code most} at the most. */
    public List<LayerOrder> all(int most) {
        List<LayerOrder> found = new ArrayList<>();
        search(new Budget(ALL)).solutions(most, values -> {
            found.add(LayerOrder.of(layout, pairs.get(), values));
            return true;
        });
        return found;
    }

    /**
     * How many orders there are. Parts of the card that do not touch one another are counted apart and multiplied.
     *
     * @param most where counting a part stops
     * @throws ArithmeticException when there are more than a long holds
     */
    public long count(long most) {
        Budget budget = new Budget(ALL);
        Search whole = search(budget);
        List<List<Integer>> groups = whole.groups();
        if (whole.outcome(values -> true) != Search.Outcome.POSSIBLE) {
            return 0;
        }
        long count = 1;
        for (List<Integer> group : groups) {
            Search search = search(budget);
            search.within(group);
            count = Math.multiplyExact(count, search.solutions(most, values -> true));
        }
        return count;
    }

    private Search search(Budget budget) {
        return new Search(rules.get(), guessed(Stacking.places(layout)), budget);
    }

    /** For each pair whether the first lies below the second when the facets are stacked so. */
    private boolean[] guessed(int[] places) {
        boolean[] guess = new boolean[pairs.get().count()];
        for (int v = 0; v < guess.length; v++) {
            guess[v] = places[pairs.get().pair(v)[0]] < places[pairs.get().pair(v)[1]];
        }
        return guess;
    }

    /**
     * Panels that can't all lie as they are folded, though any of them left out would let the rest lie; empty when
     * there is an order. Where that takes too long there may be more of them than need be; empty when it can't even be
     * told that there is no order.
     */
    public Set<Integer> conflict() {
        return new Conflict(layout, pairs.get(), rules.get(), guessed(Stacking.places(layout)), new Budget(THOROUGH))
                .facets().stream()
                        .boxed()
                        .flatMap(facet -> layout.facets().get(facet).panels().stream())
                        .collect(Collectors.toCollection(TreeSet::new));
    }

    /** The conflict as a maker would say it; empty when there is none. */
    public Optional<String> conflictInWords() {
        Set<Integer> conflict = conflict();
        if (conflict.isEmpty()) {
            return Optional.empty();
        }
        String names =
                String.join(", ", conflict.stream().map(layout.graph()::name).toList());
        return Optional.of(("These panels can't all fold as they are scored, one would have to pass through another: "
                        + "%s. Turn one of their folds the other way.")
                .formatted(names));
    }
}
