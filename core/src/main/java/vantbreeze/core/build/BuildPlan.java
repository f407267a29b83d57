package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.core.check.Words;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.Stage;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Allowance;

/**
 * From bare sheets to the finished card: every step, in an order in which each can be done, with the maker's own moves
 * as far as they are possible.
 */
public final class BuildPlan {

    /** As the maker's choices have it. */
    public static final Stage<BuildPlan> STAGE =
            new Stage<>("building", card -> new BuildPlan(card, card.plan().building()));

    /** So many steps are named in a sentence. */
    private static final int MOST_NAMED = 2;

    private final WorkedPlan card;
    private final Handwork work;
    private final JoinSteps joins;
    private final LayerSteps layers;
    private final StepOrder order;
    private final List<BuildStep> steps;
    private final List<BuildStep> stuck;
    private final List<StepPictures.Before> before;
    private final StepPictures pictures;
    private final List<String> lost = new ArrayList<>();

    private BuildPlan(WorkedPlan card, BuildChoices choices) {
        this.card = card;
        this.work = new Handwork(
                card.form(),
                card.grounds(),
                card.layers(),
                card.tools().allowances().of(Allowance.FINGER_WAY, card.ruler()).millimetres());
        this.joins = new JoinSteps(card, choices);
        this.layers = new LayerSteps(card);
        this.order = Tasks.of(card, work, joins, layers);
        StepOrder.Ordered ordered = order.by(choices.habit());
        this.stuck = ordered.stuck().stream().map(Task::step).toList();
        this.steps = told(stuck.isEmpty() ? moved(ordered.order(), choices.moved()) : ordered.order());
        this.before = StepPictures.before(steps);
        this.pictures = new StepPictures(card, work);
    }

    /** The steps of a card with a habit, nothing moved. */
    public static BuildPlan of(WorkedPlan card, Habit habit) {
        return new BuildPlan(card, BuildChoices.NONE.withHabit(habit));
    }

    /** Each move where it is possible; of the others it is told. */
    private List<Task> moved(List<Task> tasks, List<MovedStep> moves) {
        List<Task> now = tasks;
        for (MovedStep move : moves) {
            List<StepId> there = now.stream().map(Task::id).toList();
            Optional<List<StepId>> after = moved(there, move);
            if (after.isEmpty()) {
                continue;
            }
            Optional<StepOrder.Refusal> refusal = order.refusal(after.get());
            if (refusal.isPresent()) {
                lost.add(inWords(refusal.get()));
            } else {
                now = after.get().stream().map(order::task).toList();
            }
        }
        return now;
    }

    /** Nothing where the steps are not there any more. */
    private static Optional<List<StepId>> moved(List<StepId> order, MovedStep move) {
        Optional<StepId> step = find(order, move.step());
        Optional<StepId> before = find(order, move.before());
        if (step.isEmpty() || (before.isEmpty() && !move.before().isEmpty()) || step.equals(before)) {
            return Optional.empty();
        }
        List<StepId> after = new ArrayList<>(order);
        after.remove(step.get());
        after.add(before.map(after::indexOf).orElse(after.size()), step.get());
        return Optional.of(after);
    }

    private static Optional<StepId> find(List<StepId> order, String text) {
        return order.stream().filter(step -> step.text().equals(text)).findFirst();
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

    /** Of joins that can't be made since the card does not close with them, in words; nothing comes after. */
    public List<String> gaping() {
        return work.joins().stream()
                .filter(join -> !work.possible().contains(join))
                .map(join ->
                        ("“%s” can't be glued: what it holds together does not meet, so the steps end before it. See"
                                        + " at the bench what would mend that.")
                                .formatted(join.inWords()))
                .toList();
    }

    /** What can't be done in any order. */
    public List<BuildStep> stuck() {
        return stuck;
    }

    /** Of steps that were moved where they can't be any more, in words what stands in the way. */
    public List<String> lost() {
        return List.copyOf(lost);
    }

    /**
     * What would become impossible if a step were moved, in words; nothing where it can be moved there.
     *
     * @throws IllegalArgumentException in words for the maker, when there is no such step
     */
    public synchronized Optional<String> objection(MovedStep move) {
        return order.refusal(ordered(move)).map(this::inWords);
    }

    /**
     * What stands in the way of a step that was moved: the step that would become impossible, as things are by then.
     *
     * @throws IllegalArgumentException in words for the maker, when there is no such step, or it may be moved there
     */
    public synchronized StepPicture refused(MovedStep move) {
        List<StepId> after = ordered(move);
        StepOrder.Refusal refusal = order.refusal(after)
                .orElseThrow(() -> new IllegalArgumentException("Nothing stands in its way there."));
        List<BuildStep> then = told(after.stream().map(order::task).toList());
        int at = after.indexOf(refusal.step());
        return pictures.of(then.get(at), 0, StepPictures.before(then).get(at), Turn.NONE);
    }

    private List<StepId> ordered(MovedStep move) {
        return moved(steps.stream().map(BuildStep::id).toList(), move)
                .orElseThrow(() -> new IllegalArgumentException("That step is not there any more. Look again."));
    }

    private String inWords(StepOrder.Refusal refusal) {
        return "“%s” can't come after “%s”: %s."
                .formatted(
                        order.task(refusal.isRule() ? refusal.blocker() : refusal.step())
                                .step()
                                .what(),
                        order.task(refusal.isRule() ? refusal.step() : refusal.blocker())
                                .step()
                                .what(),
                        refusal.because());
    }

    /**
     * What a step looks like from where the hand works.
     *
     * @param step which, from 0
     * @param reading which of its readings, from 0; beyond the last it is the last
     * @throws IndexOutOfBoundsException when there is no such step
     */
    public StepPicture picture(int step, int reading) {
        return picture(step, reading, Turn.NONE);
    }

    /**
     * What a step looks like when it is turned; what lies open on the board is not.
     *
     * @param step which, from 0
     * @param reading which of its readings, from 0; beyond the last it is the last
     * @throws IndexOutOfBoundsException when there is no such step
     */
    public synchronized StepPicture picture(int step, int reading, Turn turn) {
        return pictures.of(steps.get(step), Math.max(0, reading), before.get(step), turn);
    }

    /**
     * What a step looks like with all its lines lit at once; of a step that is not about lines of a piece its first
     * picture.
     *
     * @param step which, from 0
     */
    public synchronized StepPicture overview(int step) {
        BuildStep one = steps.get(step);
        StepPicture first = picture(step, 0);
        return one.subject() instanceof BuildStep.OfPieces
                ? IntStream.range(1, one.readings().size())
                        .mapToObj(reading -> picture(step, reading))
                        .reduce(first, StepPicture::litToo)
                : first;
    }

    /**
     * How the card folds, from open to closed, always seen from the same place; nothing of one that does not close.
     *
     * @param frames how many pictures, two at least
     */
    public synchronized List<StepPicture> folding(int frames) {
        return gaping().isEmpty() ? pictures.folding(Math.max(2, frames)) : List.of();
    }

    /**
     * Why a step stands where it does: before what it can't wait for; empty where it may come at any later time.
     *
     * @param step which, from 0
     */
    public synchronized String why(int step) {
        Task task = order.task(steps.get(step).id());
        List<Task> later = tasks(steps.subList(step + 1, steps.size()));
        List<Task> joined = new ArrayList<>(order.joins(tasks(steps.subList(0, step))));
        joined.addAll(order.joins(later));
        return order.hides(task, joined)
                .filter(later::contains)
                .map(hides -> because(hides, StepOrder.reason(task)))
                .or(() -> later.stream()
                        .filter(other -> other.id().kind() != StepKind.CHECK)
                        .flatMap(other -> order.rules().stream()
                                .filter(rule -> rule.before().equals(task.id())
                                        && rule.after().equals(other.id()))
                                .map(rule -> because(other, rule.because())))
                        .findFirst())
                .orElse("");
    }

    private List<Task> tasks(List<BuildStep> some) {
        return some.stream().map(step -> order.task(step.id())).toList();
    }

    private static String because(Task later, String reason) {
        return "Before “%s”: %s.".formatted(later.step().what(), reason);
    }

    /**
     * For each step which were glued before it on what it touches: they want to be set.
     *
     * @param step which, from 0
     */
    public List<Integer> waitsFor(int step) {
        Task task = order.task(steps.get(step).id());
        return IntStream.range(0, step)
                .filter(i ->
                        steps.get(i).sets() > 0 && order.task(steps.get(i).id()).shares(task))
                .boxed()
                .toList();
    }

    /**
     * Id of what is glued with in a step; nothing where nothing is.
     *
     * @param step which, from 0
     */
    public Optional<String> adhesive(int step) {
        return steps.get(step).id().kind() == StepKind.GLUE && steps.get(step).subject() instanceof BuildStep.OfJoin one
                ? joins.adhesive(one.join()).map(Adhesive::id)
                : Optional.empty();
    }

    /** Of each adhesive that is wanted and not on hand, in words for which steps. */
    public List<String> missing() {
        Map<String, List<String>> wanted = new LinkedHashMap<>();
        for (BuildStep step : steps) {
            missing(step).forEach(adhesive -> wanted.computeIfAbsent(adhesive.name(), name -> new ArrayList<>())
                    .add("“%s”".formatted(step.what())));
        }
        return wanted.entrySet().stream()
                .map(one -> "%s is not on hand: get some, or choose something else, for %s."
                        .formatted(one.getKey(), some(one.getValue())))
                .toList();
    }

    private List<Adhesive> missing(BuildStep step) {
        if (step.id().kind() == StepKind.GLUE && step.subject() instanceof BuildStep.OfJoin one) {
            return joins.missing(one.join()).stream().toList();
        }
        return step.id().kind() == StepKind.LAY && step.subject() instanceof BuildStep.OfFace laid
                ? layers.missing(laid.face())
                : List.of();
    }

    private static String some(List<String> steps) {
        return steps.size() <= MOST_NAMED
                ? Words.list(steps)
                : String.format(
                        Locale.ROOT,
                        "%s and %d steps more",
                        String.join(", ", steps.subList(0, MOST_NAMED)),
                        steps.size() - MOST_NAMED);
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
