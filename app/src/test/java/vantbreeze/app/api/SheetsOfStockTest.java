package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

class SheetsOfStockTest extends StockApi {

    private ResultActions sheet(String rest) throws Exception {
        return send("/api/stock/own/sheets", "{'name':'Tail','ruler':'mm','width':'211','height':'303'" + rest + "}");
    }

    private String paper() throws Exception {
        String own = text(send(
                        "/api/stock/own/cardstocks",
                        "{'name':'Kite card','grammage':'270','grain':'LONG','pattern':'PLAIN','colour':'#c0432e'}")
                .andExpect(status().isOk()));
        return JsonPath.read(own, "$.cardstocks[0].id");
    }

    @Test
    void whatIsKnownOfASheetIsKeptAndRead() throws Exception {
        String paper = paper();
        sheet(",'paper':'%s','count':'3','offcut':true,'price':'0,35'".formatted(paper))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.sheets[0].words").value("3 of Kite card, an offcut, 0.35 each"))
                .andExpect(jsonPath("$.sheets[0].sheet.paper").value(paper))
                .andExpect(jsonPath("$.sheets[0].sheet.count").value(3));
        sheet("").andExpect(jsonPath("$.sheets[1].words").doesNotExist());
        sheet(",'count':'12','price':'','paper':''")
                .andExpect(jsonPath("$.sheets[2].words").value("12 of them"));
    }

    @Test
    void whatMakesNoSenseIsRefusedWhereItStands() throws Exception {
        sheet(",'count':'a few'")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("count"));
        sheet(",'count':'999999'").andExpect(status().isUnprocessableEntity());
        sheet(",'price':'-1'")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("no price")));
        sheet(",'paper':'nobody has this'").andExpect(status().isUnprocessableEntity());
        assertThat(stock().own().sheets()).isEmpty();
    }

    /** A piece of another cardstock than the card's is seen to be of it, wherever the card is drawn. */
    @Test
    void panelsSayWhatTheirPieceIsMadeOf() throws Exception {
        String paper = paper();
        String card = text(send("/api/cards", "{'structure':'pillar-card','ruler':'mm','width':'152','height':'110'}")
                .andExpect(status().isCreated()));
        String id = JsonPath.read(card, "$.id");
        String field = JsonPath.read(card, "$.pieces[1].stock.field");
        String changed = text(
                send("/api/cards/" + id + "/changes", "{'revision':0,'field':'%s','text':'%s'}".formatted(field, paper))
                        .andExpect(status().isOk())
                        .andExpect(jsonPath("$.pieces[1].stock.own").value(paper)));
        List<Integer> panels = JsonPath.read(changed, "$.pieces[1].panels[*].index");
        List<String> madeOf = JsonPath.read(changed, "$.madeOf");
        for (int panel = 0; panel < madeOf.size(); panel++) {
            assertThat(madeOf.get(panel).equals(paper)).isEqualTo(panels.contains(panel));
        }
        assertThat(JsonPath.<List<String>>read(changed, "$.papers[*].id")).contains(paper, madeOf.get(0));
        look("/api/cards/" + id + "/sketch")
                .andExpect(
                        jsonPath("$.drawn.madeOf[%s]".formatted(panels.get(0))).value(paper));
    }
}
