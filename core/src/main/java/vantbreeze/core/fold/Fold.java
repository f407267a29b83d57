package vantbreeze.core.fold;

/** Which way a crease folds, seen from the decorated side. */
public enum Fold {
    /** Towards the viewer; drawn dashed. */
    VALLEY(+1),
    /** Away from the viewer; drawn dash-dot-dot. */
    MOUNTAIN(-1),
    /** Either way: what the maker has not said. */
    UNASSIGNED(0),
    /**
     * Not scored: soft paper that gives way there of itself, as acetate does that is bowed or a loop that is threaded.
     */
    BEND(0);

    private final int sign;

    Fold(int sign) {
        this.sign = sign;
    }

    /**
     * +1 for valley, −1 for mountain, 0 when not said or not scored: the sign of the fold angle (FOLD 1.2,
     * edges_foldAngle).
     */
    public int sign() {
        return sign;
    }
}
