package vantbreeze.core.layer;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.bulk.Added;

/**
 * All layers of a card where they lie.
 *
 * @param all face by face as they were chosen, from below
 * @param raised embellishments as they add to the closed stack
 * @param troubles what is amiss
 */
public record Layers(List<Layer> all, List<Added> raised, List<Trouble> troubles) {

    /** None. */
    public static final Layers NONE = new Layers(List.of(), List.of(), List.of());

    public Layers {
        all = List.copyOf(all);
        raised = List.copyOf(raised);
        troubles = List.copyOf(troubles);
    }

    /** All that they add to the closed stack. */
    public List<Added> added() {
        return Stream.concat(all.stream().map(Layer::added), raised.stream()).toList();
    }

    /** The same, each stack as one as large as its lowest layer: fewer outlines to lay over one another. */
    public List<Added> roughly() {
        Map<List<Object>, Added> stacks = new LinkedHashMap<>();
        for (Layer layer : all) {
            Added one = layer.added();
            stacks.merge(
                    List.of(layer.face(), layer.part()),
                    one,
                    (lower, upper) -> new Added(
                            lower.name(),
                            lower.panel(),
                            lower.side(),
                            lower.shape(),
                            lower.height().plus(upper.height()),
                            lower.grams() + upper.grams()));
        }
        return Stream.concat(stacks.values().stream(), raised.stream()).toList();
    }

    /** Those of a face, from below. */
    public List<Layer> on(Face face) {
        return all.stream().filter(layer -> layer.face().equals(face)).toList();
    }

    /** Faces on which anything lies. */
    public Set<Face> faces() {
        return all.stream().map(Layer::face).collect(Collectors.toSet());
    }

    /** What was dressed and is not there any more. */
    public List<Dressed> aside() {
        return troubles.stream()
                .filter(Trouble.Aside.class::isInstance)
                .map(trouble -> ((Trouble.Aside) trouble).dressed())
                .toList();
    }
}
