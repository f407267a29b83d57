package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.FloatingBook;
import vantbreeze.core.structure.Gatefold;
import vantbreeze.core.structure.Structure;

/** How thick and heavy a card is told to be. */
class HeftTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static WorkedPlan gate(Length width) {
        Structure gate = new Gatefold();
        return WORKSHOP.work(Plan.of(
                "Kite day",
                gate.id(),
                gate.proportioned(new Size(width, Length.ofInches(7, 1, 16)), Ruler.SIXTEENTHS),
                Ruler.SIXTEENTHS));
    }

    /** By hand: two cards of 0.36 mm at every place, whatever the width: flaps that meet do not lie on one another. */
    @Test
    void aGateIsTwoCardsThickAtEverySize() {
        for (int sixteenths = 64; sixteenths <= 112; sixteenths++) {
            Length width = Length.ofInches(0, sixteenths, 16);
            assertThat(gate(width).closedCard().thickness())
                    .as(width.toString())
                    .isCloseTo(0.72, within(1e-6));
        }
    }

    /** By hand: an arch of film weighs its area times 130 g/m² and is 0.1 mm thick, whatever the card is made of. */
    @Test
    void acetateIsNoCard() {
        Structure book = new FloatingBook();
        Plan without = BarePlan.of(book);
        Plan with = without.choosing(book, "over", "acetate");
        WorkedPlan bare = WORKSHOP.work(without);
        WorkedPlan arched = WORKSHOP.work(with);
        double area = arched.pieces().get(arched.pieces().size() - 1).panels().all().stream()
                .mapToDouble(panel -> panel.area())
                .sum();
        assertThat(arched.closedCard().weight().grams()
                        - bare.closedCard().weight().grams())
                .isCloseTo(area / 1e6 * 130, within(1e-9));
        assertThat(arched.closedCard().thickness() - bare.closedCard().thickness())
                .isCloseTo(
                        Math.rint((arched.closedCard().thickness()
                                                - bare.closedCard().thickness())
                                        * 10)
                                / 10,
                        within(1e-6))
                .isLessThanOrEqualTo(0.3 + 1e-6);
        WorkedPlan heavier = WORKSHOP.work(with.withCardstock("card-350"));
        assertThat(heavier.closedCard().weight().pieces().get(arched.pieces().size() - 1))
                .isEqualTo(arched.closedCard()
                        .weight()
                        .pieces()
                        .get(arched.pieces().size() - 1));
    }

    /** By hand: foam of 2 mm under all of a layer, at 0.1 g/cm³; a bow of 0.8 g on it. */
    @Test
    void foamAndBowsWeigh() {
        Structure zed = WORKSHOP.structure("z-fold");
        FaceName back = new FaceName(0, "Back", Side.FACE);
        LayerChoice mat = LayerChoice.of("paper-160", Length.ofMillimetres(3));
        Plan plan = BarePlan.of(zed);
        WorkedPlan flat = WORKSHOP.work(plan.withDressing(new Dressing(List.of(Dressed.of(back, List.of(mat))))));
        WorkedPlan raised = WORKSHOP.work(plan.withDressing(
                new Dressing(List.of(Dressed.of(back, List.of(mat.raised(Length.ofMillimetres(2))))))));
        Layer layer = raised.layers().all().get(0);
        double foam = layer.shape().getArea() * 2 / 1000 * 0.1;
        assertThat(raised.closedCard().weight().grams()
                        - flat.closedCard().weight().grams())
                .isCloseTo(foam, within(1e-9));
        Embellishment bow = new Embellishment("bow", Size.ofMillimetres(20, 10), Length.ofMillimetres(4), 0.8);
        WorkedPlan bowed = WORKSHOP.work(
                plan.withDressing(new Dressing(List.of(new Dressed(List.of(back), List.of(mat), List.of(bow))))));
        assertThat(bowed.closedCard().weight().grams()
                        - flat.closedCard().weight().grams())
                .isCloseTo(0.8, within(1e-9));
    }
}
