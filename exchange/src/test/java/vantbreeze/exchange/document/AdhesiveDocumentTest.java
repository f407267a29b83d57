package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.tool.Adhesive;
import vantbreeze.core.tool.Adhesives;

/** What there is to glue with, in the list of what one has: kept as far as it is not as usual, and read again. */
class AdhesiveDocumentTest {

    private static OwnStock having(Adhesive own) {
        OwnStock usual = OwnStock.usual();
        return usual.with(usual.tools().with(Adhesives.USUAL.with(own)));
    }

    @Test
    void adhesivesAreKeptWithTheTools() {
        OwnStock own = having(new Adhesive(
                "own-paste", "Kite paste", Adhesive.Kind.WET, 90, 1_800, List.of("Keep it off the carpet.")));
        String document = StockDocument.write(own);
        assertThat(document).contains("\"kind\" : \"wet\"", "\"open\" : 90", "\"sets\" : 1800");
        assertThat(StockDocument.read(document)).isEqualTo(own);
        // a list of before they could be changed
        String usual = StockDocument.write(OwnStock.usual());
        assertThat(usual).doesNotContain("adhesives");
        assertThat(StockDocument.read(usual).tools().adhesives()).isEqualTo(Adhesives.USUAL);
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        String document = StockDocument.write(
                having(new Adhesive("own-paste", "Kite paste", Adhesive.Kind.WET, 90, 1_800, List.of())));
        for (String bad : new String[] {
            document.replace("\"wet\"", "\"magic\""),
            document.replace("\"open\" : 90", "\"open\" : -90"),
            document.replace("\"sets\" : 1800", "\"sets\" : 180000000"),
            document.replace("\"Kite paste\"", "\"\""),
        }) {
            assertThatThrownBy(() -> StockDocument.read(bad)).isInstanceOf(UnreadablePlan.class);
        }
    }
}
