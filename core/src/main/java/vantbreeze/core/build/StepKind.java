package vantbreeze.core.build;

/** What is done in a step. */
public enum StepKind {
    /** All that comes from one paper is cut. */
    CUT,
    /** Pencil marks are made. */
    MARK,
    /** Lines are scored. */
    SCORE,
    /** Those that fold the other way are scored once more from the other side. */
    SCORE_AGAIN,
    /** Cuts that start and stop inside. */
    SLIT,
    /** Folded and burnished. */
    FOLD,
    /** A tube is tried dry, and trimmed by a sliver if it wants that. */
    TRIM,
    /** Stamped or written on while all lies flat. */
    WRITE,
    /** The layers of one face are laid. */
    LAY,
    /** A join is glued. */
    GLUE,
    /** A piece is passed through a slit or a hole. */
    THREAD,
    /** Pencil marks are rubbed out. */
    RUB_OUT,
    /** The card is tried. */
    CHECK,
    /** It is written, put in its envelope and addressed. */
    SEND
}
