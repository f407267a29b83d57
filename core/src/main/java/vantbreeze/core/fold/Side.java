package vantbreeze.core.fold;

/** A side of the paper. */
public enum Side {
    /** The decorated side, up on the open sheet. */
    FACE,
    /** The other. */
    BACK
}
