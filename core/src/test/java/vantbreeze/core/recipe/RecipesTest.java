package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Recipes of our own making, good and faulty, each with what must come of it; then anything at all. */
class RecipesTest {

    static Stream<Arguments> recipes() throws IOException {
        String all = new String(
                RecipesTest.class.getResourceAsStream("/recipes.txt").readAllBytes(), StandardCharsets.UTF_8);
        return all.lines()
                .map(line -> line.split(" \\| ", 3))
                .map(parts -> Arguments.of(parts[1], Ruler.find(parts[0]).orElseThrow(), parts[2]));
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void aRecipeIsReadDrawnAndJudged(String recipe, Ruler ruler, String told) {
        assertThat(Told.of(recipe, ruler)).isEqualTo(told);
    }

    @Test
    void thereAreAtLeastSixtyOfThem() throws IOException {
        assertThat(recipes().count()).isGreaterThanOrEqualTo(60);
    }

    @Test
    void aMatThatFitsNoPanelIsNamedWithTheNearestPanel() {
        RecipeReading reading =
                Recipes.on(Ruler.EIGHTHS).read("11 x 4 1/4, score at 2 3/4 and 5 1/2, fold m v. Mat 5 3/4 x 4");
        assertThat(reading.findings().get(0).words())
                .isEqualTo("A mat of 5¾ in × 4 in fits no panel: the nearest is 5½ in × 4¼ in, ¼ in too "
                        + "small. With the usual border it would be 5¼ in × 4 in.");
    }

    @Test
    void aMisreadFigureIsFoundAndPutRight() {
        String text = "12 x 4, score at 3, 6, 8, fold v m v";
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
        assertThat(reading.verdict()).isEqualTo("It does not close: a panel pokes out by 1 in.");
        OneNumber mend = reading.mends().get(0);
        assertThat(text.substring(mend.start(), mend.end())).isEqualTo("8");
        assertThat(mend.text()).isEqualTo("12 x 4, score at 3, 6, 9, fold v m v");
        assertThat(Recipes.on(Ruler.EIGHTHS).read(mend.text()).closes()).isTrue();
    }

    @Test
    void whatWasNotUnderstoodIsPointedAtWhereItStands() {
        String text = "11 x 4 1/4 scroe at 2 3/4, fold valley";
        Passage passage = Recipes.on(Ruler.EIGHTHS).read(text).notUnderstood().get(0);
        assertThat(text.substring(passage.start(), passage.end())).isEqualTo("scroe");
        Passage zero = Recipes.on(Ruler.EIGHTHS)
                .read("11 x 4, score at 5 1/0")
                .notUnderstood()
                .get(0);
        assertThat(zero.words()).contains("0 below the line");
    }

    @Test
    void theScoredSideIsTheOneOnWhichTheScoresFit() {
        RecipeReading z = Recipes.on(Ruler.EIGHTHS).read("Cut 4 1/4 x 11. Score at 2 3/4 and 5 1/2. Fold m v.");
        assertThat(z.verdict()).isEqualTo("It closes, to 5½ in × 4¼ in.");
        assertThat(z.taken())
                .extracting(Assumption::words)
                .contains("Card base is scored along the second side written: there its scores fit.");
        RecipeReading gate = Recipes.on(Ruler.EIGHTHS).read("5 1/2 by 11, score 2 3/4 in from both ends, valley");
        assertThat(gate.verdict()).isEqualTo("It closes, to 5½ in × 5½ in.");
        assertThat(Recipes.on(Ruler.EIGHTHS)
                        .read("4 1/4 x 11, score at 2 1/8, valley")
                        .taken())
                .extracting(Assumption::words)
                .containsExactly("Card base is taken to be scored along its short side.");
    }

    @Test
    void aRecipeAllInTheOtherUnitIsAnsweredInThat() {
        RecipeReading metric = Recipes.on(Ruler.EIGHTHS).read("28 x 10 cm, score at 7 and 14 cm, fold m v");
        assertThat(metric.ruler()).isEqualTo(Ruler.MM_1);
        assertThat(metric.verdict()).isEqualTo("It closes, to 140 mm × 100 mm.");
        RecipeReading halves = Recipes.on(Ruler.EIGHTHS).read("210 x 148 mm, score at 52.5 mm and 105 mm");
        assertThat(halves.ruler()).isEqualTo(Ruler.MM_HALF);
        RecipeReading inches = Recipes.on(Ruler.MM_1).read("9 1/16\" x 4\", score at 3\"");
        assertThat(inches.ruler()).isEqualTo(Ruler.SIXTEENTHS);
        assertThat(Recipes.on(Ruler.EIGHTHS).read("28 x 10 cm, mat 4 in x 5 in").ruler())
                .isEqualTo(Ruler.EIGHTHS);
    }

    @Test
    void whatIsNotAboutTheCardIsPassedOver() {
        String text = "Go ahead and grab some gold shimmer, 11 x 4 1/4, score at 2 3/4 and 5 1/2, m v, lovely!";
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
        assertThat(reading.closes()).isTrue();
        assertThat(reading.notUnderstood()).isEmpty();
        assertThat(reading.passedOver())
                .extracting(passage -> text.substring(passage.start(), passage.end()))
                .contains("lovely")
                .anyMatch(words -> words.contains("gold shimmer"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Flour 2 x 500, eggs 6, milk and a lemon for the harbour tea",
                "Dear aunt, the meadow is 40 by 60 and the wind is fair, come on Sunday",
                "Roses are red, three by four, the kite is gone for evermore",
                "Зонт 3 x 4, чай, хлеб, сахар и лимон"
            })
    void whatIsNoRecipeInventsNoCard(String text) {
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
        assertThat(reading.card()).isNull();
        assertThat(reading.verdict()).startsWith("I find no card in this.");
        assertThat(reading.mends()).isEmpty();
    }

    @Test
    void whatIsLeftOpenIsSaid() {
        assertThat(Recipes.on(Ruler.EIGHTHS)
                        .read("10 x 5, score at 5. Strip 4 x 1")
                        .taken())
                .extracting(Assumption::words)
                .anyMatch(words -> words.contains("not said; taken as v"))
                .anyMatch(words -> words.contains("glued by its back"));
        assertThat(Recipes.on(Ruler.EIGHTHS)
                        .read("Name: Kite\nNote: fly high 12 x 3\n10 x 5")
                        .name())
                .isEqualTo("Kite");
        assertThat(Recipes.on(Ruler.EIGHTHS)
                        .read("Note: fly high 12 x 3\n10 x 5")
                        .notes())
                .isEqualTo("fly high 12 x 3");
    }

    @Test
    void foldsNamedTheWrongWayRoundAreFound() {
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS)
                .read("10 x 5, score in half, valley. Strip 1 3/4 x 10, score in quarters along the "
                        + "long side, fold m v m. Glue the ends");
        assertThat(reading.closes()).isFalse();
        assertThat(reading.findings().get(0).words()).isEqualTo("Folded the other way, v m v, Strip closes.");
    }

    @Test
    void nothingAndTooMuchAreRefusedInWords() {
        assertThatThrownBy(() -> Recipes.on(Ruler.MM_1).read("  \n "))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Nothing is written");
        assertThatThrownBy(() -> Recipes.on(Ruler.MM_1).read("x".repeat(50_001)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("50,001 characters");
    }

    @Test
    void tenThousandCharactersOfAnythingAreRead() {
        for (String part : List.of(
                "9",
                "12 x 4, ",
                "score at 3 ",
                "(((",
                "\u0000\u0007\u001b",
                "кит ",
                "½",
                "score every 1/64 in ",
                "12 x 12; ",
                "/",
                "fold m v ")) {
            String text = part.repeat(10_000 / part.length());
            RecipeReading reading =
                    Recipes.on(Ruler.EIGHTHS).read("10 x 5. ".concat(text).substring(0, 10_000));
            assertThat(reading.verdict()).isNotBlank();
        }
    }

    /** The figure behind "square" belongs to what follows; it is no height. */
    @ParameterizedTest
    @ValueSource(strings = {"120 square 60 score", "120 square 1/0"})
    void aSquareIsAsHighAsWide(String text) {
        RecipeReading reading = Recipes.on(Ruler.MM_1).read(text);
        assertThat(requireNonNull(reading.card()).assembly().pieces().get(0).cutSize())
                .isEqualTo(Size.ofMillimetres(120, 120));
    }

    /** A hole as large as the sheet leaves nothing to fold: that is said, and what to do. */
    @ParameterizedTest
    @ValueSource(strings = {"5 1/2 x 5 1/2 12 12 12 12 3.25 12 hole", "7 1/2 square, 12 hole"})
    void aHoleThatTakesAllIsTold(String text) {
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
        assertThat(reading.verdict()).isNotBlank();
        assertThat(reading.closes()).isFalse();
    }

    /** Whatever is typed, an answer comes, and every passage it points at is in the text. */
    @Property(tries = 400)
    void anythingGetsAnAnswer(@ForAll("texts") String text, @ForAll Ruler ruler) {
        try {
            RecipeReading reading = Recipes.on(ruler).read(text);
            assertThat(reading.verdict()).isNotBlank();
            Stream.concat(reading.notUnderstood().stream(), reading.findings().stream())
                    .forEach(passage -> assertThat(0 <= passage.start()
                                    && passage.start() <= passage.end()
                                    && passage.end() <= text.length())
                            .isTrue());
            assertThat(reading.card() == null && reading.closes()).isFalse();
        } catch (ValidationException refused) {
            assertThat(text.isBlank()).isTrue();
        }
    }

    /** Words outside the vocabulary never go in silence: each is asked about or shown as passed over. */
    @Property(tries = 200)
    void noWordIsDroppedInSilence(@ForAll("strangeWords") String word) {
        String text = "11 x 4 1/4 %s score at 5 1/2, valley".formatted(word);
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text);
        assertThat(Stream.concat(reading.notUnderstood().stream(), reading.passedOver().stream()))
                .anyMatch(passage ->
                        text.substring(passage.start(), passage.end()).equals(word));
    }

    @Provide
    Arbitrary<String> strangeWords() {
        return Arbitraries.strings()
                .withCharRange('a', 'z')
                .ofMinLength(3)
                .ofMaxLength(8)
                .map(word -> "q" + word + "q");
    }

    @Provide
    Arbitrary<String> texts() {
        Arbitrary<String> words = Arbitraries.of(
                "12",
                "5 1/2",
                "7½",
                "3.25",
                "10 cm",
                "105 mm",
                "x",
                "by",
                "score",
                "at",
                "and",
                ",",
                ";",
                ".",
                "\n",
                "fold",
                "m",
                "v",
                "mountain",
                "valley",
                "from",
                "both",
                "ends",
                "every",
                "strip",
                "mat",
                "slit",
                "to",
                "across",
                "up",
                "in",
                "half",
                "quarters",
                "…",
                "glue",
                "panel",
                "1",
                "of",
                "piece",
                "2",
                "long",
                "side",
                "level",
                "corners",
                "hole",
                "kite",
                "(",
                "two",
                ")",
                "1/0",
                "0",
                "-3",
                "square",
                "closed",
                "minus");
        Arbitrary<String> sentences = words.list().ofMaxSize(25).map(list -> String.join(" ", list));
        return Arbitraries.oneOf(sentences, Arbitraries.strings().ofMaxLength(200));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Base 12 x 5, score at 4 and 8. Strip 12 x 1, score it the same way. | 4, 8",
                "Base 12 x 5, score at 3. Strip 12 x 1, score at 5. Insert 12 x 2, scored like the base | 3",
                "Base 12 x 5, score 2 in from both ends. Strip 9 x 1, same scores | 2, 7",
            })
    void scoresAreThoseOfAnotherPiece(String recipe, String inches) {
        var pieces = Recipes.on(Ruler.EIGHTHS).read(recipe).card().assembly().pieces();
        assertThat(pieces.get(pieces.size() - 1).creases())
                .extracting(crease -> crease.line().from().x())
                .containsExactly(Arrays.stream(inches.split(", "))
                        .map(inch -> Length.ofInches(Integer.parseInt(inch)))
                        .toArray(Length[]::new));
    }

    /** Sizes: ISO 216, and ANSI/ASME Y14.1 for ledger. */
    @ParameterizedTest
    @CsvSource({"half a sheet of A6 folded in half, 105, 74", "a sheet of ledger scored in half, 431.8, 279.4"})
    void sheetsAreCalledByTheirNames(String recipe, double along, double across) {
        Size cut = Recipes.on(Ruler.MM_1)
                .read(recipe)
                .card()
                .assembly()
                .pieces()
                .get(0)
                .cutSize();
        assertThat(cut.width().millimetres()).isEqualTo(along);
        assertThat(cut.height().millimetres()).isEqualTo(across);
    }
}
