package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import vantbreeze.core.fold.plane.Flat;

/**
 * What must hold among the variables of {@link Pairs}. A literal is twice a variable, plus one for its negation.
 *
 * @param facts literals that are true: folds whose direction is known, joins, and what is laid by hand
 * @param equals pairs of literals that are equal: facet C is not between A and A′ whose crease or glue it crosses
 *     (taco–tortilla), so it lies below both or above both; the same for the two sides of a bend
 * @param evens four literals of which an even number is true: two creases on one line with their paper on one side do
 *     not interleave (taco–taco)
 * @param triples below(i,j), below(j,k), below(i,k) of three facets with some area in common (transitivity)
 */
record Rules(List<Integer> facts, List<int[]> equals, List<int[]> evens, List<int[]> triples) {

    /** All rules of {@code layout} among the facets that are in {@code kept}. */
    static Rules of(FlatLayout layout, Pairs pairs, Set<Integer> kept) {
        Rules rules = new Rules(new ArrayList<>(), new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        List<FlatCrease> creases = layout.creases().stream()
                // where its loops do not close, a crease may have its sides drawn apart: that is another finding's to
                // say
                .filter(crease -> kept.contains(crease.below())
                        && kept.contains(crease.above())
                        && pairs.overlap(crease.below(), crease.above()))
                .toList();
        for (FlatCrease crease : creases) {
            if (crease.known()) {
                rules.facts.add(pairs.below(crease.below(), crease.above()));
            }
            for (int facet : kept) {
                if (facet != crease.below()
                        && facet != crease.above()
                        && pairs.overlap(facet, crease.below())
                        && pairs.overlap(facet, crease.above())
                        && layout.facets().get(facet).isCrossedBy(crease.from(), crease.to())) {
                    rules.notBetween(pairs, facet, crease.below(), crease.above());
                }
            }
        }
        for (int[] laid : layout.laid()) {
            if (kept.contains(laid[0]) && kept.contains(laid[1]) && pairs.overlap(laid[0], laid[1])) {
                rules.facts.add(pairs.below(laid[0], laid[1]));
            }
        }
        rules.bends(layout, pairs, kept, creases);
        rules.tacos(creases, pairs);
        rules.joins(layout, pairs, kept);
        rules.transitivity(layout, pairs, kept);
        return rules;
    }

    private void notBetween(Pairs pairs, int facet, int a, int b) {
        equals.add(new int[] {pairs.below(facet, a), pairs.below(facet, b)});
    }

    /**
     * A facet that lies across a bend lies above both its sides or below both; so does one sheet that bends along
     * another's bend (tortilla–tortilla); and a sheet does not go between two facets that are folded there
     * (taco–tortilla).
     */
    private void bends(FlatLayout layout, Pairs pairs, Set<Integer> kept, List<FlatCrease> creases) {
        List<FlatLayout.FlatBend> bends = layout.bends().stream()
                .filter(bend -> kept.contains(bend.left()) && kept.contains(bend.right()))
                .toList();
        for (FlatLayout.FlatBend bend : bends) {
            for (int facet : kept) {
                if (facet != bend.left()
                        && facet != bend.right()
                        && pairs.overlap(facet, bend.left())
                        && pairs.overlap(facet, bend.right())
                        && layout.facets().get(facet).isCrossedBy(bend.from(), bend.to())) {
                    notBetween(pairs, facet, bend.left(), bend.right());
                }
            }
            for (FlatLayout.FlatBend other : bends.subList(bends.indexOf(bend) + 1, bends.size())) {
                int along = FlatCrease.alongside(bend.from(), bend.to(), other.from(), other.to());
                if (along != 0) {
                    sameWay(
                            pairs,
                            bend,
                            along > 0 ? other.left() : other.right(),
                            along > 0 ? other.right() : other.left());
                }
            }
            for (FlatCrease crease : creases) {
                int along = FlatCrease.alongside(bend.from(), bend.to(), crease.from(), crease.to());
                int beside = along > 0 ? bend.left() : bend.right();
                if (along != 0
                        && beside != crease.below()
                        && beside != crease.above()
                        && pairs.overlap(beside, crease.below())
                        && pairs.overlap(beside, crease.above())) {
                    notBetween(pairs, beside, crease.below(), crease.above());
                }
            }
        }
    }

    private void sameWay(Pairs pairs, FlatLayout.FlatBend bend, int left, int right) {
        if (bend.left() != left
                && bend.right() != right
                && pairs.overlap(bend.left(), left)
                && pairs.overlap(bend.right(), right)) {
            equals.add(new int[] {pairs.below(bend.left(), left), pairs.below(bend.right(), right)});
        }
    }

    private void tacos(List<FlatCrease> creases, Pairs pairs) {
        for (int i = 0; i < creases.size(); i++) {
            FlatCrease one = creases.get(i);
            for (int j = i + 1; j < creases.size(); j++) {
                FlatCrease other = creases.get(j);
                if (one.liesAlong(other)) {
                    taco(one, other, pairs);
                }
            }
        }
    }

    private void taco(FlatCrease one, FlatCrease other, Pairs pairs) {
        int a = one.below();
        int b = one.above();
        int c = other.below();
        int d = other.above();
        if (a == c || a == d || b == c || b == d) {
            // creases of one facet on one line: the others are told apart by transitivity alone
            return;
        }
        if (pairs.overlap(a, c) && pairs.overlap(a, d) && pairs.overlap(b, c) && pairs.overlap(b, d)) {
            evens.add(new int[] {pairs.below(a, c), pairs.below(b, c), pairs.below(a, d), pairs.below(b, d)});
        }
    }

    private void joins(FlatLayout layout, Pairs pairs, Set<Integer> kept) {
        for (FlatLayout.FlatJoin join : layout.joins()) {
            if (!kept.contains(join.below())
                    || !kept.contains(join.above())
                    || !pairs.overlap(join.below(), join.above())) {
                continue;
            }
            int glued = pairs.below(join.below(), join.above());
            facts.add(glued);
            for (int facet : kept) {
                if (facet != join.below()
                        && facet != join.above()
                        && Flat.overlap(join.glue(), layout.facets().get(facet).shape())) {
                    notBetween(pairs, facet, join.below(), join.above());
                }
            }
        }
    }

    private void transitivity(FlatLayout layout, Pairs pairs, Set<Integer> kept) {
        int count = layout.facets().size();
        for (int variable = 0; variable < pairs.count(); variable++) {
            int i = pairs.pair(variable)[0];
            int j = pairs.pair(variable)[1];
            if (!kept.contains(i) || !kept.contains(j)) {
                continue;
            }
            for (int k = j + 1; k < count; k++) {
                if (kept.contains(k)
                        && pairs.overlap(i, k)
                        && pairs.overlap(j, k)
                        && Flat.overlap(
                                pairs.common(variable), layout.facets().get(k).shape())) {
                    triples.add(new int[] {pairs.below(i, j), pairs.below(j, k), pairs.below(i, k)});
                }
            }
        }
    }
}
