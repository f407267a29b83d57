package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;

/** The way back: from a box of 184 × 127 × 8 mm inside to the kite cards that go in. */
class GoesInTest {

    private static Envelope box(long width, long height, long deep) {
        return new Envelope(
                "own-box",
                "Box",
                Size.ofMillimetres(width, height),
                Envelope.Source.OWN,
                Length.ofMillimetres(deep),
                null,
                null);
    }

    private static Optional<GoesIn> of(Structure structure, Envelope envelope) {
        return GoesIn.of(
                KiteCards.WORKSHOP,
                structure,
                Ruler.MM_1,
                KiteCards.WORKSHOP.sheets().find("12x12").orElseThrow(),
                envelope);
    }

    /** Each card that is told is folded and laid in the box by an independent rule: no side of it is larger. */
    @Test
    void whatIsToldGoesInByBoxInBox() {
        Envelope box = box(184, 127, 8);
        int found = 0;
        for (Structure structure : KiteCards.WORKSHOP.catalogue().all()) {
            Optional<GoesIn> told = of(structure, box);
            if (told.isPresent()) {
                found++;
                GoesIn card = told.get();
                ClosedCard closed = KiteCards.WORKSHOP
                        .work(Plan.of("Kite", structure.id(), card.proposal().measures(), Ruler.MM_1))
                        .closedCard();
                assertThat(closed.footprint().longSide().millimetres())
                        .as(structure.name())
                        .isLessThanOrEqualTo(184);
                assertThat(closed.footprint().shortSide().millimetres()).isLessThanOrEqualTo(127);
                double thick = closed.bulk() == null
                        ? 0
                        : closed.bulk().places().stream()
                                .mapToDouble(BulkCell::thickness)
                                .max()
                                .orElseThrow();
                assertThat(thick).isLessThanOrEqualTo(8);
                assertThat(card.left()).isEqualTo(8 - card.thickness());
            }
        }
        assertThat(found).isGreaterThan(20);
    }

    /** A box that is shallower than the bare card takes none, however large. */
    @Test
    void whatIsTooThickDoesNotGoIn() {
        Structure concertina = KiteCards.WORKSHOP.structure("concertina");
        double thick = of(concertina, box(184, 127, 30)).orElseThrow().thickness();
        assertThat(thick).isGreaterThan(1);
        assertThat(of(concertina, box(184, 127, 1))).isEmpty();
    }
}
