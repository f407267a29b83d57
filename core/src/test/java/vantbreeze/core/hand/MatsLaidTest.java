package vantbreeze.core.hand;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;

/** Mats that recipes ask for, on their panels. Borders by hand: half of what the panel is wider and higher. */
class MatsLaidTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final String Z = "11 x 4 1/4, score at 2 3/4 and 5 1/2, fold m v. ";

    private static KnownRecipe known(String recipe, Ruler ruler) {
        RecipeReading reading = Recipes.on(ruler).read(recipe);
        return KnownRecipe.of(reading, Plan.of("Kite day", requireNonNull(reading.card()), ruler), WORKSHOP);
    }

    private static List<String> laid(KnownRecipe known) {
        WorkedPlan card = known.card();
        return card.layers().all().stream()
                .map(layer -> "%s %s %s"
                        .formatted(
                                card.faceWords().panel(layer.face()),
                                card.faceWords().place(layer.face()).word(),
                                size(layer, card.ruler())))
                .toList();
    }

    private static String size(Layer layer, Ruler ruler) {
        var box = layer.shape().getEnvelopeInternal();
        return Figure.of(Length.nearest(box.getWidth()), ruler).printed() + "×"
                + Figure.of(Length.nearest(box.getHeight()), ruler).printed();
    }

    @Test
    void matsGoWhereTheyLeaveAnEvenBorder() {
        KnownRecipe known = known(Z + "Mat 5 1/4 x 4, mats: 2 of 2 1/2 x 4", Ruler.EIGHTHS);
        assertThat(known.card().plan().structureId()).isEqualTo("z-fold");
        assertThat(laid(known))
                .containsExactlyInAnyOrder("Back front 5¼×4", "Leg front 2½×4", "Second leg inside 2½×4");
        assertThat(known.findings()).isEmpty();
        assertThat(known.mats()).contains("5¼ in × 4 in: Back (front)");
    }

    @Test
    void aMatThatFitsAnotherGoesOnThat() {
        KnownRecipe known =
                known("296 x 105, score at 74 and 148, mats 142 x 99, 68 x 99 (2), 62 x 93 (2)", Ruler.MM_1);
        assertThat(laid(known))
                .containsExactlyInAnyOrder(
                        "Back front 142×99",
                        "Leg front 68×99",
                        "Leg front 62×93",
                        "Second leg inside 68×99",
                        "Second leg inside 62×93");
    }

    @Test
    void whereAMatIsForIsHeeded() {
        String gate = "8 1/2 x 5 1/2, scored 2 1/8 from each end, both valley. ";
        assertThat(laid(known(gate + "Mats 1 7/8 x 5 1/4 (2)", Ruler.EIGHTHS)))
                .containsExactlyInAnyOrder("Left flap front 1⅞×5¼", "Right flap front 1⅞×5¼");
        assertThat(laid(known(gate + "Mat for the inside: 1 7/8 x 5 1/4", Ruler.EIGHTHS)))
                .containsExactly("Left flap inside 1⅞×5¼");
        assertThat(laid(known(gate + "Mat for the inside: 4 x 5 1/4", Ruler.EIGHTHS)))
                .containsExactly("Back inside 4×5¼");
    }

    @Test
    void alikeMatsAreSpreadOverPanelsFirst() {
        assertThat(laid(known("10 x 7 card base scored at 5. Layers: 4 3/4 x 6 3/4 (2), 4 1/2 x 6 1/2", Ruler.EIGHTHS)))
                .containsExactlyInAnyOrder("Cover front 4¾×6¾", "Cover front 4½×6½", "Back inside 4¾×6¾");
    }

    @Test
    void anUnevenBorderIsKeptAsItIsTold() {
        assertThat(laid(known("10 x 7, score at 5. Mat 4 1/2 x 6 3/4", Ruler.EIGHTHS)))
                .containsExactly("Cover front 4½×6¾");
    }

    @Test
    void aMatThatGoesNowhereIsTold() {
        assertThat(found("Mat 3 x 3"))
                .isEqualTo("A mat of 3 in × 3 in goes on no panel with a border that people leave. The nearest is Leg "
                        + "(front), 2¾ in × 4¼ in: ¼ in too wide, 1¼ in to spare up and down.");
        assertThat(found("Mats 5 1/4 x 4 (5)"))
                .isEqualTo("5 mats of 5¼ in × 4 in are told, but only 2 panels take one.");
    }

    private static String found(String mats) {
        KnownRecipe known = known(Z + mats, Ruler.EIGHTHS);
        assertThat(known.findings()).hasSize(1);
        return known.findings().get(0).words();
    }

    @Test
    void matsLieOnACardThatIsNoneOfTheCatalogueToo() {
        KnownRecipe known = known("9 x 5, score at 1, 5 and 8. Mat 3 3/4 x 4 3/4", Ruler.EIGHTHS);
        assertThat(known.card().isFree()).isTrue();
        assertThat(laid(known)).hasSize(1);
    }
}
