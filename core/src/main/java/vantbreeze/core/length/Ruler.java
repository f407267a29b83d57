package vantbreeze.core.length;

import java.util.Arrays;
import java.util.Optional;

/**
 * A ruler: what can be measured on it, and how a figure read off it is written.
 *
 * <p>Inch rulers are divided in binary fractions, metric ones in decimals of a millimetre. Rounding to a ruler is
 * always asked for and says by how much it moved ({@link Ruled}).
 */
public enum Ruler {
    EIGHTHS("eighths", "Inches, eighths", LengthUnit.INCH, 8),
    SIXTEENTHS("sixteenths", "Inches, sixteenths", LengthUnit.INCH, 16),
    THIRTY_SECONDS("thirty-seconds", "Inches, thirty-seconds", LengthUnit.INCH, 32),
    MM_5("mm5", "Millimetres, every 5", LengthUnit.MILLIMETRE, Length.ofMillimetres(5)),
    MM_1("mm", "Millimetres", LengthUnit.MILLIMETRE, Length.ofMillimetres(1)),
    MM_HALF("mm-half", "Millimetres, halves", LengthUnit.MILLIMETRE, Length.ofMicrometres(500));

    private final String id;
    private final String label;
    private final LengthUnit unit;
    private final Length division;

    Ruler(String id, String label, LengthUnit unit, int parts) {
        this(id, label, unit, Length.ofInches(0, 1, parts));
    }

    Ruler(String id, String label, LengthUnit unit, Length division) {
        this.id = id;
        this.label = label;
        this.unit = unit;
        this.division = division;
    }

    /** The ruler with this id, as plans name it. */
    public static Optional<Ruler> find(String id) {
        return Arrays.stream(values()).filter(ruler -> ruler.id.equals(id)).findFirst();
    }

    public String id() {
        return id;
    }

    /** What the maker sees it called. */
    public String label() {
        return label;
    }

    /** The unit that a figure without a sign is read in. */
    public LengthUnit unit() {
        return unit;
    }

    /** The distance between two marks. */
    public Length division() {
        return division;
    }

    public boolean isInches() {
        return unit == LengthUnit.INCH;
    }

    /** The ruler on which those who use the other unit read the same figure. */
    public Ruler elsewhere() {
        return isInches() ? MM_HALF : SIXTEENTHS;
    }

    /** Whether {@code length} falls on a mark. */
    public boolean marks(Length length) {
        return length.units() % division.units() == 0;
    }

    /** The nearest mark; a length half-way between two goes to the larger. Drift is at most half a division. */
    public Ruled nearest(Length length) {
        long half = division.units() / 2;
        return at(length, Math.floorDiv(length.units() + half, division.units()));
    }

    /** The mark at or below {@code length}. */
    public Ruled below(Length length) {
        return at(length, Math.floorDiv(length.units(), division.units()));
    }

    /** The mark at or above {@code length}. */
    public Ruled above(Length length) {
        return at(length, -Math.floorDiv(-length.units(), division.units()));
    }

    /**
     * The mark so many divisions on from {@code length}; from between two marks, the first step is to the next one.
     *
     * @param divisions negative for shorter
     */
    public Length moved(Length length, int divisions) {
        Length from = divisions < 0 ? above(length).length() : below(length).length();
        return from.plus(division.times(divisions));
    }

    private Ruled at(Length length, long mark) {
        Length ruled = division.times(mark);
        return new Ruled(ruled, ruled.minus(length));
    }
}
