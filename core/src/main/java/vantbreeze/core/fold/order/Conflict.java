package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Finds facets that contradict one another, none of them for nothing: facets are left out of one set of rules, half of
 * them at a time (QuickXplain, Junker 2004). Since most contradictions are of panels near to one another, those near
 * each panel are looked at first.
 */
final class Conflict {

    /** How many creases, bends and joins away is near. */
    private static final int[] NEAR = {2, 4};

    private final Pairs pairs;
    private final Budget budget;
    private final boolean[] guess;
    /** The facts and relations of which each variable is the first. */
    private final List<List<int[]>> rulesOf;

    private final BitSet[] neighbours;

    Conflict(FlatLayout layout, Pairs pairs, Rules rules, boolean[] guess, Budget budget) {
        this.pairs = pairs;
        this.budget = budget;
        this.guess = guess;
        this.rulesOf = Stream.generate(() -> (List<int[]>) new ArrayList<int[]>())
                .limit(pairs.count())
                .toList();
        rules.facts().forEach(fact -> rulesOf.get(fact >> 1).add(new int[] {fact}));
        rules.relations().forEach(rule -> rulesOf.get(rule[0] >> 1).add(rule));
        this.neighbours = IntStream.range(0, layout.facets().size())
                .mapToObj(facet -> new BitSet())
                .toArray(BitSet[]::new);
        layout.creases().forEach(crease -> beside(crease.below(), crease.above()));
        layout.bends().forEach(bend -> beside(bend.left(), bend.right()));
        layout.joins().forEach(join -> beside(join.below(), join.above()));
    }

    private void beside(int one, int other) {
        neighbours[one].set(other);
        neighbours[other].set(one);
    }

    /** The facets; empty when there is no contradiction, or none was found with what might be spent. */
    BitSet facets() {
        BitSet all = new BitSet();
        all.set(0, neighbours.length);
        if (!isImpossible(all)) {
            return new BitSet();
        }
        for (int far : NEAR) {
            for (int facet = 0; facet < neighbours.length; facet++) {
                BitSet near = near(facet, far);
                if (isImpossible(near)) {
                    return least(new BitSet(), false, near);
                }
            }
        }
        return least(new BitSet(), false, all);
    }

    private BitSet near(int facet, int far) {
        BitSet near = new BitSet();
        near.set(facet);
        for (int step = 0; step < far; step++) {
            BitSet further = (BitSet) near.clone();
            near.stream().forEach(one -> further.or(neighbours[one]));
            near = further;
        }
        return near;
    }

    /**
     * The fewest of {@code among} that contradict one another together with {@code kept}.
     *
     * @param added whether anything was added to {@code kept} since it was known to be possible
     */
    private BitSet least(BitSet kept, boolean added, BitSet among) {
        if (added && isImpossible(kept)) {
            return new BitSet();
        }
        if (among.cardinality() == 1) {
            return among;
        }
        int middle = among.stream().skip(among.cardinality() / 2).findFirst().orElseThrow();
        BitSet first = (BitSet) among.clone();
        first.clear(middle, among.length());
        BitSet second = (BitSet) among.clone();
        second.clear(0, middle);
        BitSet ofSecond = least(both(kept, first), true, second);
        BitSet ofFirst = least(both(kept, ofSecond), !ofSecond.isEmpty(), first);
        return both(ofFirst, ofSecond);
    }

    private static BitSet both(BitSet one, BitSet other) {
        BitSet both = (BitSet) one.clone();
        both.or(other);
        return both;
    }

    /**
     * Whether the rules among these facets alone contradict one another: a rule is about the facets of its variables.
     */
    private boolean isImpossible(BitSet facets) {
        int[] members = facets.stream().toArray();
        int[] number = new int[pairs.count()];
        Arrays.fill(number, -1);
        List<Integer> variables = new ArrayList<>();
        for (int i = 0; i < members.length; i++) {
            for (int j = i + 1; j < members.length; j++) {
                if (pairs.overlap(members[i], members[j])) {
                    int variable = pairs.below(members[i], members[j]) >> 1;
                    number[variable] = variables.size();
                    variables.add(variable);
                }
            }
        }
        Rules among = new Rules(new ArrayList<>(), new ArrayList<>());
        for (int variable : variables) {
            for (int[] rule : rulesOf.get(variable)) {
                int[] renumbered = renumbered(rule, number);
                if (renumbered != null && rule.length == 1) {
                    among.facts().add(renumbered[0]);
                } else if (renumbered != null) {
                    among.relations().add(renumbered);
                }
            }
        }
        budget.spend(variables.size() + among.relations().size());
        boolean[] phase = new boolean[variables.size()];
        for (int v = 0; v < phase.length; v++) {
            phase[v] = guess[variables.get(v)];
        }
        return new Search(among, phase, budget).outcome(values -> true) == Search.Outcome.IMPOSSIBLE;
    }

    private static int @Nullable [] renumbered(int[] rule, int[] number) {
        int[] renumbered = new int[rule.length];
        for (int i = 0; i < rule.length; i++) {
            int variable = number[rule[i] >> 1];
            if (variable < 0) {
                return null;
            }
            renumbered[i] = 2 * variable + (rule[i] & 1);
        }
        return renumbered;
    }
}
