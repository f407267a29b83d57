package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/** Sheets counted when a card is cut, and when that is taken back. */
class CutDoneTest {

    private static StockSheet sheet(String id, @Nullable Integer count, boolean offcut) {
        return new StockSheet(id, id, Size.ofMillimetres(210, 297), "own-sky", count, offcut, null);
    }

    private static CutDone done(String id, Map<String, Integer> taken, String... offcuts) {
        return new CutDone(id, "card", "Kite day", LocalDate.of(2026, 12, 2), taken, List.of(offcuts));
    }

    private static final OwnStock STOCK = OwnStock.usual()
            .withSheets(List.of(sheet("whole", 5, false), sheet("rest", 1, true), sheet("endless", null, false)));

    @Test
    void sheetsGoAndOffcutsCome() {
        OwnStock after = STOCK.cut(
                done("one", Map.of("whole", 2, "rest", 1, "endless", 3), "new"), List.of(sheet("new", 2, true)));
        assertThat(after.sheets())
                .containsExactly(
                        sheet("whole", 3, false),
                        sheet("rest", 0, true),
                        sheet("endless", null, false),
                        sheet("new", 2, true));
        assertThat(after.uncut("one")).isEqualTo(STOCK);
    }

    /** What of its offcuts was used meanwhile is gone all the same; no sheet comes twice. */
    @Test
    void itIsTakenBackOnce() {
        OwnStock cut = STOCK.cut(done("one", Map.of("whole", 1), "new"), List.of(sheet("new", 1, true)))
                .cut(done("two", Map.of("new", 1)), List.of());
        OwnStock back = cut.uncut("one");
        assertThat(back.sheets()).containsExactlyElementsOf(STOCK.sheets());
        assertThatThrownBy(() -> back.uncut("one")).hasMessageContaining("taken back already");
        assertThat(back.uncut("two").sheets()).containsExactlyElementsOf(STOCK.sheets());
    }

    /** The last hundred are remembered; offcuts used up before those are forgotten. */
    @Test
    void thereIsAnEndToWhatIsRemembered() {
        OwnStock stock = STOCK.cut(done("first", Map.of("rest", 1)), List.of());
        for (int i = 0; i < OwnStock.MOST_CUTS; i++) {
            stock = stock.cut(done("later-" + i, Map.of()), List.of());
        }
        assertThat(stock.cuts()).hasSize(OwnStock.MOST_CUTS);
        assertThat(stock.sheets()).extracting(StockSheet::id).containsExactly("whole", "endless");
    }
}
