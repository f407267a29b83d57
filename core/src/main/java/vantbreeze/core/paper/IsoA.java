package vantbreeze.core.paper;

/** The A series of ISO 216: A0 is 841 × 1189 mm, each next is half the last, rounded down to the millimetre. */
public final class IsoA {

    private IsoA() {}

    /**
     * The size A{@code n}, standing upright.
     *
     * @throws IllegalArgumentException below 0 or above 10, which the standard does not name
     */
    public static Size size(int n) {
        if (n < 0 || n > 10) {
            throw new IllegalArgumentException("ISO 216 has A0 to A10, not A" + n);
        }
        long width = 841;
        long height = 1189;
        for (int i = 0; i < n; i++) {
            long half = height / 2;
            height = width;
            width = half;
        }
        return Size.ofMillimetres(width, height);
    }
}
