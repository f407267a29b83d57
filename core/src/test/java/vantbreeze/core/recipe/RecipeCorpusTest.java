package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.hand.KnownRecipe;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * Recipes as people word them, each with the structure that it is and its closed size; wording and sizes are our own.
 */
class RecipeCorpusTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static Stream<String> lines(String name) throws IOException {
        String all = new String(
                RecipeCorpusTest.class.getResourceAsStream("/recipes/" + name).readAllBytes(), StandardCharsets.UTF_8);
        return all.lines().filter(line -> !line.startsWith("#"));
    }

    static Stream<Arguments> good() throws IOException {
        return Stream.concat(lines("good.txt"), lines("aloud.txt"))
                .map(line -> line.split(" \\| ", 4))
                .map(parts -> Arguments.of(
                        parts[3].replace('¶', '\n'), Ruler.find(parts[0]).orElseThrow(), parts[1] + ", " + parts[2]));
    }

    @ParameterizedTest
    @MethodSource("good")
    void aGoodRecipeIsKnownForWhatItIs(String recipe, Ruler ruler, String told) {
        RecipeReading reading = Recipes.on(ruler).read(recipe);
        assertThat(reading.card()).as(reading.verdict()).isNotNull();
        KnownRecipe known = KnownRecipe.of(reading, Plan.of("Kite day", reading.card(), ruler), WORKSHOP);
        Size closed = known.card().footprint();
        assertThat("%s, %s × %s"
                        .formatted(
                                known.card().isFree()
                                        ? "none"
                                        : known.card().plan().structureId(),
                                write(closed.width(), ruler),
                                write(closed.height(), ruler)))
                .as("%s %s %s", known.verdict(), reading.taken(), reading.notUnderstood())
                .isEqualTo(told);
        assertThat(known.closes()).isTrue();
        assertThat(known.mends())
                .as("no correct recipe is told to change a figure")
                .isEmpty();
        assertThat(reading.notUnderstood()).isEmpty();
    }

    /** A card that closes, or is something of the catalogue, only with odd measures is still asked about. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "mm | 240 x 120, score at 60, 120, 18, fold v m v | 18 | 180",
                "eighths | 11 x 4 1/4, score at 2 3/4 and 5 1/4, fold m v | 5 1/4 | 5 1/2",
                "eighths | 12 x 6, score at 2, 4, 8, 11, fold v m m v | 11 | 10",
                "eighths | 8 1/2 x 5 1/2, score at 2 1/8 and 5 3/8, fold v v | 5 3/8 | 6 3/8"
            })
    void oneWrongFigureIsFoundThoughAStrangeCardMightBeMeant(String ruler, String recipe, String was, String now) {
        Ruler read = Ruler.find(ruler).orElseThrow();
        RecipeReading reading = Recipes.on(read).read(recipe);
        KnownRecipe known =
                KnownRecipe.of(reading, Plan.of("Kite day", requireNonNull(reading.card()), read), WORKSHOP);
        assertThat(known.mends()).isNotEmpty();
        assertThat(known.mends().get(0).was()).isEqualTo(was);
        assertThat(known.mends().get(0).now()).isEqualTo(now);
    }

    /** Found among what is shown, and found first. */
    @Test
    void ofFiftyRecipesWithOneWrongFigureNearlyAllAreFound() throws IOException {
        List<String> notFirst = new ArrayList<>();
        List<String> notFound = new ArrayList<>();
        List<String> all = lines("wrong.txt").toList();
        for (String line : all) {
            String[] parts = line.split(" \\| ", 4);
            Ruler ruler = Ruler.find(parts[0]).orElseThrow();
            RecipeReading reading = Recipes.on(ruler).read(parts[3].replace('¶', '\n'));
            List<OneNumber> mends = KnownRecipe.of(
                            reading, Plan.of("Kite day", requireNonNull(reading.card()), ruler), WORKSHOP)
                    .mends();
            assertThat(mends).as(line).hasSizeLessThanOrEqualTo(3);
            List<String> told =
                    mends.stream().map(mend -> mend.was() + " | " + mend.now()).toList();
            String meant = parts[1] + " | " + parts[2];
            if (!told.contains(meant)) {
                notFound.add(line);
            } else if (!told.get(0).equals(meant)) {
                notFirst.add(line);
            }
        }
        assertThat(all).hasSizeGreaterThanOrEqualTo(54);
        assertThat(notFound).hasSizeLessThanOrEqualTo(5);
        assertThat(notFound.size() + notFirst.size()).as("%s", notFirst).isLessThanOrEqualTo(10);
    }

    static Stream<String> odd() throws IOException {
        return lines("odd.txt");
    }

    @ParameterizedTest
    @MethodSource("odd")
    void ofWhatIsNoRecipeNoCardIsMade(String text) {
        RecipeReading reading = Recipes.on(Ruler.EIGHTHS).read(text.replace('¶', '\n'));
        assertThat(reading.card()).isNull();
        assertThat(reading.mends()).isEmpty();
    }

    @Test
    void theCorpusIsAsLargeAsItShallBe() throws IOException {
        assertThat(good().count()).isGreaterThanOrEqualTo(152);
        assertThat(odd().count()).isGreaterThanOrEqualTo(30);
    }

    private static String write(Length length, Ruler ruler) {
        String text = Figure.of(length, ruler).text();
        return text.substring(0, text.lastIndexOf(' '));
    }
}
