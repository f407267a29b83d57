package vantbreeze.core.layer;

/** What something is glued on, where the maker says so. */
public enum Bed {
    /** The panel's mat, which lies whole beneath it. */
    MAT,
    /** The bare card: the mat is what is left beside it. */
    CARD,
    /** The bare card, and the mat lies whole over it: it hides a tab, or the tape on film. */
    UNDER
}
