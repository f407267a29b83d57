package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/** What a plan takes, and what is left over that is worth keeping. */
class OffcutsTest {

    private static Offcuts of(CutOrder order) {
        Iterator<String> ids = List.of("one", "two", "three").iterator();
        return Offcuts.of(CutPlan.of(order), order.tools(), order.ruler(), "from Kite day, 2 Dec", ids::next);
    }

    @Test
    void whatIsWideEnoughIsKeptAlikeTogether() {
        Offcuts offcuts = of(CutCases.order(
                CutCases.rectangles("Sail", 2, 210, 200), CutChoices.NONE, CutCases.sheet("a", 210, 297, 5)));
        assertThat(offcuts.taken()).isEqualTo(Map.of("a", 2));
        assertThat(offcuts.kept())
                .containsExactly(new StockSheet(
                        "one", "from Kite day, 2 Dec", Size.ofMillimetres(210, 97), "kite", 2, true, null));
    }

    /** A strip of 37 mm is no offcut; sheets that are only bought are not counted. */
    @Test
    void stripsAreThrownAway() {
        Offcuts offcuts = of(CutCases.order(CutCases.rectangles("Sail", 1, 210, 260), CutChoices.NONE));
        assertThat(offcuts.taken()).isEmpty();
        assertThat(offcuts.kept()).isEmpty();
    }

    /** From a sheet that lies it is turned, so that its grain still runs up. */
    @Test
    void anOffcutStandsAsItsSheetDoes() {
        Offcuts offcuts = of(CutCases.order(
                CutCases.rectangles("Sail", 1, 200, 210), CutChoices.NONE, CutCases.sheet("a", 297, 210, 5)));
        assertThat(offcuts.kept()).extracting(StockSheet::size).containsExactly(Size.ofMillimetres(210, 97));
    }
}
