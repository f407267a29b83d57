package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.recipe.Token.Kind;

class TokensTest {

    private final List<Passage> unread = new ArrayList<>();

    private List<Token> figures(String text, LengthUnit bare) {
        return Tokens.of(text, bare, unread).stream()
                .filter(token -> token.is(Kind.FIGURE))
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            5 1/2        | 5 1/2 in
            5-1/2        | 5 1/2 in
            5 and 1/2    | 5 1/2 in
            5½           | 5 1/2 in
            5 ½          | 5 1/2 in
            ½            | 1/2 in
            5³⁄₄         | 5 3/4 in
            5.5          | 5 1/2 in
            .5           | 1/2 in
            5 1/2"       | 5 1/2 in
            5½″          | 5 1/2 in
            5 1/2 inches | 5 1/2 in
            127 mm       | 5 in
            12.7 cm      | 5 in
            12,7 cm      | 5 in
            """)
    void aFigureIsReadAsPeopleWriteIt(String written, String read) {
        List<Token> figures = figures("score at " + written + " then", LengthUnit.INCH);
        assertThat(figures).hasSize(1);
        assertThat(Figure.of(figures.get(0).length(), Ruler.SIXTEENTHS).text()).isEqualTo(read);
    }

    @Test
    void aUnitGoesForTheListBeforeIt() {
        assertThat(figures("28 x 10 cm, then 7", LengthUnit.MILLIMETRE))
                .extracting(Token::length)
                .containsExactly(Length.ofMillimetres(280), Length.ofMillimetres(100), Length.ofMillimetres(70));
        assertThat(figures("280 x 100 score at 7, 14 and 21 cm", LengthUnit.MILLIMETRE))
                .extracting(Token::length)
                .containsExactly(
                        Length.ofMillimetres(280),
                        Length.ofMillimetres(100),
                        Length.ofMillimetres(70),
                        Length.ofMillimetres(140),
                        Length.ofMillimetres(210));
    }

    @Test
    void aCommaBetweenInchesParts() {
        assertThat(figures("score at 3,6,9", LengthUnit.INCH))
                .extracting(Token::length)
                .containsExactly(Length.ofInches(3), Length.ofInches(6), Length.ofInches(9));
        assertThat(figures("3,5 x 4", LengthUnit.CENTIMETRE))
                .extracting(Token::length)
                .containsExactly(Length.ofMillimetres(35), Length.ofMillimetres(40));
    }

    @Test
    void whatCannotBeReadIsSaidAndKeepsItsPlace() {
        List<Token> figures = figures("at 3, 5/0, 999999", LengthUnit.INCH);
        assertThat(figures.get(1).length()).isNull();
        assertThat(unread)
                .extracting(Passage::words)
                .anyMatch(words -> words.contains("0 below the line"))
                .anyMatch(words -> words.contains("longer than 5 m"));
        assertThat(unread.get(0).start()).isEqualTo(6);
    }

    @Test
    void byIsTimesBetweenFiguresOnly() {
        assertThat(Tokens.of("11 by 4, glued by its back", LengthUnit.INCH, unread))
                .filteredOn(token -> token.text().equals("by"))
                .extracting(Token::kind)
                .containsExactly(Kind.TIMES, Kind.WORD);
    }

    @ParameterizedTest
    @CsvSource({
        "four and a quarter, 4 1/4",
        "two and three eighths, 2 3/8",
        "seven eighths, 7/8",
        "half an inch, 1/2",
        "a half inch, 1/2",
        "three quarters of an inch, 3/4",
        "an eighth of an inch, 1/8",
        "quarter inch, 1/4",
        "an inch and a half, 1 1/2",
        "five inches and three quarters, 5 3/4",
        "one and one-sixteenth inches, 1 1/16",
        "eleven, 11",
        "twenty-nine, 29",
        "4 and a quarter, 4 1/4",
        "4 and three eighths inches, 4 3/8",
        "five and nine thirty-seconds, 5 9/32",
        "twelve point five, 12.5"
    })
    void aFigureInWordsIsTheSameInDigits(String said, String written) {
        Token figure = figures("score at " + said, LengthUnit.INCH).get(0);
        assertThat(figures("score at " + said, LengthUnit.INCH)).hasSize(1);
        assertThat(figure.length()).isEqualTo(MeasureReader.in(LengthUnit.INCH).read(written));
        assertThat(figure.unit()).isEqualTo(LengthUnit.INCH);
    }

    @Test
    void metricFiguresInWordsToo() {
        assertThat(figures("two hundred and ten millimetres by fourteen point eight centimetres", LengthUnit.INCH))
                .extracting(Token::length)
                .containsExactly(Length.ofMillimetres(210), Length.ofMillimetres(148));
        assertThat(figures("ten by five and a half", LengthUnit.CENTIMETRE))
                .extracting(Token::length)
                .containsExactly(Length.ofMillimetres(100), Length.ofMillimetres(55));
    }

    @Test
    void wordsThatOnlySoundLikeFiguresAreNone() {
        assertThat(figures("fold this one in half, then the other one into quarters", LengthUnit.INCH))
                .isEmpty();
        assertThat(figures("half a sheet, in thirds, a piece of one, quarters", LengthUnit.INCH))
                .isEmpty();
        assertThat(figures("at two and three", LengthUnit.INCH))
                .extracting(Token::length)
                .containsExactly(Length.ofInches(2), Length.ofInches(3));
    }

    /** Every token stands where it says, one behind the other. */
    @Property(tries = 300)
    void tokensCoverTheTextInOrder(@ForAll String text) {
        int last = 0;
        for (Token token : Tokens.of(text, LengthUnit.MILLIMETRE, new ArrayList<>())) {
            assertThat(token.start()).isGreaterThanOrEqualTo(last);
            assertThat(token.end()).isGreaterThan(token.start()).isLessThanOrEqualTo(text.length());
            last = token.end();
        }
    }

    /** Any figure that a ruler writes is read back as that length, among other words. */
    @Property(tries = 300)
    void whatARulerWritesIsReadBack(@ForAll @IntRange(min = 1, max = 900) int marks, @ForAll Ruler ruler) {
        Length length = ruler.division().times(marks);
        String text = Figure.of(length, ruler).text();
        assertThat(figures("score at " + text + ", fold v", LengthUnit.CENTIMETRE))
                .extracting(Token::length)
                .containsExactly(length);
        assertThat(figures("score at " + Figure.of(length, ruler).printed() + " fold v", ruler.unit()))
                .extracting(Token::length)
                .containsExactly(length);
    }
}
