package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;

/** The orders in which the panels of a card can lie in a flat pose: one, all, how many; or why there is none. */
public final class LayerOrders {

    private final FlatLayout layout;

    private LayerOrders(FlatLayout layout) {
        this.layout = layout;
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

    /** One order, if there is any. */
    public Optional<LayerOrder> first() {
        int[] places = Stacking.placesIfRight(layout);
        return places != null
                ? Optional.of(LayerOrder.stacked(layout, places))
                : all(1).stream().findFirst();
    }

    /** The orders, {@code most} at the most. */
    public List<LayerOrder> all(int most) {
        Pairs pairs = new Pairs(layout.facets());
        List<LayerOrder> found = new ArrayList<>();
        new Search(pairs.count(), Rules.of(layout, pairs, everyFacet())).solutions(most, values -> {
            found.add(LayerOrder.of(layout, pairs, values));
            return true;
        });
        return found;
    }

    /**
     * How many orders there are. Parts of the card that do not touch one another are counted apart and multiplied.
     *
     * @param most where counting a part stops
     */
    public long count(long most) {
        Pairs pairs = new Pairs(layout.facets());
        Search search = new Search(pairs.count(), Rules.of(layout, pairs, everyFacet()));
        if (!search.isPossible()) {
            return 0;
        }
        long count = 1;
        for (List<Integer> group : search.groups()) {
            count = Math.multiplyExact(count, search.count(group, most));
        }
        return count;
    }

    /**
     * Panels that can't all lie as they are folded, though any of them left out would let the rest lie; empty when
     * there is an order.
     */
    public Set<Integer> conflict() {
        Pairs pairs = new Pairs(layout.facets());
        Set<Integer> kept = everyFacet();
        if (new Search(pairs.count(), Rules.of(layout, pairs, kept)).isPossible()) {
            return Set.of();
        }
        for (Facet facet : layout.facets()) {
            kept.remove(facet.index());
            if (new Search(pairs.count(), Rules.of(layout, pairs, kept)).isPossible()) {
                kept.add(facet.index());
            }
        }
        return kept.stream()
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

    private Set<Integer> everyFacet() {
        return IntStream.range(0, layout.facets().size()).boxed().collect(Collectors.toCollection(TreeSet::new));
    }
}
