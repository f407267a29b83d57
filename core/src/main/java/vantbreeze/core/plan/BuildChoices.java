package vantbreeze.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.JoinId;

/**
 * How a card is built, where the maker says.
 *
 * @param habit when layers are added that could be at any time
 * @param adhesives what is glued with what, by its id, where that is not what is recommended
 * @param moved steps that were put elsewhere, one after the other
 */
public record BuildChoices(Habit habit, Map<JoinId, String> adhesives, List<MovedStep> moved) {

    /** Nothing said. */
    public static final BuildChoices NONE = new BuildChoices(Habit.FLAT_FIRST, Map.of(), List.of());

    /** More steps than this nobody moves one by one. */
    public static final int MOST_MOVED = 200;

    /** @throws IllegalArgumentException in words for the maker, when too many steps are moved */
    public BuildChoices {
        adhesives = Collections.unmodifiableMap(new LinkedHashMap<>(adhesives));
        moved = List.copyOf(moved);
        if (moved.size() > MOST_MOVED) {
            throw new IllegalArgumentException("So many steps were moved that none would stay. Put some back first.");
        }
    }

    /**
     * A step put elsewhere.
     *
     * @param step as it is kept
     * @param before the step that it comes before now; empty for the end
     */
    public record MovedStep(String step, String before) {
        public MovedStep {
            requireNonNull(step);
            requireNonNull(before);
        }
    }

    /** Whether nothing is said. */
    public boolean isUsual() {
        return equals(NONE);
    }

    /** The same with another habit; steps that were moved go back, since they stood among others. */
    public BuildChoices withHabit(Habit other) {
        return new BuildChoices(other, adhesives, List.of());
    }

    /** The same with one step moved; where it was moved before is forgotten. */
    public BuildChoices withMoved(MovedStep move) {
        List<MovedStep> all = new ArrayList<>(moved);
        all.removeIf(one -> one.step().equals(move.step()));
        all.add(move);
        return new BuildChoices(habit, adhesives, all);
    }

    /** The same with no step moved. */
    public BuildChoices inOrder() {
        return new BuildChoices(habit, adhesives, List.of());
    }

    /** The same with a join glued otherwise, null as it is recommended. */
    public BuildChoices withAdhesive(JoinId join, @Nullable String adhesive) {
        Map<JoinId, String> all = new LinkedHashMap<>(adhesives);
        if (adhesive == null) {
            all.remove(join);
        } else {
            all.put(join, adhesive);
        }
        return new BuildChoices(habit, all, moved);
    }

    /** What a join is glued with, if the maker says. */
    public Optional<String> adhesive(JoinId join) {
        return Optional.ofNullable(adhesives.get(join));
    }
}
