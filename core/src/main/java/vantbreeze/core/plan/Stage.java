package vantbreeze.core.plan;

import java.util.function.Function;

/**
 * One thing that follows from a plan. It is worked out when it is first looked at, from the plan and from other stages,
 * and then known. None may take unbounded time: what is searched for has a budget, and an answer for when it is spent.
 *
 * @param <T> what it is; immutable
 * @param name what it is called
 * @param work how it follows
 */
public record Stage<T>(String name, Function<WorkedPlan, T> work) {

    @Override
    public String toString() {
        return name;
    }
}
