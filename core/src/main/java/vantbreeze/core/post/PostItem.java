package vantbreeze.core.post;

/**
 * What is handed in at the counter.
 *
 * @param length the longer side, mm
 * @param width the shorter side, mm
 * @param thickness where it is thickest, mm
 * @param grams all of it
 * @param stiff whether it does not bend round a roller
 * @param uneven whether it is so much thicker in one place than in others that rollers do not take it
 */
public record PostItem(double length, double width, double thickness, double grams, boolean stiff, boolean uneven) {

    /** @throws IllegalArgumentException where a size is not positive or the longer side the shorter */
    public PostItem {
        if (!(width > 0) || !(length >= width) || !(thickness >= 0) || !(grams >= 0)) {
            throw new IllegalArgumentException("not an item: %s × %s × %s mm".formatted(length, width, thickness));
        }
    }
}
