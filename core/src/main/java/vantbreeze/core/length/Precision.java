package vantbreeze.core.length;

/**
 * What counts as nothing, one definition for each question, in millimetres. Exact places are multiples of 1/8 µm;
 * slanted geometry is reckoned in doubles and brought to the nearest.
 */
public final class Precision {

    /** What doubles lose in sums and products of lengths. */
    public static final double ROUNDING = 1e-9;

    /** Places nearer than this are one: slanted ones have been brought to the nearest unit, some of them twice. */
    public static final double SAME_PLACE = 1e-4;

    /** A drawn place no farther than this from a line, or from a fold, is on it; shorter than this is no length. */
    public static final double ON_LINE = 1e-3;

    /** Less than this is no area, mm². */
    public static final double NO_AREA = 1e-3;

    /** Pieces whose corners are nearer than this are cut alike: a tenth of what the finest ruler shows. */
    public static final double ALIKE = 0.01;

    /**
     * A card closes when no loop's ends are farther apart than this; what sticks out, or lies over another, by less
     * does not. A tenth of the thinnest paper: nobody cuts more exactly.
     */
    public static final double CLOSES = 0.02;

    private Precision() {}
}
