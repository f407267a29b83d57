package vantbreeze.core.guillotine;

/**
 * Sheets alike that may be cut up.
 *
 * @param width in units
 * @param height in units
 * @param copies how many there are; {@link #PLENTY} for as many as are wanted
 * @param cost of one, in whatever is to be spared
 */
public record Bin(long width, long height, int copies, double cost) {

    /** As many as are wanted. */
    public static final int PLENTY = Integer.MAX_VALUE;

    /**
     * @throws IllegalArgumentException when it has no size, there are fewer than none, or it costs less than nothing
     */
    public Bin {
        if (width <= 0 || height <= 0 || copies < 0 || !(cost >= 0)) {
            throw new IllegalArgumentException("A sheet has a width and a height, and costs nothing or more.");
        }
    }

    double area() {
        return (double) width * height;
    }
}
