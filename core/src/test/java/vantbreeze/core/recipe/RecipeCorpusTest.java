package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
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

    static Stream<Arguments> good() throws IOException {
        String all = new String(
                RecipeCorpusTest.class.getResourceAsStream("/recipes/good.txt").readAllBytes(), StandardCharsets.UTF_8);
        return all.lines()
                .filter(line -> !line.startsWith("#"))
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
        Size closed = WORKSHOP.work(known.plan()).footprint();
        assertThat("%s, %s × %s"
                        .formatted(
                                known.plan().isFree() ? "none" : known.plan().structureId(),
                                write(closed.width(), ruler),
                                write(closed.height(), ruler)))
                .as("%s %s %s", known.verdict(), reading.taken(), reading.notUnderstood())
                .isEqualTo(told);
        assertThat(known.closes()).isTrue();
        assertThat(known.what() == null ? reading.mends() : List.of())
                .as("no correct recipe is told to change a figure")
                .isEmpty();
        assertThat(reading.notUnderstood()).isEmpty();
    }

    private static String write(Length length, Ruler ruler) {
        String text = Figure.of(length, ruler).text();
        return text.substring(0, text.lastIndexOf(' '));
    }
}
