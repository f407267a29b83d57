package vantbreeze.core.build;

import vantbreeze.core.layer.Layers;

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

    /** Steps of a higher rank come later, where they are free to: {@link Layers} before or after joins. */
    int rank(StepKind kind) {
        return switch (kind) {
            case CUT -> 0;
            case MARK -> this == AS_I_GO ? 5 : 1;
            case SCORE -> this == AS_I_GO ? 5 : 2;
            case SCORE_AGAIN -> this == AS_I_GO ? 5 : 3;
            case SLIT -> this == AS_I_GO ? 5 : 4;
            case FOLD, TRIM, GLUE, THREAD -> this == AS_I_GO || kind == StepKind.FOLD ? 5 : 8;
            case WRITE -> 1;
            case LAY -> this == FLAT_FIRST ? 7 : this == AS_I_GO ? 5 : 9;
            case RUB_OUT -> this == AS_I_GO ? 5 : 10;
            case CHECK -> 11;
            case SEND -> 12;
        };
    }
}
