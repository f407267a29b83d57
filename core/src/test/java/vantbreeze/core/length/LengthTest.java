package vantbreeze.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Lengths reckon as whole numbers do (elementary), and rulers move by whole divisions. */
class LengthTest {

    private static Length of(long units) {
        return Length.ofUnits(units);
    }

    @Property
    void lengthsReckonAsWholeNumbersDo(
            @ForAll @LongRange(min = -1_000_000, max = 1_000_000) long one,
            @ForAll @LongRange(min = -1_000_000, max = 1_000_000) long other,
            @ForAll @LongRange(min = 1, max = 99) long factor) {
        assertThat(of(one).plus(of(other)).units()).isEqualTo(one + other);
        assertThat(of(one).minus(of(other)).units()).isEqualTo(one - other);
        assertThat(of(one).times(factor).units()).isEqualTo(one * factor);
        assertThat(of(one).dividedBy(factor).units()).isEqualTo(one / factor);
        assertThat(of(one).timesContaining(of(factor))).isEqualTo(one / factor);
        assertThat(of(one).negated().units()).isEqualTo(-one);
        assertThat(of(one).abs().units()).isEqualTo(Math.abs(one));
        assertThat(of(one).min(of(other)).units()).isEqualTo(Math.min(one, other));
        assertThat(of(one).max(of(other)).units()).isEqualTo(Math.max(one, other));
        assertThat(of(one).compareTo(of(other))).isEqualTo(Long.compare(one, other));
        assertThat(Length.sum(List.of(of(one), of(other), of(factor))).units()).isEqualTo(one + other + factor);
    }

    @ParameterizedTest
    @CsvSource({"-1, false, true, true, false", "0, false, false, false, false", "1, true, false, false, true"})
    void aLengthIsShorterLikeOrLonger(long units, boolean positive, boolean negative, boolean shorter, boolean longer) {
        assertThat(of(units).isPositive()).isEqualTo(positive);
        assertThat(of(units).isNegative()).isEqualTo(negative);
        assertThat(of(units).isShorterThan(Length.ZERO)).isEqualTo(shorter);
        assertThat(of(units).isLongerThan(Length.ZERO)).isEqualTo(longer);
    }

    @Property
    void millimetresComeBackToTheUnit(@ForAll @DoubleRange(min = -3_000, max = 3_000) double millimetres) {
        Length nearest = Length.nearest(millimetres);
        assertThat(nearest.millimetres()).isCloseTo(millimetres, within(0.5 / 8_000 + 1e-9));
        assertThat(Length.nearest(nearest.millimetres())).isEqualTo(nearest);
        assertThat(nearest.exactMillimetres().doubleValue()).isEqualTo(nearest.millimetres());
        assertThat(nearest.toString()).isEqualTo(nearest.exactMillimetres().toPlainString() + " mm");
    }

    @Test
    void aFractionThatIsNoWholeUnitIsRefused() {
        assertThat(Length.ofInches(5, 1, 2)).isEqualTo(Length.ofMicrometres(139_700));
        assertThatThrownBy(() -> Length.ofInches(0, 1, 3)).hasMessageContaining("1/3 in");
        assertThatThrownBy(() -> Length.ofInches(0, 1, 0)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.ofInches(0, 1, -2)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.ofMillimetres(Long.MAX_VALUE / 2)).isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @EnumSource
    void aRulerIsFoundByItsIdAndMovesByItsDivisions(Ruler ruler) {
        assertThat(Ruler.find(ruler.id())).contains(ruler);
        assertThat(ruler.label()).startsWith(ruler.isInches() ? "Inches" : "Millimetres");
        Length mark = ruler.division().times(7);
        Length off = mark.plus(of(1));
        assertThat(ruler.marks(mark)).isTrue();
        assertThat(ruler.marks(off)).isFalse();
        assertThat(ruler.moved(mark, 2)).isEqualTo(ruler.division().times(9));
        assertThat(ruler.moved(mark, -2)).isEqualTo(ruler.division().times(5));
        // from between two marks the first step is to the next one
        assertThat(ruler.moved(off, 1)).isEqualTo(ruler.division().times(8));
        assertThat(ruler.moved(off, -1)).isEqualTo(mark);
        assertThat(ruler.moved(off, 0)).isEqualTo(mark);
    }

    @Test
    void noOtherRulerIsFound() {
        assertThat(Ruler.find("cubits")).isEmpty();
    }
}
