package vantbreeze.core.hand;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recipe.Rewording;

/** Which cards a recipe may mean: the likeliest, and the others. */
class OtherReadingsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static RecipeReading read(String recipe) {
        return Recipes.on(Ruler.EIGHTHS).read(recipe);
    }

    private static Plan drawn(RecipeReading reading) {
        return Plan.of("Kite day", requireNonNull(reading.card()), reading.ruler());
    }

    private static KnownRecipe known(String recipe) {
        RecipeReading reading = read(recipe);
        return KnownRecipe.of(reading, drawn(reading), WORKSHOP);
    }

    private static List<OtherReadings.Other> others(String recipe) {
        RecipeReading reading = read(recipe);
        return new OtherReadings(Recipes.on(Ruler.EIGHTHS), WORKSHOP).than(reading, drawn(reading));
    }

    /** The picture says what a click leads to: the same recipe, read as any other, is that card. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "11 x 4 1/4, score at 2 3/4 and 5 1/2",
                "10 x 7 base, score at 2 and 5, fold m v",
                "9 x 6, score at 3 and 6",
                "8 1/2 by 5 1/2, scored in half",
                "24 x 12, score at 6, 12, 18",
                "10 x 5, score at 5. Band 3 x 2",
                "8 x 8, 3, 5",
                "Base: 11 x 4 1/4, score at 2 3/4 and 5 1/2. Band: 11 x 1 1/4, score at 5 1/2."
            })
    void whatIsShownIsWhatAClickGives(String recipe) {
        List<OtherReadings.Other> others = others(recipe);
        assertThat(others).isNotEmpty().hasSizeLessThanOrEqualTo(6);
        assertThat(others).extracting(other -> other.how().text()).doesNotHaveDuplicates();
        for (OtherReadings.Other other : others) {
            KnownRecipe clicked = known(other.how().text());
            assertThat(clicked.what())
                    .as(other.how().text())
                    .isEqualTo(other.known().what());
            assertThat(clicked.verdict()).isEqualTo(other.known().verdict());
            assertThat(other.known().closes()).isTrue();
        }
        // cards of the catalogue come first
        List<Boolean> free =
                others.stream().map(other -> other.known().what() == null).toList();
        assertThat(free).isSorted();
    }

    @Test
    void theSameCardIsNotShownTwice() {
        assertThat(others("12 x 4, score every 3, accordion fold")).isEmpty();
        assertThat(others("9 x 6, score at 3 and 6"))
                .extracting(other -> other.known().what())
                .containsOnlyOnce("This is a concertina.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "9 x 6, score at 3 and 6 | z-fold",
                "Concertina. 9 x 6, score at 3 and 6 | concertina",
                "my z fold card: 9 x 6, score at 3 and 6 | z-fold",
                "CONCERTINA 9 x 6, score at 3 and 6 | concertina",
                // named, but none
                "Stage. 9 x 6, score at 3 and 6 | z-fold",
            })
    void aRecipeThatNamesItsCardIsTakenAtItsWord(String recipe, String structure) {
        KnownRecipe known = known(recipe);
        assertThat(known.card().plan().structureId()).isEqualTo(structure);
        assertThat(known.mends()).isEmpty();
    }

    @Test
    void aCardOfMyOwnFollowsNoStructure() {
        assertThat(known("A card of my own. 11 x 4 1/4, score at 2 3/4 and 5 1/2")
                        .card()
                        .isFree())
                .isTrue();
        String stage = "Base 9 x 4 1/2, score at 1 1/2 and 3 in from both ends. The band is 6 by 1 1/2.";
        Rewording own = known(stage).assumed().stream()
                .flatMap(one -> one.others().stream())
                .filter(one -> one.words().equals("It is a card of my own"))
                .findFirst()
                .orElseThrow();
        assertThat(known(own.text()).card().isFree()).isTrue();
        // and back: the name in the recipe is changed, none is put before it
        String text = own.text().replace("A card of my own", "Stage");
        assertThat(known(text).card().plan().structureId()).isEqualTo("stage");
    }

    @Test
    void theLongestNameIsTheOneThatIsMeant() {
        var catalogue = WORKSHOP.catalogue();
        assertThat(Called.in("a double Z-fold for the kites", catalogue)
                        .orElseThrow()
                        .structure()
                        .id())
                .isEqualTo("double-z-fold");
        assertThat(Called.in("the stages of a kite", catalogue)).isEmpty();
        assertThat(Called.calling(
                        "It is a Z fold: 9 x 6", catalogue.find("stage").orElseThrow(), catalogue))
                .isEqualTo("It is a Stage: 9 x 6");
    }

    @Test
    void howOftenAPieceIsCutIsSearched() {
        KnownRecipe book = known("Base 160 x 110 mm. Strut 104 x 66 mm, score at 26, 52 and 78 mm, all valley. "
                + "Book 128 x 88 mm, fold in half.");
        assertThat(book.what()).isEqualTo("This is a floating book.");
        Assumption count = book.assumed().stream()
                .filter(one -> one.about() == Assumption.About.COUNT)
                .findFirst()
                .orElseThrow();
        assertThat(count.words()).isEqualTo("Strut is taken to be cut twice.");
        assertThat(count.others()).extracting(Rewording::words).containsExactly("It is cut once");
        KnownRecipe once = known(count.others().get(0).text());
        assertThat(once.what()).isNull();
        assertThat(count.others().get(0).text()).contains("Strut 104 x 66 mm (1), score at 26");
        KnownRecipe two = known("two bases 11 x 4 1/4, score at 2 3/4 and 5 1/2, fold m v");
        assertThat(two.what()).isEqualTo("This is a Z-fold.");
        assertThat(two.mends()).isEmpty();
        assertThat(two.assumed())
                .extracting(Assumption::words)
                .contains("This is told for 2 cards; one of them is shown.");
    }

    @Test
    void aWrongCountIsFound() {
        List<OneNumber> mends = known(
                        "Base 10 x 5, score in half, valley. Strip 1 3/4 x 10, score in quarters along the long side. "
                                + "(2) Glue the ends")
                .mends();
        assertThat(mends).first().satisfies(mend -> {
            assertThat(mend.was()).isEqualTo("2");
            assertThat(mend.now()).isEqualTo("1");
            assertThat(mend.then()).isEqualTo("it is a W-fold");
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "11 x 4 1/4, score at 2 3/4 and 14, fold m v | 14 | 5 1/2",
                "28 x 10 cm, score at 2.75 and 14 cm, fold m v | 2.75 | 7",
                "eleven by four and a quarter, score at two and a quarter and five and a half, fold m v "
                        + "| two and a quarter | two and three quarters",
            })
    void figuresOfTheOtherSchoolAndSpokenOnesArePutRightAsTheyAreWritten(String recipe, String was, String now) {
        OneNumber first = known(recipe).mends().get(0);
        assertThat(first.was()).isEqualTo(was);
        assertThat(first.now()).isEqualTo(now);
    }

    @Test
    void matsSayWhichOfTwoFiguresIsMisread() {
        String base = "10 x 7 base, score at 2 and 5, fold m v";
        KnownRecipe open = known(base);
        assertThat(requireNonNull(open.question()).words()).isEqualTo("Is one of these figures misread?");
        assertThat(open.question().answers())
                .extracting(Rewording::words)
                .containsExactly("2 1/2 for 2: it is a Z-fold", "4 for 5: it is a Z-fold");
        KnownRecipe small = known(base + ", mats 4 3/4 x 6 3/4");
        assertThat(small.question()).isNull();
        assertThat(small.mends().get(0).now()).isEqualTo("2 1/2");
        KnownRecipe large = known(base + ", mats 5 3/4 x 6 3/4");
        assertThat(large.question()).isNull();
        assertThat(large.mends().get(0).now()).isEqualTo("4");
    }

    @Test
    void aFigureIsDoubtedThoughTheCardIsCalledByItsName() {
        KnownRecipe known = known("Z-fold: 11 x 4 1/4, score at 2 3/4 and 5 1/4, fold m v");
        assertThat(known.what()).isEqualTo("This is a Z-fold.");
        assertThat(known.mends()).first().satisfies(mend -> {
            assertThat(mend.now()).isEqualTo("5 1/2");
            assertThat(mend.then()).isEqualTo("it is a Z-fold");
        });
        // of figures that make one of two cards of it, those are shown that make what it is called
        assertThat(known("10 x 7, score at 2 and 5, fold m v").mends())
                .extracting(OneNumber::then)
                .contains("it is a concertina");
        assertThat(known("Z-fold, 10 x 7, score at 2 and 5, fold m v").mends())
                .extracting(OneNumber::then)
                .containsOnly("it is a Z-fold");
    }
}
