package vantbreeze.core.counter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.post.PostItem;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.wrap.WrapStructure;
import vantbreeze.core.wrap.Wraps;

/** What a kite card weighs and measures as it is sent, by hand. */
class MailingTest {

    private static WorkedPlan sideFold() {
        return KiteCards.WORKSHOP.work(Plan.of(
                "Kite day",
                "side-fold",
                KiteCards.WORKSHOP.structure("side-fold").proportioned(Size.ofMillimetres(148, 104), Ruler.MM_1),
                Ruler.MM_1));
    }

    private static WorkedPlan envelope(ClosedCard card) {
        return KiteCards.WORKSHOP.work(Plan.of(
                "Its envelope",
                "rectangle-envelope",
                Wraps.round(
                        (WrapStructure) KiteCards.WORKSHOP.structure("rectangle-envelope"),
                        card,
                        new Measures(Map.of()),
                        new Measures(Map.of()),
                        Set.of(),
                        Ruler.MM_1),
                Ruler.MM_1));
    }

    /**
     * Card and envelope by their areas, a gift card of 5 g and a stamp: 2 × 148 × 104 mm² of card, all of the sheet.
     */
    @Test
    void allOfItIsWeighed() {
        WorkedPlan card = sideFold();
        WorkedPlan envelope = envelope(card.closedCard());
        Cardstock stock = card.cardstock();
        double area = envelope.pieces().get(0).panels().all().stream()
                .mapToDouble(panel -> panel.area())
                .sum();
        double byHand = (2 * 148 * 104 + area) / 1e6 * stock.grammage() + 5 + 0.1;
        Mailing mailing = new Mailing(card.closedCard(), List.of(envelope.closedCard()), 1, true);
        assertThat(mailing.grams()).isCloseTo(byHand, within(1e-6));
        assertThat(new Mailing(card.closedCard(), List.of(), 0, false).grams())
                .isCloseTo(2 * 148 * 104 / 1e6 * stock.grammage(), within(1e-6));
    }

    /** Two sheets of the card, front, seam, back and flap of the envelope at the most, a gift card. */
    @Test
    void allOfItIsMeasured() {
        WorkedPlan card = sideFold();
        WorkedPlan envelope = envelope(card.closedCard());
        double sheet = card.cardstock().caliper().millimetres();
        Mailing mailing = new Mailing(card.closedCard(), List.of(envelope.closedCard()), 1, true);
        assertThat(mailing.thickness())
                .isBetween(2 * sheet + 3 * sheet + 0.76 - 1e-9, 2 * sheet + 4 * sheet + 0.76 + 1e-9);
        PostItem item = mailing.item(Allowances.usual());
        assertThat(item.length()).isEqualTo(envelope.footprint().width().millimetres());
        assertThat(item.width()).isEqualTo(envelope.footprint().height().millimetres());
        assertThat(item.uneven()).isFalse();
        assertThat(item.stiff()).isFalse();
        assertThat(mailing.unevenness()).isCloseTo(0.76, within(1e-9));
    }

    /** A card as thick all over is even; one with springs in its middle is not. */
    @Test
    void whatLiesInOnePlaceIsUneven() {
        assertThat(new Mailing(sideFold().closedCard(), List.of(), 0, false).unevenness())
                .isZero();
        ClosedCard springs = KiteCards.dressed("tiered-stage").closedCard();
        assertThat(new Mailing(springs, List.of(), 0, false).unevenness()).isGreaterThan(0.5);
    }
}
