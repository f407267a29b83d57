package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.WorkedPlan;

/** From bare sheets to the finished card: every step, in an order in which each can be done. */
public final class Building {

    /** A way that a finger wants, mm; common practice, no source. */
    static final double FINGER = 12;

    private final WorkedPlan card;
    private final Handwork work;
    private final JoinSteps joins;
    private final StepOrder order;
    private final List<BuildStep> steps;
    private final List<BuildStep> stuck;

    private Building(WorkedPlan card, Habit habit) {
        this.card = card;
        this.work = new Handwork(card.form(), card.layers(), FINGER);
        this.joins = new JoinSteps(card);
        this.order = Tasks.of(card, work, joins);
        StepOrder.Ordered ordered = order.by(habit);
        this.steps = told(ordered.order());
        this.stuck = ordered.stuck().stream().map(Task::step).toList();
    }

    /** The steps of a card. */
    public static Building of(WorkedPlan card, Habit habit) {
        return new Building(card, habit);
    }

    /** With where glue comes, which the order decides. */
    private List<BuildStep> told(List<Task> tasks) {
        Set<JoinId> made = new LinkedHashSet<>();
        List<BuildStep> told = new ArrayList<>();
        for (Task task : tasks) {
            Optional<JoinId> join = task.does().flatMap(work::join);
            told.add(
                    task.id().kind() == StepKind.GLUE
                            ? joins.glued(join.orElseThrow(), work.glue(join.orElseThrow(), made))
                            : task.step());
            join.ifPresent(made::add);
        }
        return List.copyOf(told);
    }

    /** In order. */
    public List<BuildStep> steps() {
        return steps;
    }

    /** What can't be done in any order. */
    public List<BuildStep> stuck() {
        return stuck;
    }

    /** What always comes before what. */
    public List<Precedence> rules() {
        return order.rules();
    }

    /** Whose. */
    public WorkedPlan card() {
        return card;
    }

    StepOrder order() {
        return order;
    }

    Handwork work() {
        return work;
    }
}
