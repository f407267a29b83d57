package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.plane.Flat;

/**
 * What must hold among the variables of {@link Pairs}. A literal is twice a variable, plus one for its negation.
 *
 * @param facts literals that are true: folds whose direction is known, joins, and what is laid by hand
 * @param relations among literals, told apart by how many there are. Two are equal: facet C is not between A and A′
 *     whose crease or glue it crosses (taco–tortilla), so it lies below both or above both; the same for the two sides
 *     of a bend. Three are below(i,j), below(j,k), below(i,k) of facets with some area in common (transitivity). Of
 *     four an even number is true: two creases on one line with their paper on one side do not interleave (taco–taco)
 */
record Rules(List<Integer> facts, List<int[]> relations) {

    /** All rules of {@code layout}. */
    static Rules of(FlatLayout layout, Pairs pairs) {
        Rules rules = new Rules(new ArrayList<>(), new ArrayList<>());
        List<FlatCrease> creases = layout.creases().stream()
                // where its loops do not close, a crease may have its sides drawn apart: that is another finding's to
                // say
                .filter(crease -> pairs.overlap(crease.below(), crease.above()))
                .toList();
        for (FlatCrease crease : creases) {
            if (crease.known()) {
                rules.facts.add(pairs.below(crease.below(), crease.above()));
            }
            rules.crossings(layout, pairs, crease.below(), crease.above(), crease.from(), crease.to());
        }
        for (int[] laid : layout.laid()) {
            if (pairs.overlap(laid[0], laid[1])) {
                rules.facts.add(pairs.below(laid[0], laid[1]));
            }
        }
        rules.bends(layout, pairs, creases);
        rules.tacos(creases, pairs);
        rules.joins(layout, pairs);
        rules.transitivity(layout, pairs);
        return rules;
    }

    /** No facet that the line between two crosses lies between them. */
    private void crossings(FlatLayout layout, Pairs pairs, int one, int other, Coordinate from, Coordinate to) {
        for (Facet facet : layout.facets()) {
            int index = facet.index();
            if (index != one
                    && index != other
                    && pairs.overlap(index, one)
                    && pairs.overlap(index, other)
                    && facet.isCrossedBy(from, to)) {
                notBetween(pairs, index, one, other);
            }
        }
    }

    private void notBetween(Pairs pairs, int facet, int a, int b) {
        relations.add(new int[] {pairs.below(facet, a), pairs.below(facet, b)});
    }

    /**
     * A facet that lies across a bend lies above both its sides or below both; so does one sheet that bends along
     * another's bend (tortilla–tortilla); and a sheet does not go between two facets that are folded there
     * (taco–tortilla).
     */
    private void bends(FlatLayout layout, Pairs pairs, List<FlatCrease> creases) {
        List<FlatLayout.FlatBend> bends = layout.bends();
        for (int i = 0; i < bends.size(); i++) {
            FlatLayout.FlatBend bend = bends.get(i);
            crossings(layout, pairs, bend.left(), bend.right(), bend.from(), bend.to());
            for (FlatLayout.FlatBend other : bends.subList(i + 1, bends.size())) {
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
            relations.add(new int[] {pairs.below(bend.left(), left), pairs.below(bend.right(), right)});
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
            relations.add(new int[] {pairs.below(a, c), pairs.below(b, c), pairs.below(a, d), pairs.below(b, d)});
        }
    }

    private void joins(FlatLayout layout, Pairs pairs) {
        for (FlatLayout.FlatJoin join : layout.joins()) {
            if (!pairs.overlap(join.below(), join.above())) {
                continue;
            }
            facts.add(pairs.below(join.below(), join.above()));
            for (Facet facet : layout.facets()) {
                if (facet.index() != join.below()
                        && facet.index() != join.above()
                        // of what meets the glue by a sliver only, nothing is known
                        && pairs.overlap(facet.index(), join.below())
                        && pairs.overlap(facet.index(), join.above())
                        && Flat.overlap(join.glue(), facet.shape())) {
                    notBetween(pairs, facet.index(), join.below(), join.above());
                }
            }
        }
    }

    private void transitivity(FlatLayout layout, Pairs pairs) {
        int count = layout.facets().size();
        for (int variable = 0; variable < pairs.count(); variable++) {
            int i = pairs.pair(variable)[0];
            int j = pairs.pair(variable)[1];
            for (int k = j + 1; k < count; k++) {
                if (pairs.overlap(i, k)
                        && pairs.overlap(j, k)
                        && pairs.meets(variable, layout.facets().get(k).shape())) {
                    relations.add(new int[] {pairs.below(i, j), pairs.below(j, k), pairs.below(i, k)});
                }
            }
        }
    }
}
