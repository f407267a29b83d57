package vantbreeze.core.plan;

/** When a maker adds layers that could be added at any time. */
public enum Habit {
    /** All that can be, before anything is glued. */
    FLAT_FIRST("While it lies flat"),
    /** What can wait comes last. */
    AFTER_ASSEMBLY("When it is put together"),
    /** Each piece is finished before the next is begun. */
    AS_I_GO("Piece by piece");

    private final String words;

    Habit(String words) {
        this.words = words;
    }

    /** As it is read. */
    public String inWords() {
        return words;
    }
}
