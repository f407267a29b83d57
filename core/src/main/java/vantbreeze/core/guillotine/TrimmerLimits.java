package vantbreeze.core.guillotine;

/**
 * What a trimmer does at its best: cuts beyond it are avoided where that takes no more sheets.
 *
 * @param bed longest cut it makes in one go, units
 * @param held the larger of the two parts on either side of the blade must be as wide as this to be held safely, units
 */
public record TrimmerLimits(long bed, long held) {

    /** No limits. */
    public static final TrimmerLimits NONE = new TrimmerLimits(Long.MAX_VALUE, 0);

    /** Whether a cut of this stroke is longer than the bed. */
    public boolean isTooLong(CutSequence.Stroke stroke) {
        return stroke.length() > bed;
    }

    /** Whether what is in hand at a cut of this stroke is too small to be held. */
    public boolean isTooSmall(CutSequence.Stroke stroke, long fence) {
        long last =
                stroke.area().extent(stroke.upright()) - fence * (stroke.falls().size() - 1);
        return Math.max(fence, last - fence) < held;
    }

    int beyond(CutSequence.Stroke stroke, long fence) {
        return (isTooLong(stroke) ? 1 : 0) + (isTooSmall(stroke, fence) ? 1 : 0);
    }
}
