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
    void namesTheDriftOfAMeasureOffTheRuler() {
        Figure figure = Figure.of(Length.ofMillimetres(70), Ruler.EIGHTHS);
        assertThat(figure.printed()).isEqualTo("2¾");
        assertThat(figure.isOnRuler()).isFalse();
        assertThat(figure.drift()).isEqualTo(Length.ofInches(2, 3, 4).minus(Length.ofMillimetres(70)));
        assertThat(figure.text()).isEqualTo("70 mm");
        assertThat(figure.inWords()).isEqualTo("about 2¾ in");
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
