package vantbreeze.core.plan;

/**
 * What came of an edit.
 *
 * @param plan the plan after it
 * @param words what changed, or what stopped it, for the maker; empty when there is nothing to say
 */
public record Edited(Plan plan, String words) {

    /** An edit of which nothing needs to be said. */
    public static Edited quietly(Plan plan) {
        return new Edited(plan, "");
    }
}
