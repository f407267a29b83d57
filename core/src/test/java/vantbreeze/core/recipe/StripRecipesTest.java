package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * Strips of any panels, folded any way, against a reckoning of their own: folded flat, a strip walks to and fro on a
 * line, and covers what lies between the farthest turns. (Elementary; the engine reflects panels in the plane instead.)
 */
class StripRecipesTest {

    /** Widths of panels, and for each score whether it folds at all: all do, one way or the other. */
    @Property(tries = 150)
    void aStripClosesToWhatItsPanelsCoverWalkingToAndFro(@ForAll("widths") List<Integer> widths, @ForAll long ways) {
        List<String> places = new ArrayList<>();
        List<String> folds = new ArrayList<>();
        int at = 0;
        int walk = 0;
        int least = 0;
        int most = 0;
        for (int i = 0; i < widths.size(); i++) {
            at += widths.get(i);
            walk += i % 2 == 0 ? widths.get(i) : -widths.get(i);
            least = Math.min(least, walk);
            most = Math.max(most, walk);
            if (i < widths.size() - 1) {
                places.add(String.valueOf(at));
                folds.add((ways >> i & 1) == 0 ? "m" : "v");
            }
        }
        String recipe =
                "%d x 90, score at %s, fold %s".formatted(at, String.join(", ", places), String.join(" ", folds));
        RecipeReading reading = Recipes.on(Ruler.MM_1).read(recipe);
        assertThat(reading.notUnderstood()).isEmpty();
        assertThat(reading.closed().width()).isEqualTo(Length.ofMillimetres(most - least));
        int widest = widths.stream().mapToInt(Integer::intValue).max().orElseThrow();
        if (reading.closes()) {
            assertThat(most - least).isEqualTo(widest);
        }
        if (most - least > widest) {
            assertThat(reading.verdict()).contains("pokes out");
        }
    }

    /**
     * In an even concertina one score that was misread by a swap of digits, or by one or five or ten, is found again.
     */
    @Property(tries = 60)
    void theOneMisreadFigureOfAConcertinaIsFound(
            @ForAll @IntRange(min = 4, max = 8) int panels,
            @ForAll @IntRange(min = 30, max = 60) int width,
            @ForAll @IntRange(min = 1, max = 30) int which,
            @ForAll("slips") int slip) {
        List<Integer> scores = new ArrayList<>();
        for (int i = 1; i < panels; i++) {
            scores.add(i * width);
        }
        int index = which % (panels - 1);
        int right = scores.get(index);
        scores.set(index, right + slip);
        String recipe = "%d x 90, score at %s, concertina fold"
                .formatted(panels * width, scores.stream().map(String::valueOf).collect(Collectors.joining(", ")));
        RecipeReading reading = Recipes.on(Ruler.MM_1).read(recipe);
        assertThat(reading.mends()).isNotEmpty();
        assertThat(reading.mends().get(0).was()).isEqualTo(String.valueOf(right + slip));
        assertThat(reading.mends().get(0).now()).isEqualTo(String.valueOf(right));
        assertThat(Recipes.on(Ruler.MM_1).read(reading.mends().get(0).text()).closes())
                .isTrue();
    }

    /** Folds named as words, letters or one word come to the same. */
    @Property(tries = 60)
    void foldsAreNamedInManyWays(@ForAll("folds") List<Fold> folds) {
        String places = IntStream.rangeClosed(1, folds.size())
                .mapToObj(i -> String.valueOf(i * 20))
                .collect(Collectors.joining(", "));
        String sheet = "%d x 50, score at %s. ".formatted((folds.size() + 1) * 20, places);
        List<String> letters =
                folds.stream().map(fold -> fold == Fold.MOUNTAIN ? "m" : "v").toList();
        List<String> words = folds.stream()
                .map(fold -> fold == Fold.MOUNTAIN ? "mountain" : "valley")
                .toList();
        for (String named : List.of(
                "Fold " + String.join(" ", letters),
                "Fold " + String.join(", ", words),
                "Fold: " + String.join("-", words))) {
            assertThat(Recipes.on(Ruler.MM_1)
                            .read(sheet + named)
                            .card()
                            .assembly()
                            .pieces()
                            .get(0)
                            .creases())
                    .extracting(crease -> crease.fold())
                    .isEqualTo(folds);
        }
        if (folds.size() > 1) {
            assertThat(Recipes.on(Ruler.MM_1)
                            .read(sheet + String.join("", letters))
                            .card()
                            .assembly()
                            .pieces()
                            .get(0)
                            .creases())
                    .extracting(crease -> crease.fold())
                    .isEqualTo(folds);
        }
    }

    @Provide
    Arbitrary<List<Integer>> widths() {
        return Arbitraries.integers().between(20, 90).list().ofMinSize(2).ofMaxSize(7);
    }

    @Provide
    Arbitrary<Integer> slips() {
        return Arbitraries.of(-10, -5, 5, 10);
    }

    @Provide
    Arbitrary<List<Fold>> folds() {
        return Arbitraries.of(Fold.MOUNTAIN, Fold.VALLEY).list().ofMinSize(1).ofMaxSize(6);
    }
}
