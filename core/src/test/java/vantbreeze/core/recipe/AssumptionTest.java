package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.recipe.Assumption.About;

/** What recipes leave open, and the recipes that say it. */
class AssumptionTest {

    static Stream<Arguments> good() throws IOException {
        return RecipeCorpusTest.good().map(recipe -> Arguments.of(recipe.get()[0], recipe.get()[1]));
    }

    /**
     * Whoever clicks on another way has told it: nothing is assumed about it any more, and nothing is misunderstood.
     */
    @ParameterizedTest
    @MethodSource("good")
    void whatIsToldOtherwiseIsNotAssumedAnyMore(String recipe, Ruler ruler) {
        RecipeReading reading = Recipes.on(ruler).read(recipe);
        for (Assumption assumption : reading.taken()) {
            for (Rewording other : assumption.others()) {
                RecipeReading told = Recipes.on(ruler).read(other.text());
                assertThat(told.taken())
                        .as("%s in %s", other.words(), other.text())
                        .extracting(Assumption::words)
                        .doesNotContain(assumption.words());
                assertThat(told.notUnderstood()).as(other.text()).isEmpty();
                assertThat(told.card()).as(other.text()).isNotNull();
            }
        }
    }

    private static Assumption about(String recipe, Ruler ruler, About what) {
        return Recipes.on(ruler).read(recipe).taken().stream()
                .filter(one -> one.about() == what)
                .findFirst()
                .orElseThrow();
    }

    private static Rewording other(String recipe, Ruler ruler, About what, String words) {
        return about(recipe, ruler, what).others().stream()
                .filter(one -> one.words().equals(words))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FOLDS | Folded v v | 12 x 6, score at 4 and 8. | 12 x 6, score at 4 and 8, fold v v.",
                "FOLDS | Folded m v v v m | 12 x 2, score every 2, fold m v | 12 x 2, score every 2, fold m v v v m",
                "SIDE | Along the short side | 10 x 7, score at 3 | 10 x 7, on the short side, score at 3",
                "SIDE | Along the long side | 7 x 10, score at 3 | 7 x 10, on the long side, score at 3",
                "UNIT | They are centimetres | 24 x 20, score at 12 | 24 cm x 20, score at 12",
                "FIGURES | Leave them out | 10 x 4, 3, 5 | 10 x 4",
                "FIGURES | They are scores | 10 x 4, 3, 5 | 10 x 4, score at 3, 5",
                "GLUE | Glued by its first and last panel | 10 x 5, score at 5. Strip 9 x 2, score at 3, 6 "
                        + "| 10 x 5, score at 5. Strip 9 x 2, score at 3, 6, glue its ends",
            })
    void itIsToldWhereItBelongs(About what, String words, String recipe, String told) {
        assertThat(other(recipe, Ruler.EIGHTHS, what, words).text()).isEqualTo(told);
    }

    @Test
    void aPieceIsGluedOnThePanelThatIsChosen() {
        String recipe = "30 x 10 cm, score at 10 and 20. Topper 6 x 4";
        Rewording other = other(recipe, Ruler.MM_1, About.GLUE, "Glued by its first panel, on panel 1 of Card base");
        RecipeReading told = Recipes.on(Ruler.MM_1).read(other.text());
        assertThat(told.card().assembly().joins()).hasSize(1);
        var join = told.card().assembly().joins().get(0);
        assertThat(join.on().panel()).isEqualTo("Panel 1");
        // in its middle: (100 − 60) / 2, and (100 − 40) / 2
        assertThat(join.at().on().x().millimetres()).isEqualTo(20);
        assertThat(join.at().on().y().millimetres()).isEqualTo(30);
    }

    @Test
    void figuresWithoutAUnitAreAskedAboutOnlyWhereTheyMakeNoCard() {
        assertThat(about("24 x 14, score at 12", Ruler.MM_1, About.UNIT).others())
                .extracting(Rewording::words)
                .containsExactly("They are centimetres");
        for (String plain : List.of("240 x 140, score at 120", "24 cm x 14, score at 12", "half a sheet of A4")) {
            assertThat(Recipes.on(Ruler.MM_1).read(plain).taken())
                    .as(plain)
                    .extracting(Assumption::about)
                    .doesNotContain(About.UNIT);
        }
        // no figure at all, and a sheet larger than any card
        assertThat(Recipes.on(Ruler.EIGHTHS).read("a sheet of A2, fold in half").card())
                .isNotNull();
    }

    /** It was read as if the first figure were a score and the second a number of copies. */
    @Test
    void whereTheLikeliestPhrasesMakeNoCardOthersAreTaken() {
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read("Score 10 x 4 2 times, at 3 and 5, valleys");
        assertThat(reading.card()).as(reading.verdict()).isNotNull();
    }

    @Test
    void aWordThatIsNearlyOneOfOursIsPutRight() {
        String text = "10 x 4, scroe at 5, 3 of 9";
        Passage odd = Recipes.on(Ruler.EIGHTHS).read(text).notUnderstood().stream()
                .filter(passage ->
                        text.substring(passage.start(), passage.end()).equals("scroe"))
                .findFirst()
                .orElseThrow();
        assertThat(odd.instead()).isEqualTo("score");
    }

    @Test
    void foldsThatCloseTheOtherWayAreWrittenWhereTheyStand() {
        String text = "10 x 5, score in half, valley. Strip 1 3/4 x 10, score in quarters along the long side, "
                + "fold m v m. Glue the ends";
        Passage found = Recipes.on(Ruler.EIGHTHS).read(text).findings().get(0);
        assertThat(text.substring(found.start(), found.end())).isEqualTo("m v m");
        assertThat(found.instead()).isEqualTo("v m v");
    }

    /** Every way to tell it otherwise is a whole recipe. */
    @Test
    void ofALongRecipeFewerWaysAreGiven() {
        String pieces = "Strip 9 x 2, score at 3 and 6. ".repeat(12);
        List<Assumption> few = Recipes.on(Ruler.EIGHTHS).read(pieces).taken();
        assertThat(few)
                .allMatch(one -> one.about() != About.FOLDS || one.others().size() > 1);
        List<Assumption> taken = Recipes.on(Ruler.EIGHTHS)
                .read(pieces + "\nNote: fly high".repeat(2_500))
                .taken();
        assertThat(taken.stream().mapToInt(one -> one.others().size()).sum())
                .isBetween(1, 400_000 / (2_500 * "\nNote: fly high".length()));
    }
}
