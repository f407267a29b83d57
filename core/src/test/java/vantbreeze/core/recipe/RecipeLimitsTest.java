package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Ruler;

/** Recipes with more in them than any card has are refused before they are drawn. */
class RecipeLimitsTest {

    private static RecipeReading read(String recipe) {
        return Recipes.on(Ruler.MM_1).read(recipe);
    }

    private static String scores(int count) {
        return "Tail: 1700 x 64 mm, score at %s mm"
                .formatted(IntStream.rangeClosed(1, count)
                        .mapToObj(Integer::toString)
                        .collect(Collectors.joining(", ")));
    }

    /**
     * It took 15 s when all of it was drawn first; a thread that stands still is told from one that works, not a slow
     * machine from a quick one.
     */
    @Test
    @Timeout(60)
    void aThousandAndSixHundredScoresAreTooMany() {
        RecipeReading reading = read(scores(1_600));
        assertThat(reading.card()).isNull();
        assertThat(reading.verdict())
                .isEqualTo("Tail has more than %d scores, slits and corners. Leave some out."
                        .formatted(FreeCard.MOST_LINES));
        assertThat(reading.mends()).isEmpty();
    }

    @Test
    @Timeout(60)
    void twoHundredPiecesAreTooMany() {
        RecipeReading reading = read("10 x 8 in, score at 1, 2, 3, 4, 5, 6, 7, 8 in\n".repeat(200));
        assertThat(reading.card()).isNull();
        assertThat(reading.verdict()).isEqualTo("A card has between 1 and 40 pieces; this one has 200.");
    }

    @Test
    void aHundredScoresAreDrawn() {
        assertThat(read(scores(100)).card().assembly().pieces().get(0).creases())
                .hasSize(100);
    }
}
