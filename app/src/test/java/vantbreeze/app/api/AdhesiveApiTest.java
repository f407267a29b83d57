package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;

/** Adhesives: what is usual, what the maker has instead, what is out, and what that does to a card. */
class AdhesiveApiTest extends StockApi {

    private static final String OWN = "/api/stock/own/adhesives";

    private static String adhesive(String name, String kind, String open, String sets, String caution) {
        return "{\"name\":\"%s\",\"kind\":\"%s\",\"open\":\"%s\",\"sets\":\"%s\",\"caution\":\"%s\"}"
                .formatted(name, kind, open, sets, caution);
    }

    @Test
    void oneOfTheMakersOwnIsKeptChangedAndForgotten() throws Exception {
        String kept = text(send(OWN, adhesive("Kite paste", "WET", "2 min", "1 h", "Wash it off."))
                .andExpect(jsonPath("$.adhesives[6].words")
                        .value("wet glue: time to wriggle; can be moved for 2 min, sets in 1 h"))
                .andExpect(jsonPath("$.adhesives[6].own").value(true)));
        String id = JsonPath.read(kept, "$.adhesives[6].id");
        change(OWN + "/" + id, adhesive("Kite paste", "WET", "90 s", "45 min", ""))
                .andExpect(jsonPath("$.adhesives", hasSize(7)))
                .andExpect(jsonPath("$.adhesives[6].open").value("90 s"))
                .andExpect(jsonPath("$.adhesives[6].caution").value(""));
        // other tools do not take it away
        otherTools().andExpect(jsonPath("$.adhesives", hasSize(7)));
        perform(delete(OWN + "/" + id)).andExpect(jsonPath("$.adhesives", hasSize(6)));
        perform(delete(OWN + "/" + id))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("Look at the list again")));
    }

    @Test
    void aUsualOneIsAsTheMakerHasItAndAsUsualAgain() throws Exception {
        String usual = text(look("/api/stock/own"));
        String id = JsonPath.read(usual, "$.adhesives[0].id");
        String sets = JsonPath.read(usual, "$.adhesives[0].sets");
        change(OWN + "/" + id, adhesive("Slow glue", "WET", "1 min", "3 h", ""))
                .andExpect(jsonPath("$.adhesives[0].name").value("Slow glue"))
                .andExpect(jsonPath("$.adhesives[0].usual").value(false))
                .andExpect(jsonPath("$.adhesives[0].own").value(false));
        perform(delete(OWN + "/" + id))
                .andExpect(jsonPath("$.adhesives[0].sets").value(sets))
                .andExpect(jsonPath("$.adhesives[0].usual").value(true));
    }

    @Test
    void whatCannotBeReadIsRefusedForItsField() throws Exception {
        send(OWN, adhesive("Kite paste", "WET", "10", "1 h", ""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("open"))
                .andExpect(jsonPath("$.detail").value("10 of what? Type 10 s, 10 min or 10 h."));
        send(OWN, adhesive("Kite paste", "WET", "10 s", "two days", ""))
                .andExpect(jsonPath("$.field").value("sets"));
        send(OWN, adhesive(" ", "WET", "10 s", "1 h", ""))
                .andExpect(jsonPath("$.field").value("name"));
        send(OWN, adhesive("Kite paste", "MAGIC", "10 s", "1 h", "")).andExpect(status().is4xxClientError());
        look("/api/stock/own").andExpect(jsonPath("$.adhesives", hasSize(6)));
    }

    /** Nothing on hand that holds a band: the table says so, and offers only what there is. */
    @Test
    void aJointWithoutAdhesiveIsTold() throws Exception {
        String begun = text(
                send("/api/cards", "{\"structure\":\"stage\",\"ruler\":\"mm\",\"width\":\"130\",\"height\":\"150\"}"));
        String building = "/api/cards/" + JsonPath.read(begun, "$.id") + "/building";
        look(building).andExpect(jsonPath("$.missing", empty())).andExpect(jsonPath("$.adhesives", hasSize(6)));
        for (String id : new String[] {"wet-glue", "construction-glue", "strong-tape"}) {
            perform(delete("/api/stock/own/" + id)).andExpect(status().isOk());
        }
        look(building)
                .andExpect(jsonPath("$.missing", hasItem(startsWith("Construction glue is not on hand: get some"))))
                .andExpect(jsonPath("$.adhesives[*].name", hasItem("Construction glue, not on hand")))
                .andExpect(jsonPath("$.adhesives[*].id", not(hasItem("wet-glue"))))
                .andExpect(jsonPath("$.steps[*].how", hasItem(startsWith("Construction glue is not on hand. "))));
    }
}
