package vantbreeze.core.fold;

/** A side of the paper. */
public enum Side {
    /** The decorated side, up on the open sheet. */
    FACE,
    /** The other. */
    BACK;

    /** The side that is down when this one is up. */
    public Side other() {
        return this == FACE ? BACK : FACE;
    }
}
