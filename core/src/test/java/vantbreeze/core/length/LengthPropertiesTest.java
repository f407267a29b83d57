package vantbreeze.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;

class LengthPropertiesTest {

    @Property
    void whatIsWrittenOnARulerIsReadBack(@ForAll Ruler ruler, @ForAll @LongRange(min = 0, max = 900) long marks) {
        Length length = ruler.division().times(marks);
        Figure figure = Figure.of(length, ruler);
        assertThat(MeasureReader.of(ruler).read(figure.text())).isEqualTo(length);
        assertThat(MeasureReader.of(ruler).read(figure.printed())).isEqualTo(length);
        assertThat(figure.isExact()).isTrue();
    }

    @Property
    void whatIsOffTheRulerIsReadBackExactlyToo(
            @ForAll Ruler ruler, @ForAll @LongRange(min = 0, max = 40_000_000) long units) {
        Length length = Length.ofUnits(units);
        assertThat(MeasureReader.of(ruler).read(Figure.of(length, ruler).text()))
                .isEqualTo(length);
    }

    @Property
    void everyInchFractionToASixtyFourthIsExact(@ForAll @LongRange(min = 0, max = 64 * 100) long sixtyFourths) {
        Length length = Length.ofInches(0, sixtyFourths, 64);
        assertThat(MeasureReader.in(LengthUnit.INCH).read(sixtyFourths + "/64")).isEqualTo(length);
        assertThat(length.units()).isEqualTo(3_175 * sixtyFourths);
    }

    @Property
    void rerulingNeverDriftsMoreThanHalfADivision(
            @ForAll Ruler ruler, @ForAll @LongRange(min = -9_000_000, max = 9_000_000) long units) {
        Length length = Length.ofUnits(units);
        Ruled ruled = ruler.nearest(length);
        assertThat(ruled.drift().abs().times(2)).isLessThanOrEqualTo(ruler.division());
        assertThat(ruler.marks(ruled.length())).isTrue();
        assertThat(ruled.length().minus(ruled.drift())).isEqualTo(length);
        assertThat(ruler.below(length).length()).isLessThanOrEqualTo(length);
        assertThat(ruler.above(length).length()).isGreaterThanOrEqualTo(length);
        assertThat(ruler.nearest(ruled.length()).isExact()).isTrue();
    }

    @Property
    void anyTextIsReadOrRefusedInWords(@ForAll @StringLength(max = 60) String text) {
        try {
            Length length = MeasureReader.of(Ruler.EIGHTHS).read(text);
            assertThat(length).isBetween(Length.ZERO, MeasureReader.LONGEST);
        } catch (UnreadableMeasure refused) {
            assertThat(refused.getMessage()).endsWith(".").doesNotContain("Exception");
        }
    }
}
