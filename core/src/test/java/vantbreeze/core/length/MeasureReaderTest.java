package vantbreeze.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureReaderTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "5 1/2",
                "5½",
                "5-1/2\"",
                "5.5in",
                "5 ½",
                "5 1/2 in",
                "5 1/2 inches",
                "5,5",
                "11/2",
                "5 and 1/2",
                "5–1/2”",
                "5 1⁄2″",
                "5¹⁄₂",
                "  5.50 ins ",
                "139.7 mm",
                "13.97cm",
                "13,97 cm",
                "5 2/4''",
                "５.５"
            })
    void readsFiveAndAHalfInchesHoweverItIsWritten(String text) {
        assertThat(MeasureReader.of(Ruler.EIGHTHS).read(text)).isEqualTo(Length.ofInches(5, 1, 2));
    }

    @ParameterizedTest
    @CsvSource({"14 cm, 140", "140, 140", "140 mm, 140", "14.0 centimetres, 140", "0, 0"})
    void readsABareFigureInTheUnitInForce(String text, long millimetres) {
        assertThat(MeasureReader.of(Ruler.MM_1).read(text)).isEqualTo(Length.ofMillimetres(millimetres));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 1/ | no lower figure", "-3 | less than nothing", "−3 | less than nothing", "abc | not a measure",
                "9999 in | longer than 5 m", "'' | Nothing is written", "'   ' | Nothing is written",
                        "in | unit but no figure",
                "5 1/0 | 0 below the line", "5 9/8 | another fraction", "5 1/2 1/2 | not a measure",
                        "½½ | not a measure",
                "1e5 | not a measure", "5.5.5 | not a measure", "٣ cm x | not a measure"
            })
    void saysWhatIsWrongAndWhatToWrite(String text, String words) {
        assertThatThrownBy(() -> MeasureReader.of(Ruler.EIGHTHS).read(text))
                .isInstanceOf(UnreadableMeasure.class)
                .hasMessageContaining(words);
    }

    @Test
    void refusesNothingAtAllAndAWholeLetter() {
        assertThatThrownBy(() -> MeasureReader.of(Ruler.MM_1).read(null)).hasMessageContaining("Nothing is written");
        assertThatThrownBy(() -> MeasureReader.of(Ruler.MM_1).read("5".repeat(10_000)))
                .hasMessageContaining("too much text");
    }
}
