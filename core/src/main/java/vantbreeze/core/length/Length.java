package vantbreeze.core.length;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;

/**
 * An exact length, a whole number of eighths of a micrometre.
 *
 * <p>That unit makes both schools whole: 1/64 in is 3,175 units and 0.001 mm is 8 units (an inch is 25.4 mm exactly,
 * international yard and pound agreement of 1959). Lengths may be negative, as offsets are.
 *
 * @param units eighths of a micrometre
 */
public record Length(long units) implements Comparable<Length> {

    /** Units in a millimetre. */
    public static final long PER_MILLIMETRE = 8_000;
    /** Units in an inch. */
    public static final long PER_INCH = 203_200;
    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /** A length of {@code units} eighths of a micrometre. */
    public static Length ofUnits(long units) {
        return units == 0 ? ZERO : new Length(units);
    }

    /** A whole number of micrometres. */
    public static Length ofMicrometres(long micrometres) {
        return ofUnits(Math.multiplyExact(micrometres, 8L));
    }

    /** A whole number of millimetres. */
    public static Length ofMillimetres(long millimetres) {
        return ofUnits(Math.multiplyExact(millimetres, PER_MILLIMETRE));
    }

    /** A whole number of inches. */
    public static Length ofInches(long inches) {
        return ofUnits(Math.multiplyExact(inches, PER_INCH));
    }

    /**
     * An inch measure with a fraction, {@code inches(5, 1, 2)} being 5½ in.
     *
     * @throws ArithmeticException when the fraction is no whole number of units, as 1/3 is
     */
    public static Length ofInches(long whole, long numerator, long denominator) {
        long parts = Math.multiplyExact(numerator, PER_INCH);
        if (denominator <= 0 || parts % denominator != 0) {
            throw new ArithmeticException(numerator + "/" + denominator + " in is not a whole number of units");
        }
        return ofInches(whole).plus(ofUnits(parts / denominator));
    }

    /** The length nearest to {@code millimetres}; for geometry that was computed in doubles, never for input. */
    public static Length nearest(double millimetres) {
        return ofUnits(Math.round(millimetres * PER_MILLIMETRE));
    }

    /** The nearest length to {@code amount} of a unit that is {@code unit} long; halves go to the even unit. */
    static Length nearest(BigDecimal amount, LengthUnit unit) {
        BigDecimal units = amount.multiply(BigDecimal.valueOf(unit.length().units));
        return ofUnits(units.setScale(0, RoundingMode.HALF_EVEN).longValueExact());
    }

    /** The sum of all {@code lengths}; nothing gives zero. */
    public static Length sum(Collection<Length> lengths) {
        return lengths.stream().reduce(ZERO, Length::plus);
    }

    public Length plus(Length other) {
        return ofUnits(Math.addExact(units, other.units));
    }

    public Length minus(Length other) {
        return ofUnits(Math.subtractExact(units, other.units));
    }

    public Length times(long factor) {
        return ofUnits(Math.multiplyExact(units, factor));
    }

    /** A part of this length, rounded towards zero to the unit (at most 1/8 µm short). */
    public Length dividedBy(long divisor) {
        return ofUnits(units / divisor);
    }

    /** How many times {@code part} goes into this length, whole times only. */
    public long timesContaining(Length part) {
        return units / part.units;
    }

    public Length negated() {
        return ofUnits(-units);
    }

    public Length abs() {
        return units < 0 ? negated() : this;
    }

    public Length min(Length other) {
        return compareTo(other) <= 0 ? this : other;
    }

    public Length max(Length other) {
        return compareTo(other) >= 0 ? this : other;
    }

    public boolean isPositive() {
        return units > 0;
    }

    public boolean isNegative() {
        return units < 0;
    }

    public boolean isLongerThan(Length other) {
        return units > other.units;
    }

    public boolean isShorterThan(Length other) {
        return units < other.units;
    }

    /** Millimetres as a double, exact to well under 0.001 mm for any card; for geometry and drawing. */
    public double millimetres() {
        return (double) units / PER_MILLIMETRE;
    }

    /** Millimetres in full, never rounded. */
    public BigDecimal exactMillimetres() {
        // an eighth of a micrometre is 125 millionths of a millimetre
        return BigDecimal.valueOf(Math.multiplyExact(units, 125), 6).stripTrailingZeros();
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(units, other.units);
    }

    @Override
    public String toString() {
        return exactMillimetres().toPlainString() + " mm";
    }
}
