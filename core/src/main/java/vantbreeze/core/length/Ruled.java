package vantbreeze.core.length;

/**
 * A length brought to a ruler's mark.
 *
 * @param length the mark
 * @param drift how far that is from what was asked for: positive when the mark is longer
 */
public record Ruled(Length length, Length drift) {

    /** Whether nothing moved. */
    public boolean isExact() {
        return drift.equals(Length.ZERO);
    }
}
