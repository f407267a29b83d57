package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.post.PostLimits;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;
import vantbreeze.core.post.Span;
import vantbreeze.core.post.Surcharges;
import vantbreeze.core.tool.Tools;

/** Envelopes on hand and postal tables in the document of what a maker has. */
class StockOfPostTest {

    private static final Span ANY = new Span(70, 240.5);

    private static final OwnStock OWN = new OwnStock(
                    Tools.usual(),
                    List.of(
                            new Envelope(
                                    "own-box",
                                    "Kite box",
                                    Size.ofMillimetres(180, 130),
                                    Envelope.Source.OWN,
                                    Length.ofMillimetres(10),
                                    7,
                                    new BigDecimal("0.35")),
                            new Envelope("own-flat", "Flat", Size.ofMillimetres(171, 121), Envelope.Source.OWN)),
                    List.of(),
                    Map.of(),
                    Set.of())
            .withPost(List.of(new PostTable(
                    "own-post",
                    "Kite town",
                    "EUR",
                    List.of(new PostService(
                            "own-mail",
                            "Kite mail",
                            new PostLimits(ANY, ANY, Span.upTo(5), Span.upTo(20), 900, new Span(1.4, 100)),
                            new Surcharges(new Span(1.3, 2.5), new BigDecimal("0.40"), null),
                            new BigDecimal("1.10"),
                            "the counter")))));

    @Test
    void whatIsWrittenIsRead() {
        assertThat(StockDocument.read(StockDocument.write(OWN))).isEqualTo(OWN);
        OwnStock shipped = OwnStock.usual().withPost(PostTables.all());
        assertThat(StockDocument.read(StockDocument.write(shipped))).isEqualTo(shipped);
    }

    /** What was kept before there were counts and postal tables says nothing of them. */
    @Test
    void whatIsUsualIsNotWritten() {
        String usual = StockDocument.write(OwnStock.usual());
        assertThat(usual).doesNotContain("post").doesNotContain("depth");
        assertThat(StockDocument.read(usual).post()).isEmpty();
    }

    @Test
    void whatContradictsItselfIsNotRead() {
        String document = StockDocument.write(OWN).replace("\"from\" : 70.0", "\"from\" : 700.0");
        assertThatThrownBy(() -> StockDocument.read(document)).isInstanceOf(UnreadablePlan.class);
    }
}
