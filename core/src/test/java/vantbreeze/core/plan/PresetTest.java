package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Dress;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.layer.Role;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** A whole card dressed at one go, and its papers changed at one go. */
class PresetTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan card(Ruler ruler) {
        return Plan.of(
                "Kite day",
                "gatefold",
                WORKSHOP.structure("gatefold").proportioned(Size.ofMillimetres(120, 150), ruler),
                ruler);
    }

    private static Plan dressed(Plan plan, Preset preset) {
        return new Dress.Usual(preset).on(plan, WORKSHOP).plan();
    }

    /** Each way takes the place of the one before, and is known again. */
    @ParameterizedTest
    @EnumSource(Preset.class)
    void oneWayTakesThePlaceOfAnother(Preset preset) {
        for (Ruler ruler : List.of(Ruler.MM_1, Ruler.EIGHTHS)) {
            for (Preset before : Preset.values()) {
                Plan after = dressed(dressed(card(ruler), before), preset);
                assertThat(after.dressing())
                        .isEqualTo(dressed(card(ruler), preset).dressing());
                assertThat(new Suggestion(WORKSHOP, WORKSHOP.work(after)).preset())
                        .contains(preset);
            }
        }
    }

    /** As the schools border: an eighth of an inch and another; 2.5 mm and another; twice that, and none. */
    @Test
    void bordersAreTheSchoolsOwn() {
        var allowances = WORKSHOP.tools().allowances();
        assertThat(Preset.BORDER_ON_BORDER.stack("a", "b", allowances, Ruler.EIGHTHS))
                .extracting(LayerChoice::border)
                .containsExactly(Length.ofInches(0, 1, 8), Length.ofInches(0, 1, 8));
        assertThat(Preset.FINE_LINE
                        .stack("a", "b", allowances, Ruler.EIGHTHS)
                        .get(1)
                        .border())
                .isEqualTo(Length.ofInches(0, 1, 16));
        assertThat(Preset.BOLD.stack("a", "b", allowances, Ruler.MM_1).get(0).border())
                .isEqualTo(Length.ofMillimetres(5));
        assertThat(Preset.TO_THE_EDGE
                        .stack("a", "b", allowances, Ruler.MM_1)
                        .get(0)
                        .border())
                .isEqualTo(Length.ZERO);
    }

    /** What the maker made for one panel stays through it all. */
    @Test
    void whatIsOnesOwnStays() {
        Plan bare = card(Ruler.MM_1);
        WorkedPlan worked = WORKSHOP.work(bare);
        FaceName back = FaceName.of(
                new Face(worked.form().graph().base(), Side.FACE), worked.form().graph());
        Dressed own =
                Dressed.of(back, List.of(LayerChoice.of("card-300", Length.ZERO).sized(Size.ofMillimetres(50, 60))));
        Plan after =
                dressed(dressed(bare.withDressing(bare.dressing().with(own)), Preset.ONE_MAT), Preset.BORDER_ON_BORDER);
        assertThat(after.dressing().on(back)).contains(own);
        assertThat(after.dressing().all()).hasSizeGreaterThan(3);
    }

    /** All mats in one paper and all patterns in another; the pale one to write on stays pale. */
    @Test
    void papersAreChangedInOneGo() {
        Plan plan = dressed(card(Ruler.MM_1), Preset.BORDER_ON_BORDER);
        long pale = plan.dressing().all().stream()
                .filter(dressed -> dressed.layers().size() == 1)
                .count();
        assertThat(pale).isOne();
        Plan mats = new Dress.InPaper(Role.MAT, "card-300").on(plan, WORKSHOP).plan();
        Plan both =
                new Dress.InPaper(Role.PATTERN, "card-220").on(mats, WORKSHOP).plan();
        assertThat(both.dressing().all())
                .filteredOn(dressed -> dressed.layers().size() == 2)
                .allSatisfy(dressed -> assertThat(dressed.layers())
                        .extracting(LayerChoice::paper)
                        .containsExactly("card-300", "card-220"));
        assertThat(both.dressing().all())
                .filteredOn(dressed -> dressed.layers().size() == 1)
                .allSatisfy(
                        dressed -> assertThat(dressed.layers().get(0).paper()).isEqualTo("paper-120"));
        Suggestion suggestion = new Suggestion(WORKSHOP, WORKSHOP.work(both));
        assertThat(suggestion.mats()).contains("card-300");
        assertThat(suggestion.patterns()).contains("card-220");
        Plan fine = dressed(both, Preset.FINE_LINE);
        assertThat(new Suggestion(WORKSHOP, WORKSHOP.work(fine)).patterns()).contains("card-220");
    }

    @Test
    void aPaperThatIsNotThereIsRefused() {
        Plan plan = dressed(card(Ruler.MM_1), Preset.ONE_MAT);
        assertThatThrownBy(() -> new Dress.InPaper(Role.MAT, "kite-silk").on(plan, WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("no cardstock called \"kite-silk\"");
    }
}
