package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.UnionFind;

/**
 * Finds values of the variables that keep all rules, by conflict-driven clause learning: what is decided is propagated
 * through the rules themselves, and what a conflict teaches through the clauses learnt before, each watched by two of
 * its literals (Marques-Silva and Sakallah 1999; Moskewicz et al. 2001). Several solutions are gone through by turning
 * the last decision round; learning never jumps back below one that was turned (Gebser et al. 2007).
 *
 * <p>It is for one question, and gives up when its budget is spent.
 */
final class Search {

    /** What came of a search. */
    enum Outcome {
        POSSIBLE,
        IMPOSSIBLE,
        NOT_DECIDED
    }

    /** After so many conflicts it decides anew, keeping what it learnt. */
    private static final int RESTART = 100;

    private final int[][] rules;
    /** The rules that each variable is in, one after another, and where those of each begin. */
    private final int[] rulesOf;

    private final int[] firstRuleOf;
    private final Watches watches;
    private final Trail trail;
    private final Learning learning;
    private final Budget budget;
    private final boolean[] phase;
    private int propagated;
    private boolean possible;
    /** The level of the last decision that was turned round. */
    private int turned;

    private Turns turns;

    /**
     * @param rules what must hold
     * @param guess for each variable the value that is tried first
     * @param budget what may be spent
     */
    Search(Rules rules, boolean[] guess, Budget budget) {
        int count = guess.length;
        this.rules = rules.relations().toArray(new int[0][]);
        this.firstRuleOf = new int[count + 2];
        this.rulesOf = occurrences(count);
        this.trail = new Trail(count);
        this.watches = new Watches(trail, 2 * count);
        this.budget = budget;
        this.learning = new Learning(trail, count);
        this.phase = guess.clone();
        this.turns = new Turns(trail, count, busiestLast());
        this.possible = state(rules.facts()) && propagate() == null;
    }

    private int[] occurrences(int count) {
        for (int[] rule : rules) {
            for (int literal : rule) {
                firstRuleOf[(literal >> 1) + 2]++;
            }
        }
        for (int v = 2; v < firstRuleOf.length; v++) {
            firstRuleOf[v] += firstRuleOf[v - 1];
        }
        int[] all = new int[firstRuleOf[count + 1]];
        for (int i = 0; i < rules.length; i++) {
            for (int literal : rules[i]) {
                all[firstRuleOf[(literal >> 1) + 1]++] = i;
            }
        }
        return all;
    }

    /** For a start those variables are next that are in most rules. */
    private int[] busiestLast() {
        return IntStream.range(0, phase.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(this::ruleCount).thenComparing(Comparator.reverseOrder()))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private int ruleCount(int variable) {
        return firstRuleOf[variable + 1] - firstRuleOf[variable];
    }

    private boolean state(List<Integer> facts) {
        for (int fact : facts) {
            if (!trail.assign(fact, null)) {
                return false;
            }
        }
        return true;
    }

    /** Whether there is any solution, which {@code take} is then given. */
    Outcome outcome(Predicate<boolean[]> take) {
        return solutions(1, take) > 0 ? Outcome.POSSIBLE : budget.isSpent() ? Outcome.NOT_DECIDED : Outcome.IMPOSSIBLE;
    }

    /**
     * Goes through the solutions until {@code most} have been found, {@code take} wants no more or the budget is spent.
     *
     * @param take is given, for each variable, whether it is true
     * @return how many were found
     */
    long solutions(long most, Predicate<boolean[]> take) {
        long found = 0;
        boolean more = possible;
        long conflicts = 0;
        while (more && !budget.isSpent()) {
            int[] broken = propagate();
            if (broken != null && trail.level() == turned) {
                more = turn();
            } else if (broken != null) {
                learn(broken);
                if (++conflicts % RESTART == 0) {
                    backTo(turned);
                }
            } else {
                int next = turns.next();
                if (next >= 0) {
                    trail.decide(2 * next + (phase[next] ? 0 : 1));
                } else {
                    found++;
                    more = take.test(values()) && found < most && turn();
                }
            }
        }
        return found;
    }

    /** Turns the last decision round; false when there is none. */
    private boolean turn() {
        if (trail.level() == 0) {
            return false;
        }
        int last = trail.decision(trail.level());
        backTo(trail.level() - 1);
        turned = trail.level();
        return trail.assign(last ^ 1, null);
    }

    private void learn(int[] broken) {
        int[] clause = learning.from(broken);
        learning.eachMet(turns::moveToFront);
        budget.spend(clause.length);
        int below = clause.length == 1 ? 0 : trail.levelOf(clause[1] >> 1);
        backTo(Math.max(below, turned));
        if (clause.length > 1) {
            watches.add(clause);
        }
        trail.assign(clause[0], clause);
    }

    private void backTo(int level) {
        for (int place = trail.length() - 1; place >= 0 && trail.levelOf(trail.variable(place)) > level; place--) {
            phase[trail.variable(place)] = trail.isTrue(trail.variable(place));
            turns.open(trail.variable(place));
        }
        trail.backTo(level);
        propagated = Math.min(propagated, trail.length());
    }

    private boolean[] values() {
        boolean[] values = new boolean[phase.length];
        for (int v = 0; v < values.length; v++) {
            values[v] = trail.isTrue(v);
        }
        return values;
    }

    /** The independent groups of variables that propagation has left open, each a search of its own. */
    List<List<Integer>> groups() {
        UnionFind together = new UnionFind(phase.length);
        for (int[] rule : rules) {
            int[] open = Arrays.stream(rule)
                    .map(literal -> literal >> 1)
                    .filter(v -> !trail.isKnown(v))
                    .toArray();
            for (int i = 1; i < open.length; i++) {
                together.unite(open[0], open[i]);
            }
        }
        List<List<Integer>> groups = new ArrayList<>();
        int[] number = new int[phase.length];
        Arrays.fill(number, -1);
        for (int v = 0; v < phase.length; v++) {
            if (!trail.isKnown(v)) {
                int group = together.of(v);
                if (number[group] < 0) {
                    number[group] = groups.size();
                    groups.add(new ArrayList<>());
                }
                groups.get(number[group]).add(v);
            }
        }
        return groups;
    }

    /** Asks about one group alone, the others left open. */
    void within(List<Integer> group) {
        turns = new Turns(
                trail, phase.length, group.stream().mapToInt(Integer::intValue).toArray());
    }

    private int @Nullable [] propagate() {
        while (propagated < trail.length()) {
            int variable = trail.variable(propagated++);
            int end = firstRuleOf[variable + 1];
            for (int i = firstRuleOf[variable]; i < end; i++) {
                int[] rule = rules[rulesOf[i]];
                if (!imply(rule)) {
                    return rule;
                }
            }
            budget.spend(end - firstRuleOf[variable] + 1L);
            int[] broken = watches.propagate(trail.falsehood(variable), budget);
            if (broken != null) {
                return broken;
            }
        }
        return null;
    }

    private boolean imply(int[] rule) {
        return switch (rule.length) {
            case 2 -> equal(rule);
            case 3 -> transitive(rule);
            default -> even(rule);
        };
    }

    private boolean equal(int[] two) {
        int a = trail.known(two[0]);
        int b = trail.known(two[1]);
        if (a != Trail.UNKNOWN) {
            return trail.assign(a == 1 ? two[1] : two[1] ^ 1, two);
        }
        return b == Trail.UNKNOWN || trail.assign(b == 1 ? two[0] : two[0] ^ 1, two);
    }

    private boolean even(int[] four) {
        int sum = 0;
        int open = -1;
        for (int literal : four) {
            int v = trail.known(literal);
            if (v != Trail.UNKNOWN) {
                sum ^= v;
            } else if (open < 0) {
                open = literal;
            } else {
                return true;
            }
        }
        return open < 0 ? sum == 0 : trail.assign(sum == 1 ? open : open ^ 1, four);
    }

    /** Of i below j, j below k, i below k: the third follows when the first two agree, and so on round. */
    private boolean transitive(int[] three) {
        int a = trail.known(three[0]);
        int b = trail.known(three[1]);
        int c = trail.known(three[2]);
        if (a != Trail.UNKNOWN && a == b) {
            return trail.assign(a == 1 ? three[2] : three[2] ^ 1, three);
        }
        if (a != Trail.UNKNOWN && c != Trail.UNKNOWN && a != c) {
            return trail.assign(c == 1 ? three[1] : three[1] ^ 1, three);
        }
        if (b != Trail.UNKNOWN && c != Trail.UNKNOWN && b != c) {
            return trail.assign(c == 1 ? three[0] : three[0] ^ 1, three);
        }
        return true;
    }
}
