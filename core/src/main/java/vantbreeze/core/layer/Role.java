package vantbreeze.core.layer;

/** What a layer is in its stack. */
public enum Role {
    /** The lowest one, which shows as a border. */
    MAT,
    /** One that lies on a mat, or on the card itself in place of one. */
    PATTERN
}
