package vantbreeze.core.fold.partial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.UnionFind;
import vantbreeze.core.fold.folding.Folding;

/**
 * A card of which only some joins are made. It has fewer loops than the card, so it moves more freely; what no join
 * holds lies by itself.
 */
public final class PartialAssembly {

    private final Folding whole;
    private final List<JoinId> joins;
    private final Set<JoinId> made;
    private final List<Part> parts;

    private PartialAssembly(Folding whole, Set<JoinId> made) {
        this.whole = whole;
        this.joins = JoinId.all(whole.graph().assembly());
        this.made = Collections.unmodifiableSet(new LinkedHashSet<>(made));
        if (!joins.containsAll(made)) {
            throw new IllegalArgumentException("a join that the card has not: " + made);
        }
        this.parts = together();
    }

    /**
     * A card with these joins made.
     *
     * @throws IllegalArgumentException when it has no such join
     */
    public static PartialAssembly of(Folding whole, Set<JoinId> made) {
        return new PartialAssembly(whole, made);
    }

    /** Every join of the card, in the order of its assembly. */
    public List<JoinId> joins() {
        return joins;
    }

    /** The joins that are made. */
    public Set<JoinId> made() {
        return made;
    }

    /** The same with one more join made. */
    public PartialAssembly with(JoinId join) {
        Set<JoinId> more = new LinkedHashSet<>(made);
        more.add(join);
        return of(whole, more);
    }

    /** The same with one join not made. */
    public PartialAssembly without(JoinId join) {
        Set<JoinId> fewer = new LinkedHashSet<>(made);
        fewer.remove(join);
        return of(whole, fewer);
    }

    /** What hangs together; the part with the card's first piece comes first. */
    public List<Part> parts() {
        return parts;
    }

    /** The part that a piece belongs to, counted as in the card's assembly. */
    public Part partOf(int piece) {
        return parts.stream()
                .filter(part -> part.pieces().contains(piece))
                .findFirst()
                .orElseThrow();
    }

    private List<Part> together() {
        Assembly assembly = whole.graph().assembly();
        UnionFind together = new UnionFind(assembly.pieces().size());
        for (int i = 0; i < joins.size(); i++) {
            if (made.contains(joins.get(i))) {
                together.unite(
                        assembly.joins().get(i).on().piece(),
                        assembly.joins().get(i).glued().piece());
            }
        }
        return together.groups().stream()
                .map(pieces -> new Part(whole, pieces, graph(assembly, pieces)))
                .toList();
    }

    private FoldGraph graph(Assembly assembly, List<Integer> pieces) {
        List<Join> within = new ArrayList<>();
        for (int i = 0; i < joins.size(); i++) {
            Join join = assembly.joins().get(i);
            if (made.contains(joins.get(i)) && pieces.contains(join.on().piece())) {
                within.add(join.between(moved(join.on(), pieces), moved(join.glued(), pieces)));
            }
        }
        List<Over> overs = assembly.overs().stream()
                .filter(over -> pieces.contains(over.above().piece())
                        && pieces.contains(over.below().piece()))
                .map(over -> new Over(moved(over.above(), pieces), moved(over.below(), pieces)))
                .toList();
        boolean first = pieces.get(0) == 0;
        return FoldGraph.of(new Assembly(
                pieces.stream().map(assembly.pieces()::get).toList(),
                within,
                overs,
                first ? assembly.eighthTurns() : 0,
                Optional.ofNullable(assembly.base()).filter(base -> first).orElse(null)));
    }

    private static PanelRef moved(PanelRef ref, List<Integer> pieces) {
        return new PanelRef(pieces.indexOf(ref.piece()), ref.panel());
    }
}
