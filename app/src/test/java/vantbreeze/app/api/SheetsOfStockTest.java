package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.plan.OwnStock;

@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:sheets")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class SheetsOfStockTest {

    @Autowired
    private MockMvc web;

    @Autowired
    private StockRoom stock;

    @AfterEach
    void asBefore() {
        stock.change(own -> OwnStock.usual());
    }

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body.replace('\'', '"')));
    }

    private ResultActions sheet(String rest) throws Exception {
        return send("/api/stock/own/sheets", "{'name':'Tail','ruler':'mm','width':'211','height':'303'" + rest + "}");
    }

    private String paper() throws Exception {
        String own = send(
                        "/api/stock/own/cardstocks",
                        "{'name':'Kite card','grammage':'270','grain':'LONG','pattern':'PLAIN','colour':'#c0432e'}")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
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
        assertThat(stock.own().sheets()).isEmpty();
    }

    /** A piece of another cardstock than the card's is seen to be of it, wherever the card is drawn. */
    @Test
    void panelsSayWhatTheirPieceIsMadeOf() throws Exception {
        String paper = paper();
        String card = send("/api/cards", "{'structure':'pillar-card','ruler':'mm','width':'152','height':'110'}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = JsonPath.read(card, "$.id");
        String field = JsonPath.read(card, "$.pieces[1].stock.field");
        String changed = send(
                        "/api/cards/" + id + "/changes",
                        "{'revision':0,'field':'%s','text':'%s'}".formatted(field, paper))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.pieces[1].stock.own").value(paper))
                .andReturn()
                .getResponse()
                .getContentAsString();
        List<Integer> panels = JsonPath.read(changed, "$.pieces[1].panels[*].index");
        List<String> madeOf = JsonPath.read(changed, "$.madeOf");
        for (int panel = 0; panel < madeOf.size(); panel++) {
            assertThat(madeOf.get(panel).equals(paper)).isEqualTo(panels.contains(panel));
        }
        assertThat(JsonPath.<List<String>>read(changed, "$.papers[*].id")).contains(paper, madeOf.get(0));
        web.perform(get("/api/cards/" + id + "/sketch"))
                .andExpect(
                        jsonPath("$.drawn.madeOf[%s]".formatted(panels.get(0))).value(paper));
    }
}
