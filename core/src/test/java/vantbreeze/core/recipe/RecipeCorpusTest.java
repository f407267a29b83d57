package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.hand.WhatItIs;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
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
        String what = new WhatItIs(WORKSHOP, Plan.of("Kite day", reading.card(), ruler))
                .known()
                .map(known -> known.structure().id())
                .orElse("none");
        assertThat("%s, %s × %s"
                        .formatted(
                                what,
                                write(reading.closed().width(), ruler),
                                write(reading.closed().height(), ruler)))
                .as("%s %s %s", reading.verdict(), reading.taken(), reading.notUnderstood())
                .isEqualTo(told);
        assertThat(reading.closes()).isTrue();
        assertThat(reading.mends())
                .as("no correct recipe is told to change a figure")
                .isEmpty();
        assertThat(reading.notUnderstood()).isEmpty();
    }

    private static String write(Length length, Ruler ruler) {
        String text = Figure.of(length, ruler).text();
        return text.substring(0, text.lastIndexOf(' '));
    }
}
