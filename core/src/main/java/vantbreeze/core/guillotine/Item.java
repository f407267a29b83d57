package vantbreeze.core.guillotine;

/**
 * A rectangle to be cut, so many times.
 *
 * @param width of it as it stands, in units
 * @param height of it as it stands
 * @param copies how many
 * @param value what each is worth where not all can be cut; its area where nothing else is said
 */
public record Item(long width, long height, int copies, double value) {

    /** @throws IllegalArgumentException when it has no size, or there are fewer than none */
    public Item {
        if (width <= 0 || height <= 0 || copies < 0) {
            throw new IllegalArgumentException("A rectangle has a width and a height, and is cut some times.");
        }
    }

    /** Worth its area. */
    public Item(long width, long height, int copies) {
        this(width, height, copies, (double) width * height);
    }

    double area() {
        return (double) width * height;
    }

    long across(boolean turned) {
        return turned ? height : width;
    }

    long up(boolean turned) {
        return turned ? width : height;
    }
}
