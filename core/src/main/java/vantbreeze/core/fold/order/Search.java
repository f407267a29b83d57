package vantbreeze.core.fold.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Finds values of the variables that keep all rules: constraint propagation on even quadruples and triples, and
 * depth-first search without recursion where propagation leaves a choice.
 */
final class Search {

    private static final byte UNKNOWN = -1;

    private final Classes classes;
    private final List<int[]> constraints = new ArrayList<>();
    private final List<List<int[]>> watching;
    private final byte[] value;
    private final int[] trail;
    private int trailed;
    private int propagated;
    private boolean possible = true;
    /** The variables that a solution must give; all when null. */
    private int @Nullable [] scope;

    Search(int variables, Rules rules) {
        classes = new Classes(variables);
        value = new byte[variables];
        Arrays.fill(value, UNKNOWN);
        trail = new int[variables];
        watching = new ArrayList<>();
        for (int i = 0; i < variables; i++) {
            watching.add(new ArrayList<>(4));
        }
        rules.equals().forEach(pair -> classes.unite(pair[0], pair[1]));
        possible = !classes.isContradictory();
        rules.evens().forEach(this::watch);
        rules.triples().forEach(this::watch);
        for (int fact : rules.facts()) {
            possible = possible && assign(classes.literal(fact));
        }
        // a constraint may be decided by its own repeated variables, before anything is assigned
        for (int[] constraint : constraints) {
            possible = possible && imply(constraint);
        }
        possible = possible && propagate();
    }

    private void watch(int[] rule) {
        int[] constraint = Arrays.stream(rule).map(classes::literal).toArray();
        constraints.add(constraint);
        Arrays.stream(constraint).map(literal -> literal / 2).distinct().forEach(variable -> watching.get(variable)
                .add(constraint));
    }

    /** Whether there is any solution. */
    boolean isPossible() {
        return solutions(1, solution -> true) > 0;
    }

    /**
     * Goes through the solutions until {@code most} have been found or {@code take} wants no more.
     *
     * @param take is given, for each variable, whether it is true
     * @return how many were found
     */
    long solutions(long most, Predicate<boolean[]> take) {
        if (!possible) {
            return 0;
        }
        int start = trailed;
        long found = 0;
        Deque<Choice> choices = new ArrayDeque<>();
        boolean fits = true;
        while (true) {
            int next = fits ? free() : UNKNOWN;
            if (fits && next == UNKNOWN) {
                found++;
                boolean goesOn = take.test(values());
                if (found >= most || !goesOn) {
                    break;
                }
                fits = false;
            }
            if (fits) {
                choices.push(new Choice(2 * next, trailed));
                fits = assign(2 * next) && propagate();
            } else if (choices.isEmpty()) {
                break;
            } else {
                Choice last = choices.pop();
                undo(last.trailed());
                if ((last.literal() & 1) == 0) {
                    choices.push(new Choice(last.literal() + 1, trailed));
                    fits = assign(last.literal() + 1) && propagate();
                }
            }
        }
        undo(start);
        return found;
    }

    /** The independent groups of variables that propagation has left open, each a search of its own. */
    List<List<Integer>> groups() {
        Groups together = new Groups(value.length);
        for (int[] constraint : constraints) {
            int[] open = Arrays.stream(constraint)
                    .map(l -> l / 2)
                    .filter(v -> value[v] == UNKNOWN)
                    .toArray();
            for (int i = 1; i < open.length; i++) {
                together.unite(open[0], open[i]);
            }
        }
        List<List<Integer>> groups = new ArrayList<>();
        int[] number = new int[value.length];
        Arrays.fill(number, -1);
        for (int v = 0; v < value.length; v++) {
            if (value[v] == UNKNOWN && classes.literal(2 * v) / 2 == v) {
                int r = together.of(v);
                if (number[r] < 0) {
                    number[r] = groups.size();
                    groups.add(new ArrayList<>());
                }
                groups.get(number[r]).add(v);
            }
        }
        return groups;
    }

    /** How many ways there are for one group alone, the others left open; {@code most} at the most. */
    long count(List<Integer> group, long most) {
        scope = group.stream().mapToInt(Integer::intValue).toArray();
        long count = solutions(most, solution -> true);
        scope = null;
        return count;
    }

    private record Choice(int literal, int trailed) {}

    private int free() {
        int best = UNKNOWN;
        int most = -1;
        int count = scope == null ? value.length : scope.length;
        for (int i = 0; i < count; i++) {
            int v = scope == null ? i : scope[i];
            if (value[v] == UNKNOWN
                    && classes.literal(2 * v) / 2 == v
                    && watching.get(v).size() > most) {
                best = v;
                most = watching.get(v).size();
            }
        }
        return best;
    }

    private boolean[] values() {
        boolean[] values = new boolean[value.length];
        for (int v = 0; v < values.length; v++) {
            int literal = classes.literal(2 * v);
            values[v] = value[literal / 2] == 1 ^ (literal & 1) == 1;
        }
        return values;
    }

    /** Makes a literal true; false when it is already known to be false. */
    private boolean assign(int literal) {
        int variable = literal / 2;
        byte wanted = (byte) (1 - (literal & 1));
        if (value[variable] == UNKNOWN) {
            value[variable] = wanted;
            trail[trailed++] = variable;
            return true;
        }
        return value[variable] == wanted;
    }

    private boolean propagate() {
        while (propagated < trailed) {
            for (int[] constraint : watching.get(trail[propagated++])) {
                if (!imply(constraint)) {
                    return false;
                }
            }
        }
        return true;
    }

    private void undo(int to) {
        while (trailed > to) {
            value[trail[--trailed]] = UNKNOWN;
        }
        propagated = Math.min(propagated, trailed);
    }

    private boolean imply(int[] constraint) {
        return constraint.length == 4 ? even(constraint) : transitive(constraint[0], constraint[1], constraint[2]);
    }

    private int known(int literal) {
        byte v = value[literal / 2];
        return v == UNKNOWN ? UNKNOWN : v ^ (literal & 1);
    }

    private boolean even(int[] four) {
        int sum = 0;
        int open = UNKNOWN;
        for (int literal : four) {
            int v = known(literal);
            if (v != UNKNOWN) {
                sum ^= v;
            } else if (open == UNKNOWN) {
                open = literal;
            } else if (open / 2 == literal / 2) {
                // twice the same unknown cancels out, or differs by one
                sum ^= (open ^ literal) & 1;
                open = UNKNOWN;
            } else {
                return true;
            }
        }
        return open == UNKNOWN ? sum == 0 : assign(sum == 1 ? open : open ^ 1);
    }

    /** Of i below j, j below k, i below k: the third follows when the first two agree, and so on round. */
    private boolean transitive(int ij, int jk, int ik) {
        int a = known(ij);
        int b = known(jk);
        int c = known(ik);
        if (a != UNKNOWN && a == b) {
            return assign(a == 1 ? ik : ik ^ 1);
        }
        if (a != UNKNOWN && c != UNKNOWN && a != c) {
            return assign(c == 1 ? jk : jk ^ 1);
        }
        if (b != UNKNOWN && c != UNKNOWN && b != c) {
            return assign(c == 1 ? ij : ij ^ 1);
        }
        return true;
    }
}
