package vantbreeze.core.cutting;

/** What a maker says of a sheet for one card. */
public enum SheetUse {
    /** It is left alone. */
    BANNED,
    /** It is used before others, as if it cost nothing. */
    FIRST,
    /** It is there for this paper though it is not listed for it. */
    ADDED
}
