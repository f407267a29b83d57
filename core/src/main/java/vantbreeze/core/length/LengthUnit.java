package vantbreeze.core.length;

/** A unit in which people write measures. */
public enum LengthUnit {
    INCH("in", Length.ofInches(1)),
    CENTIMETRE("cm", Length.ofMillimetres(10)),
    MILLIMETRE("mm", Length.ofMillimetres(1));

    private final String sign;
    private final Length length;

    LengthUnit(String sign, Length length) {
        this.sign = sign;
        this.length = length;
    }

    /** The sign written behind a figure, {@code in}, {@code cm} or {@code mm}. */
    public String sign() {
        return sign;
    }

    /** How long one of it is. */
    public Length length() {
        return length;
    }
}
