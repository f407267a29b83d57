package vantbreeze.core.fold.order;

import java.util.BitSet;
import java.util.IdentityHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Which facets a contradiction comes of: those of every rule that was resolved on the way to it. A rule is among the
 * facets of its variables; a learnt clause carries those of all that it was learnt from.
 */
class Blame {

    /** Nobody asks. */
    static final Blame NONE = new Blame();

    private Blame() {}

    void begin() {}

    void add(int[] ruleOrClause) {}

    void addFact(int variable) {}

    void learnt(int[] clause) {}

    /** Says by what a variable became known at level 0. */
    void fact(int variable, int @Nullable [] by) {}

    /** The facets of what was added since it was begun. */
    BitSet facets() {
        return new BitSet();
    }

    /** Keeps account of them. */
    static Blame among(Pairs pairs) {
        return new Kept(pairs);
    }

    private static final class Kept extends Blame {

        private final Pairs pairs;
        private final BitSet[] facts;

        @SuppressWarnings("IdentityHashMapUsage") // clauses are told apart by being themselves
        private final Map<int[], BitSet> clauses = new IdentityHashMap<>();

        private BitSet now = new BitSet();

        Kept(Pairs pairs) {
            this.pairs = pairs;
            this.facts = new BitSet[pairs.count()];
        }

        @Override
        void begin() {
            now = new BitSet();
        }

        @Override
        void add(int[] ruleOrClause) {
            BitSet known = clauses.get(ruleOrClause);
            if (known != null) {
                now.or(known);
                return;
            }
            for (int literal : ruleOrClause) {
                now.set(pairs.pair(literal >> 1)[0]);
                now.set(pairs.pair(literal >> 1)[1]);
            }
        }

        @Override
        void addFact(int variable) {
            now.or(facts[variable]);
        }

        @Override
        void learnt(int[] clause) {
            clauses.put(clause, now);
        }

        @Override
        void fact(int variable, int @Nullable [] by) {
            begin();
            add(by == null ? new int[] {2 * variable} : by);
            if (by != null) {
                for (int literal : by) {
                    if (literal >> 1 != variable) {
                        addFact(literal >> 1);
                    }
                }
            }
            facts[variable] = now;
        }

        @Override
        BitSet facets() {
            return now;
        }
    }
}
