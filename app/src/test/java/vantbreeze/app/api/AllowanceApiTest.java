package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.exchange.document.StockDocument;

class AllowanceApiTest extends StockApi {

    private static final String SLIVER = "$..allowances[?(@.id=='tube-sliver')]";

    private ResultActions set(String id, String body) throws Exception {
        return change("/api/stock/allowances/" + id + "?ruler=eighths", body);
    }

    @Test
    void eachIsToldWithWhyAndWhence() throws Exception {
        look("/api/stock/allowances?ruler=eighths")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.length()").value(8))
                .andExpect(jsonPath(SLIVER + ".figure.text").value("1/16 in"))
                .andExpect(jsonPath(SLIVER + ".elsewhere.text").value("1 mm"))
                .andExpect(jsonPath(SLIVER + ".own").value(false))
                .andExpect(jsonPath(SLIVER + ".source").value("common practice, no source"))
                .andExpect(
                        jsonPath("$..allowances[?(@.id=='stands')].figure.text").value("300 g/m²"));
    }

    /** A maker with a metric ruler sees what is usual with theirs, and moves it by its marks. */
    @Test
    void eachIsTheOneOfTheMakersRuler() throws Exception {
        look("/api/stock/allowances?ruler=mm")
                .andExpect(status().isOk())
                .andExpect(jsonPath(SLIVER + ".figure.text").value("1 mm"))
                .andExpect(jsonPath(SLIVER + ".usual.text").value("1 mm"))
                .andExpect(jsonPath(SLIVER + ".elsewhere.text").value("1/16 in"));
        change("/api/stock/allowances/tube-sliver?ruler=mm", "{\"divisions\":1}")
                .andExpect(jsonPath(SLIVER + ".figure.text").value("1.5 mm"));
        change("/api/stock/allowances/tube-sliver?ruler=mm", "{\"text\":\"2\"}")
                .andExpect(jsonPath(SLIVER + ".figure.text").value("2 mm"));
        look("/api/stock/allowances?ruler=cubits").andExpect(status().isUnprocessableEntity());
    }

    /** A card that is kept is worked out anew: the last panel of its tube follows the maker's own. */
    @Test
    void cardsFollowTheMakersOwn() throws Exception {
        String card = text(send(
                        "/api/cards",
                        "{\"structure\":\"pillar-card\",\"ruler\":\"mm\",\"width\":\"152\",\"height\":\"110\"}")
                .andExpect(status().isCreated()));
        String id = JsonPath.read(card, "$.id");
        set("tube-sliver", "{\"text\":\"4 mm\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath(SLIVER + ".own").value(true))
                .andExpect(jsonPath(SLIVER + ".figure.text").value("4 mm"));
        String after = text(look("/api/cards/" + id));
        assertThat(widestPiece(card) - widestPiece(after)).isEqualTo(3.0);
        set("tube-sliver", "{\"divisions\":-2}")
                .andExpect(jsonPath(SLIVER + ".figure.text").value("3 mm"));
        assertThat(StockDocument.write(stock().own())).contains("\"tube-sliver\" : \"3 mm\"");
        assertThat(StockDocument.read(StockDocument.write(stock().own()))).isEqualTo(stock().own());
        set("tube-sliver", "{}").andExpect(jsonPath(SLIVER + ".own").value(false));
    }

    private static double widestPiece(String card) {
        return JsonPath.<java.util.List<Double>>read(card, "$.pieces[*].cut.width.mm").stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElseThrow();
    }

    /** The tools page sends no allowances; what the maker set stays. */
    @Test
    void otherToolsLeaveThemAlone() throws Exception {
        set("stands", "{\"text\":\"280 g/m²\"}").andExpect(status().isOk());
        otherTools().andExpect(status().isOk());
        look("/api/stock/allowances?ruler=eighths")
                .andExpect(
                        jsonPath("$..allowances[?(@.id=='stands')].figure.text").value("280 g/m²"));
    }

    @Test
    void whatCanNotBeReadOrMakesNoSenseIsRefused() throws Exception {
        set("tab", "{\"text\":\"wide\"}").andExpect(status().isUnprocessableEntity());
        set("tab", "{\"text\":\"900 mm\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("between 3 and 60 mm")));
        set("stands", "{\"text\":\"heavy\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("no number")));
        set("kite-tail", "{\"text\":\"1\"}").andExpect(status().isNotFound());
    }
}
