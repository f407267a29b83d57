package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.die.Nest;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** Dies in the list of what one has, layers cut with them and prints slid in plans: kept, and read again. */
class DieDocumentTest {

    private static final LayerChoice SUN = LayerChoice.of("paper-160", Length.ofMillimetres(3))
            .cutOut(DieShape.CIRCLE, new Size(Length.ofInches(1, 7, 8), Length.ofInches(1, 7, 8)));

    private static Plan plan() {
        Plan card = Plan.of(
                "Kite day",
                "side-fold",
                Workshop.standard().structure("side-fold").proportioned(Size.ofMillimetres(110, 150), Ruler.MM_1),
                Ruler.MM_1);
        return card.withSupplies(card.supplies()
                        .sliding(
                                PieceId.of("Card base"),
                                new Slide(Length.ofMillimetres(4), Length.ofMicrometres(1500))))
                .withDressing(new Dressing(List.of(Dressed.of(new FaceName(0, "Cover", Side.FACE), List.of(SUN)))));
    }

    @Test
    void aLayerCutWithADieAndASlidPrintAreKept() {
        String document = PlanDocument.write(plan());
        assertThat(PlanDocument.read(document)).isEqualTo(plan());
        assertThat(document).contains("\"die\" : \"circle\"", "\"prints\"");
        // a shape that only a later house knows is a rectangle here, and stays what it was in the document
        String later = document.replace("\"die\" : \"circle\"", "\"die\" : \"star\"");
        Plan read = PlanDocument.read(later);
        assertThat(read.dressing().all().get(0).layers().get(0))
                .isEqualTo(SUN.sized(new Size(Length.ofInches(1, 7, 8), Length.ofInches(1, 7, 8))));
        assertThatThrownBy(() -> PlanDocument.read(document.replace("\"across\" : \"4 mm\"", "\"across\" : \"far\"")))
                .isInstanceOf(UnreadablePlan.class);
    }

    @Test
    void diesAreKeptWithTheTools() {
        OwnStock own = OwnStock.usual();
        Dies dies = new Dies(List.of(
                new Nest(
                        "own-suns",
                        "Suns",
                        false,
                        DieShape.CIRCLE,
                        List.of(Size.ofMillimetres(30, 30), new Size(Length.ofInches(2), Length.ofInches(2)))),
                new Nest("own-edge", "Bunting", true, DieShape.EDGE, List.of(Size.ofMillimetres(150, 19)))));
        OwnStock having = own.with(own.tools().with(dies));
        String document = StockDocument.write(having);
        assertThat(StockDocument.read(document)).isEqualTo(having);
        // a list of before there were dies
        assertThat(StockDocument.write(own)).doesNotContain("nests");
        assertThat(StockDocument.read(StockDocument.write(own)).tools().dies()).isEqualTo(Dies.NONE);
        assertThatThrownBy(() -> StockDocument.read(document.replace("\"edge\"", "\"star\"")))
                .isInstanceOf(UnreadablePlan.class);
    }
}
