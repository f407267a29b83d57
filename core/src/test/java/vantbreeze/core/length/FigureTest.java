package vantbreeze.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class FigureTest {

    @Test
    void writesFractionsInLowestTermsAsARulerShowsThem() {
        assertThat(Figure.of(Length.ofInches(2, 6, 8), Ruler.EIGHTHS).printed()).isEqualTo("2¾");
        assertThat(Figure.of(Length.ofInches(0, 3, 16), Ruler.SIXTEENTHS).printed())
                .isEqualTo("3/16");
        assertThat(Figure.of(Length.ofInches(5, 3, 16), Ruler.SIXTEENTHS).text())
                .isEqualTo("5 3/16 in");
        assertThat(Figure.of(Length.ofInches(11), Ruler.EIGHTHS).printed()).isEqualTo("11");
        assertThat(Figure.of(Length.ofMicrometres(52_500), Ruler.MM_HALF).printed())
                .isEqualTo("52.5");
    }

    @Test
    void aMeasureOffTheRulersMarksIsWrittenOnTheNextFinerDivision() {
        assertThat(words(Length.ofInches(2, 9, 16), Ruler.EIGHTHS)).isEqualTo("2 9/16 in");
        assertThat(words(Length.ofInches(2, 37, 64), Ruler.EIGHTHS)).isEqualTo("2 37/64 in");
        assertThat(words(Length.ofMillimetres(52), Ruler.MM_5)).isEqualTo("52 mm");
        assertThat(words(Length.ofMicrometres(52_300), Ruler.MM_1)).isEqualTo("52.3 mm");
    }

    @Test
    void aMeasureOfTheOtherSchoolStaysOnTheRulerAndTellsWhatItIsExactly() {
        Figure figure = Figure.of(Length.ofMillimetres(71), Ruler.EIGHTHS);
        assertThat(figure.inWords()).isEqualTo("≈ 2 25/32 in");
        assertThat(figure.isExact()).isFalse();
        assertThat(figure.exactly()).contains("71 mm");
        assertThat(figure.text()).isEqualTo("71 mm");
        assertThat(Figure.of(Length.ofInches(2, 1, 8), Ruler.MM_1).exactly()).contains("2⅛ in");
        assertThat(Figure.of(Length.ofInches(2, 1, 8), Ruler.EIGHTHS).exactly()).isEmpty();
    }

    @Test
    void whatNoRulerHasIsWrittenOnTheFinestMarkWithOneSign() {
        Figure third = Figure.of(Length.ofMillimetres(110).dividedBy(3), Ruler.EIGHTHS);
        assertThat(third.inWords()).isEqualTo("≈ 1 7/16 in");
        assertThat(third.exactly()).isEmpty();
        assertThat(third.drift()).isEqualTo(Length.ofInches(1, 7, 16).minus(third.length()));
        assertThat(MeasureReader.of(Ruler.EIGHTHS).read(third.text())).isEqualTo(third.length());
        assertThat(words(Length.ofMillimetres(110).dividedBy(3), Ruler.MM_1)).isEqualTo("≈ 36.5 mm");
    }

    @Test
    void slantedPlacesThatWereReckonedAreOnTheMarkTheyLieOn() {
        assertThat(words(Length.nearest(50.8 + 1e-3), Ruler.EIGHTHS)).isEqualTo("2 in");
        assertThat(MeasureReader.of(Ruler.EIGHTHS)
                        .read(Figure.of(Length.nearest(50.8 + 1e-3), Ruler.EIGHTHS)
                                .text()))
                .isEqualTo(Length.nearest(50.8 + 1e-3));
    }

    @Test
    void aThicknessComesInStepsThatCanBeMeasured() {
        assertThat(Figure.estimate(3.21, Ruler.MM_1).inWords()).isEqualTo("3.5 mm");
        assertThat(Figure.estimate(3.15, Ruler.EIGHTHS).inWords()).isEqualTo("⅛ in");
        assertThat(Figure.estimate(0.1, Ruler.SIXTEENTHS).inWords()).isEqualTo("1/32 in");
    }

    @Test
    void aSizeHasOneUnit() {
        Figure width = Figure.of(Length.ofInches(5, 1, 2), Ruler.EIGHTHS);
        assertThat(width.by(Figure.of(Length.ofInches(4, 1, 4), Ruler.EIGHTHS))).isEqualTo("5½ × 4¼ in");
    }

    /** Every thousandth of a millimetre: written exactly or with the sign, and no farther off than half a mark. */
    @Test
    void whatIsWrittenIsTheLengthOrSaysThatItIsNot() {
        for (Ruler ruler : Ruler.values()) {
            MeasureReader reader = MeasureReader.of(ruler);
            for (int micrometres = 0; micrometres < 60_000; micrometres += 7) {
                Length length = Length.ofMicrometres(micrometres);
                Figure figure = Figure.of(length, ruler);
                assertThat(reader.read(figure.text())).isEqualTo(length);
                double off = reader.read(figure.printed() + " " + figure.unit().sign())
                                .millimetres()
                        - length.millimetres();
                assertThat(Math.abs(off)).isLessThan(figure.inWords().startsWith("≈") ? 25.4 / 64 + 1e-9 : 0.01);
            }
        }
    }

    private static String words(Length length, Ruler ruler) {
        return Figure.of(length, ruler).inWords();
    }

    @Test
    void thirdsOfAnInchAreNoExactLength() {
        assertThatThrownBy(() -> Length.ofInches(0, 1, 3)).isInstanceOf(ArithmeticException.class);
    }

    /** International yard and pound agreement, 1959: an inch is 25.4 mm exactly. */
    @Test
    void anInchIs25Point4Millimetres() {
        assertThat(Length.ofInches(10)).isEqualTo(Length.ofMillimetres(254));
        assertThat(Length.ofInches(1).exactMillimetres()).isEqualByComparingTo("25.4");
    }
}
