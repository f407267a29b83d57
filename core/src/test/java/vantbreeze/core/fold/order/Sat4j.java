package vantbreeze.core.fold.order;

import org.sat4j.core.VecInt;
import org.sat4j.minisat.SolverFactory;
import org.sat4j.specs.ContradictionException;
import org.sat4j.specs.ISolver;
import org.sat4j.specs.TimeoutException;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;

/** The same question put to Sat4j, a solver of its own tradition: the rules as clauses. */
public final class Sat4j {

    private Sat4j() {}

    /**
     * Whether the panels of a closed card can lie on one another.
     *
     * @throws TimeoutException when it can't tell within a minute
     */
    public static boolean canLie(FoldGraph graph) throws TimeoutException {
        FlatLayout layout = FlatLayout.of(graph, FoldedForm.of(graph, Pose.closed()), Pose.closed());
        Pairs pairs = new Pairs(layout.facets());
        return canLie(pairs, Rules.of(layout, pairs));
    }

    static boolean canLie(Pairs pairs, Rules rules) throws TimeoutException {
        ISolver solver = SolverFactory.newDefault();
        solver.setTimeout(60);
        solver.newVar(pairs.count());
        try {
            for (int fact : rules.facts()) {
                solver.addClause(clause(fact));
            }
            for (int[] rule : rules.relations()) {
                add(rule, solver);
            }
        } catch (ContradictionException contradiction) {
            return false;
        }
        return solver.isSatisfiable();
    }

    /** All that a rule forbids: every assignment of its literals that breaks it. */
    private static void add(int[] rule, ISolver solver) throws ContradictionException {
        for (int values = 0; values < 1 << rule.length; values++) {
            if (isBroken(values, rule.length)) {
                int[] unless = new int[rule.length];
                for (int i = 0; i < rule.length; i++) {
                    unless[i] = rule[i] ^ (values >> i & 1);
                }
                solver.addClause(clause(unless));
            }
        }
    }

    private static boolean isBroken(int values, int length) {
        return switch (length) {
            case 2 -> values == 1 || values == 2;
            // i below j and j below k, but not i below k; or all the other way round
            case 3 -> values == 3 || values == 4;
            default -> Integer.bitCount(values) % 2 == 1;
        };
    }

    private static VecInt clause(int... literals) {
        VecInt clause = new VecInt();
        for (int literal : literals) {
            int variable = literal / 2 + 1;
            clause.push(literal % 2 == 0 ? variable : -variable);
        }
        return clause;
    }
}
