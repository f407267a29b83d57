package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.Habit;

/**
 * What of all there is to do may come before what: some steps always do, and some only until a join hides what they
 * work on. Beyond that all is free.
 */
final class StepOrder {

    private final List<Task> tasks;
    private final List<Precedence> rules;
    private final Handwork work;
    private final Map<StepId, Task> byId = new LinkedHashMap<>();
    private final Map<StepId, List<Precedence>> after = new HashMap<>();

    StepOrder(List<Task> tasks, List<Precedence> rules, Handwork work) {
        this.tasks = List.copyOf(tasks);
        this.rules = List.copyOf(rules);
        this.work = work;
        tasks.forEach(task -> byId.put(task.id(), task));
        rules.forEach(rule ->
                after.computeIfAbsent(rule.before(), step -> new ArrayList<>()).add(rule));
    }

    List<Task> tasks() {
        return tasks;
    }

    List<Precedence> rules() {
        return rules;
    }

    Task task(StepId step) {
        return requireNonNull(byId.get(step));
    }

    /**
     * Why a step can't be where it is.
     *
     * @param step which becomes impossible
     * @param blocker what is done too early; of a rule, what would have to be done first
     * @param isRule whether one always comes before the other
     */
    record Refusal(StepId step, StepId blocker, String because, boolean isRule) {}

    /** Tasks in an order, and those that have no place in any. */
    record Ordered(List<Task> order, List<Task> stuck) {}

    /**
     * An order, found from the end: what could be done last is taken off, again and again. Fewer joins leave more in
     * reach, so no choice is ever wrong; which of several is taken is a matter of sense.
     */
    Ordered by(Habit habit) {
        LastFirst sense = new LastFirst(habit, ranks(habit), tasks);
        Set<JoinId> made = new LinkedHashSet<>();
        tasks.forEach(task -> join(task).ifPresent(made::add));
        List<Task> left = new ArrayList<>(tasks);
        Set<StepId> open = new HashSet<>(byId.keySet());
        List<Task> backwards = new ArrayList<>();
        while (!left.isEmpty()) {
            Optional<Task> last = left.stream()
                    .filter(task -> after.getOrDefault(task.id(), List.of()).stream()
                            .noneMatch(rule -> open.contains(rule.after())))
                    .sorted(sense.after(backwards))
                    .filter(task ->
                            task.does().map(one -> work.couldBeLast(one, made)).orElse(true))
                    .findFirst();
            if (last.isEmpty()) {
                break;
            }
            left.remove(last.get());
            open.remove(last.get().id());
            backwards.add(last.get());
            join(last.get()).ifPresent(made::remove);
        }
        Collections.reverse(backwards);
        return new Ordered(List.copyOf(backwards), List.copyOf(left));
    }

    /** What a step wants for its rank, and no less than what must come before it. */
    private Map<StepId, Integer> ranks(Habit habit) {
        Map<StepId, Integer> ranks = new HashMap<>();
        tasks.forEach(
                task -> ranks.put(task.id(), LastFirst.rank(habit, task.id().kind())));
        boolean changed = true;
        for (int round = 0; changed && round < tasks.size(); round++) {
            changed = false;
            for (Precedence rule : rules) {
                int before = requireNonNull(ranks.get(rule.before()));
                if (before > requireNonNull(ranks.get(rule.after()))) {
                    ranks.put(rule.after(), before);
                    changed = true;
                }
            }
        }
        return ranks;
    }

    private Optional<JoinId> join(Task task) {
        return task.does().flatMap(work::join);
    }

    /** What is impossible in an order of all steps, the first of it; nothing where all can be done. */
    Optional<Refusal> refusal(List<StepId> order) {
        Map<StepId, Integer> place = new HashMap<>();
        order.forEach(step -> place.put(step, place.size()));
        Optional<Refusal> broken = rules.stream()
                .filter(rule -> requireNonNull(place.get(rule.before())) > requireNonNull(place.get(rule.after())))
                .findFirst()
                .map(rule -> new Refusal(rule.after(), rule.before(), rule.because(), true));
        if (broken.isPresent()) {
            return broken;
        }
        List<Task> joins = new ArrayList<>();
        for (StepId step : order) {
            Task task = task(step);
            Optional<Task> hides = hides(task, joins);
            if (hides.isPresent()) {
                return Optional.of(new Refusal(step, hides.get().id(), reason(task), false));
            }
            if (join(task).isPresent()) {
                joins.add(task);
            }
        }
        return Optional.empty();
    }

    static String reason(Task task) {
        return switch (task.id().kind()) {
            case THREAD -> "by then more than one end is glued";
            case GLUE -> "by then no hand comes to the joint";
            default -> "by then it can't be reached any more";
        };
    }

    /** Which of some joins, made one after the other, makes it impossible to do a task after them. */
    Optional<Task> hides(Task task, List<Task> joins) {
        Optional<Operation> operation = task.does();
        if (operation.isEmpty()) {
            return Optional.empty();
        }
        Set<JoinId> made = new LinkedHashSet<>();
        join(task).ifPresent(made::add);
        List<Set<JoinId>> states = new ArrayList<>();
        for (Task join : joins) {
            join(join).ifPresent(made::add);
            states.add(new LinkedHashSet<>(made));
        }
        if (states.isEmpty() || work.couldBeLast(operation.get(), states.get(states.size() - 1))) {
            return Optional.empty();
        }
        return Stream.iterate(0, i -> i < states.size(), i -> i + 1)
                .filter(i -> !work.couldBeLast(operation.get(), states.get(i)))
                .findFirst()
                .map(joins::get);
    }

    /** Joins among some tasks. */
    List<Task> joins(List<Task> some) {
        return some.stream().filter(task -> join(task).isPresent()).toList();
    }
}
