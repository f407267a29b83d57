package vantbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/** Which envelope a kite card goes in: from the drawer before those to buy, and boxes as deep as they are. */
class EnvelopeRankingTest {

    private static Envelope own(String id, long width, long height, long deep, Integer count) {
        return new Envelope(
                id,
                id,
                Size.ofMillimetres(width, height),
                Envelope.Source.OWN,
                Length.ofMillimetres(deep),
                count,
                null);
    }

    private static List<Envelope> with(Envelope... own) {
        return Stream.concat(Envelopes.published().all().stream(), Stream.of(own))
                .toList();
    }

    private static EnvelopeRanking ranked(ClosedCard card, Envelope... own) {
        return EnvelopeRanking.of(card, with(own), Allowances.usual());
    }

    @Test
    void whatSuitsComesFirstAndWhatIsUsedUpNot() {
        ClosedCard card = ClosedCard.flat(Size.ofMillimetres(148, 104));
        EnvelopeRanking ranking = ranked(
                card,
                own("loose", 240, 170, 0, null),
                own("small", 140, 100, 0, 9),
                own("none-left", 155, 110, 0, 0),
                own("snug", 155, 110, 0, 3));
        assertThat(ranking.atHand()).extracting(fit -> fit.envelope().id()).containsExactly("snug", "loose");
        assertThat(ranking.toBuy().get(0).envelope().id()).isEqualTo("c6");
        assertThat(ranking.toBuy()).hasSizeLessThanOrEqualTo(4).allMatch(EnvelopeFit::goesIn);
    }

    /** Box in box: a stack of 148 × 104 × 9 mm goes in a box that is no smaller any way, and in no flat envelope. */
    @Test
    void aBoxTakesWhatIsNoDeeper() {
        ClosedCard thick = ClosedCard.sheet(148, 104, 9, 60);
        EnvelopeRanking ranking = ranked(
                thick,
                own("flat", 300, 220, 0, null),
                own("shallow", 155, 110, 8, null),
                own("deep", 155, 110, 10, null),
                own("just", 148, 104, 9, null));
        assertThat(ranking.atHand()).extracting(fit -> fit.envelope().id()).containsExactly("deep", "just");
        assertThat(ranking.toBuy()).isEmpty();
    }

    @Test
    void whatIsNoEnvelopeIsTold() {
        assertThatThrownBy(() -> own("x", 100, 100, 101, null)).hasMessageContaining("deep");
        assertThatThrownBy(() -> own("x", 100, 100, -1, null)).hasMessageContaining("deep");
        assertThatThrownBy(() -> own("x", 100, 100, 1, -1)).hasMessageContaining("how many");
    }
}
