package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Ruler;

/**
 * What a figure may have been before it was misread: another fraction behind the same whole, one more or less, digits
 * swapped, centimetres for inches; then what its neighbours would make of it; then the marks beside it.
 */
final class Misreadings {

    private static final int MARKS_AROUND = 8;
    /** Longer figures are of no card. */
    private static final int MOST_DIGITS = 3;

    private static final Pattern DECIMAL = Pattern.compile("^(\\d+)[.,](\\d+)");

    private final Token figure;
    private final Ruler ruler;

    Misreadings(Token figure, Ruler ruler) {
        this.figure = figure;
        this.ruler = ruler;
    }

    /** What people do misread; a change to one of these needs no other reason. */
    Set<Length> usual() {
        Set<Length> usual = new LinkedHashSet<>();
        Length length = figure.measure();
        if (figure.unit() == LengthUnit.INCH) {
            Length whole = Length.ofInches(length.units() / Length.PER_INCH);
            for (int eighth = 0; eighth < 8; eighth++) {
                usual.add(whole.plus(Length.ofInches(0, eighth, 8)));
            }
            usual.add(length.plus(Length.ofInches(1)));
            usual.add(length.minus(Length.ofInches(1)));
        } else {
            for (long step : new long[] {1, 5, 10}) {
                usual.add(length.plus(Length.ofMillimetres(step)));
                usual.add(length.minus(Length.ofMillimetres(step)));
            }
            usual.add(length.times(10));
            usual.add(length.dividedBy(10));
        }
        usual.addAll(swapped());
        usual.removeIf(one -> !one.isPositive() || one.equals(length));
        return usual;
    }

    /** Two digits of the whole figure the wrong way round. */
    List<Length> swapped() {
        Length length = figure.measure();
        long unit = requireNonNull(figure.unit()).length().units();
        String whole = String.valueOf(length.units() / unit);
        List<Length> swapped = new ArrayList<>();
        for (int i = 0; i + 1 < whole.length(); i++) {
            char[] digits = whole.toCharArray();
            char first = digits[i];
            digits[i] = digits[i + 1];
            digits[i + 1] = first;
            swapped.add(Length.ofUnits(Long.parseLong(new String(digits)) * unit + length.units() % unit));
        }
        return swapped;
    }

    /** By how people slip, the likeliest first (after Damerau 1964): what they do misread, and a digit more or less. */
    List<Length> slips() {
        Set<Length> slips = new LinkedHashSet<>(swapped());
        slips.addAll(acrossThePoint());
        slips.addAll(usual());
        slips.addAll(otherSchool());
        slips.addAll(digits());
        slips.removeIf(one -> !one.isPositive() || one.equals(figure.length()));
        return List.copyOf(slips);
    }

    /** The digits beside a decimal point the wrong way round: 2.55 for 5.25. */
    private List<Length> acrossThePoint() {
        Matcher decimal = DECIMAL.matcher(figure.text());
        if (!decimal.find()) {
            return List.of();
        }
        String swapped = decimal.group(1).substring(0, decimal.group(1).length() - 1)
                + decimal.group(2).charAt(0) + "."
                + decimal.group(1).charAt(decimal.group(1).length() - 1)
                + decimal.group(2).substring(1);
        return List.of(of(new BigDecimal(swapped)));
    }

    /**
     * The same length as the other school writes it, on the nearest mark: 14 among inches is most likely 14 cm, 5.5
     * among centimetres 5.5 in.
     */
    private List<Length> otherSchool() {
        Length length = figure.measure();
        LengthUnit unit = requireNonNull(figure.unit());
        LengthUnit other = unit == LengthUnit.INCH ? LengthUnit.CENTIMETRE : LengthUnit.INCH;
        BigDecimal meant = BigDecimal.valueOf(length.units())
                .multiply(BigDecimal.valueOf(other.length().units()))
                .divide(BigDecimal.valueOf(unit.length().units()), 0, RoundingMode.HALF_EVEN);
        Length mark = ruler.division();
        return List.of(mark.times(Math.round(meant.doubleValue() / mark.units())));
    }

    /** One digit of a whole figure too many, or one left out, the last one first. */
    private List<Length> digits() {
        Length length = figure.measure();
        long unit = requireNonNull(figure.unit()).length().units();
        if (length.units() % unit != 0) {
            return List.of();
        }
        String whole = String.valueOf(length.units() / unit);
        Set<String> others = new LinkedHashSet<>();
        for (int i = 0; i < whole.length() && whole.length() > 1; i++) {
            others.add(whole.substring(0, i) + whole.substring(i + 1));
        }
        for (int i = whole.length(); i >= 0 && whole.length() < MOST_DIGITS; i--) {
            for (int digit = 0; digit < 10; digit++) {
                others.add(whole.substring(0, i) + digit + whole.substring(i));
            }
        }
        return others.stream().map(other -> of(new BigDecimal(other))).toList();
    }

    private Length of(BigDecimal amount) {
        long unit = requireNonNull(figure.unit()).length().units();
        return Length.ofUnits(amount.multiply(BigDecimal.valueOf(unit))
                .setScale(0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }

    /** All that is worth trying: the usual, what follows from {@code others}, and the marks beside. */
    Collection<Length> all(List<Length> others) {
        Set<Length> all = new LinkedHashSet<>(usual());
        for (int i = 0; i < others.size(); i++) {
            all.add(others.get(i).dividedBy(2));
            all.add(others.get(i).times(2));
            for (int j = 0; j < others.size(); j++) {
                all.add(others.get(i).plus(others.get(j)));
                all.add(others.get(i).minus(others.get(j)));
            }
        }
        for (int mark = 1; mark <= MARKS_AROUND; mark++) {
            all.add(figure.measure().plus(ruler.division().times(mark)));
            all.add(figure.measure().minus(ruler.division().times(mark)));
        }
        all.removeIf(one -> !one.isPositive() || one.equals(figure.length()));
        return all;
    }
}
