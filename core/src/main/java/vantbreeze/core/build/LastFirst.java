package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.Habit;

/**
 * Which of the steps that could be done last is done last: by rank, then so that little is turned over and few tools
 * are changed, that what was glued has time to set while something else is done, and that pieces keep their order.
 */
final class LastFirst {

    private final Habit habit;
    private final Map<StepId, Integer> ranks;
    private final Map<StepId, Integer> places = new HashMap<>();

    LastFirst(Habit habit, Map<StepId, Integer> ranks, List<Task> tasks) {
        this.habit = habit;
        this.ranks = ranks;
        tasks.forEach(task -> places.put(task.id(), places.size()));
    }

    /** @param backwards what is done after, the last first */
    Comparator<Task> after(List<Task> backwards) {
        Comparator<Task> byRank = Comparator.comparingInt(task -> -requireNonNull(ranks.get(task.id())));
        Comparator<Task> byPlace = Comparator.comparingInt(task -> -requireNonNull(places.get(task.id())));
        if (backwards.isEmpty()) {
            return byRank.thenComparing(byPlace);
        }
        Task next = backwards.get(backwards.size() - 1);
        Comparator<Task> same =
                falseFirst(task -> !task.step().subject().equals(next.step().subject()));
        Comparator<Task> sets = falseFirst(task -> task.step().sets() > 0 && task.shares(next));
        Comparator<Task> tool =
                falseFirst(task -> task.step().tool() != next.step().tool());
        Map<Integer, Side> up = up(backwards);
        Comparator<Task> over = falseFirst(task -> task.isOtherSide(up));
        Comparator<Task> alike = falseFirst(task -> !task.isAlike(next));
        Comparator<Task> piece = falseFirst(task -> !task.shares(next));
        return habit == Habit.AS_I_GO
                ? byRank.thenComparing(same)
                        .thenComparing(piece)
                        .thenComparing(over)
                        .thenComparing(tool)
                        .thenComparing(byPlace)
                : byRank.thenComparing(same)
                        .thenComparing(sets)
                        .thenComparing(over)
                        .thenComparing(tool)
                        .thenComparing(alike)
                        .thenComparing(piece)
                        .thenComparing(byPlace);
    }

    /** Which side of each piece looks up when what is done after begins; no piece that lies in no way that is known. */
    private static Map<Integer, Side> up(List<Task> backwards) {
        Map<Integer, Side> up = new HashMap<>();
        backwards.forEach(task -> task.up().ifPresent(side -> task.pieces().forEach(piece -> up.put(piece, side))));
        return up;
    }

    private static Comparator<Task> falseFirst(Predicate<Task> isLess) {
        return Comparator.comparing(isLess::test);
    }

    /** Steps of a higher rank come later, where they are free to. */
    static int rank(Habit habit, StepKind kind) {
        return switch (kind) {
            case CUT -> 0;
            case MARK -> habit == Habit.AS_I_GO ? 5 : 1;
            case SCORE -> habit == Habit.AS_I_GO ? 5 : 2;
            case SCORE_AGAIN -> habit == Habit.AS_I_GO ? 5 : 3;
            case SLIT -> habit == Habit.AS_I_GO ? 5 : 4;
            case FOLD, TRIM, GLUE, THREAD -> habit == Habit.AS_I_GO || kind == StepKind.FOLD ? 5 : 8;
            case WRITE -> 1;
            case LAY -> habit == Habit.FLAT_FIRST ? 7 : habit == Habit.AS_I_GO ? 5 : 9;
            case RUB_OUT -> habit == Habit.AS_I_GO ? 5 : 10;
            case CHECK -> 11;
            case SEND -> 12;
        };
    }
}
