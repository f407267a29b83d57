package vantbreeze.core.hand;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.RecipeStyle;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.structure.Structure;

/** Every structure written out in each style and either school's figures, and pasted back. */
class WrittenRecipeTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static Stream<Arguments> cards() {
        return WORKSHOP.catalogue().all().stream().flatMap(structure -> Stream.of(Ruler.MM_1, Ruler.SIXTEENTHS)
                .flatMap(ruler -> Stream.of(RecipeStyle.values()).map(style -> Arguments.of(structure, ruler, style))));
    }

    private static WorkedPlan worked(Structure structure, Ruler ruler) {
        Size size = ruler.isInches() ? Size.ofMillimetres(152, 114) : Size.ofMillimetres(150, 106);
        return WORKSHOP.work(Plan.of("Kite day", structure.id(), structure.proportioned(size, ruler), ruler));
    }

    private static KnownRecipe read(String recipe, Ruler ruler) {
        RecipeReading reading = Recipes.on(ruler).read(recipe);
        assertThat(reading.notUnderstood()).isEmpty();
        return KnownRecipe.of(
                reading, Plan.of("Kite day", requireNonNull(reading.card(), reading.verdict()), ruler), WORKSHOP);
    }

    @ParameterizedTest
    @MethodSource("cards")
    void whatIsWrittenIsReadBackAsTheSameStructure(Structure structure, Ruler ruler, RecipeStyle style) {
        WorkedPlan worked = worked(structure, ruler);
        String recipe = WrittenRecipe.of(worked, ruler, style);
        KnownRecipe known = read(recipe, ruler);
        assertThat(known.card().isFree() ? "none" : known.card().plan().structureId())
                .as(recipe)
                .isEqualTo(structure.id());
        assertThat(known.card().footprint()).isEqualTo(worked.footprint());
        assertThat(known.closes()).isTrue();
        assertThat(known.mends()).isEmpty();
    }

    /** Told in full, layers come back on the same faces, in the same sizes. */
    @ParameterizedTest
    @MethodSource("cards")
    void layersComeBackWhereTheyLay(Structure structure, Ruler ruler, RecipeStyle style) {
        if (style == RecipeStyle.SHORT) {
            return;
        }
        WorkedPlan bare = worked(structure, ruler);
        WorkedPlan dressed = bare.withDressing(new Suggestion(WORKSHOP, bare).dressing(Preset.BORDER_ON_BORDER));
        KnownRecipe known = read(WrittenRecipe.of(dressed, ruler, style), ruler);
        List<String> missing = new ArrayList<>(plain(dressed));
        plain(known.card()).forEach(missing::remove);
        List<String> added = new ArrayList<>(plain(known.card()));
        plain(dressed).forEach(added::remove);
        assertThat(missing).as("added %s, %s", added, known.findings()).isEmpty();
        assertThat(added).isEmpty();
    }

    /** Rectangular layers, each all of its panel: others are not told. */
    private static List<String> plain(WorkedPlan card) {
        return card.layers().all().stream()
                .filter(layer -> card.layers().on(layer.face()).stream().noneMatch(other -> other.part() > 0))
                .filter(layer -> layer.shape().getEnvelopeInternal().getArea()
                                - layer.shape().getArea()
                        < 0.01)
                .map(layer -> told(card, layer))
                .toList();
    }

    private static String told(WorkedPlan card, Layer layer) {
        var box = layer.shape().getEnvelopeInternal();
        // to the millimetre, as a border is half of what is left; either way up, as the card may lie turned
        long width = Math.round(box.getWidth() + 0.13);
        long height = Math.round(box.getHeight() + 0.13);
        return "%s %s %d %d"
                .formatted(
                        card.faceWords().panel(layer.face()),
                        layer.face().side(),
                        Math.min(width, height),
                        Math.max(width, height));
    }

    @Test
    void theThreeStylesOfAZFold() {
        WorkedPlan card = WORKSHOP.work(Plan.of(
                "Kite day",
                "z-fold",
                WORKSHOP.structure("z-fold").proportioned(Size.ofMillimetres(150, 106), Ruler.MM_1),
                Ruler.MM_1));
        assertThat(WrittenRecipe.of(card, Ruler.MM_1, RecipeStyle.SHORT))
                .contains("Card base: 300 × 106 mm; score at 75, 150 mm, fold m, v.");
        assertThat(WrittenRecipe.of(card, Ruler.MM_1, RecipeStyle.FULL))
                .contains("Card base: 300 mm × 106 mm.\nScore at 75 mm, 150 mm. Fold m, v.");
        assertThat(WrittenRecipe.of(card, Ruler.MM_1, RecipeStyle.ALOUD))
                .contains("Card base: three hundred millimetres by one hundred and six millimetres.")
                .contains(
                        "Score at seventy-five millimetres, one hundred and fifty millimetres. Fold mountain, valley.");
    }

    /** Its pieces alone tell what a stage is: glue is left unsaid. */
    @Test
    void inShortWhatFollowsIsLeftUnsaid() {
        WorkedPlan stage = worked(WORKSHOP.structure("stage"), Ruler.MM_1);
        assertThat(WrittenRecipe.of(stage, Ruler.MM_1, RecipeStyle.SHORT)).doesNotContain("Glue");
        assertThat(WrittenRecipe.of(stage, Ruler.MM_1, RecipeStyle.FULL)).contains("Glue");
    }
}
