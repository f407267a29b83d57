package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Ruler;

/**
 * What a figure may have been before it was misread: another fraction behind the same whole, one more or less, digits
 * swapped, centimetres for inches; then what its neighbours would make of it; then the marks beside it.
 */
final class Misreadings {

    private static final int MARKS_AROUND = 8;

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
