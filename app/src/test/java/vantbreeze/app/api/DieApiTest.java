package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** Dies kept, asked which go together, and taken for parts and layers of a card. */
class DieApiTest extends StockApi {

    private ResultActions keep(String name, String shape, String sizes) throws Exception {
        return send(
                "/api/stock/own/nests",
                "{\"name\":\"%s\",\"ruler\":\"eighths\",\"shape\":\"%s\",\"punch\":false,\"sizes\":\"%s\"}"
                        .formatted(name, shape, sizes));
    }

    private String begin(String structure) throws Exception {
        String begun = text(send(
                "/api/cards",
                "{\"structure\":\"%s\",\"ruler\":\"eighths\",\"width\":\"5\",\"height\":\"6\"}".formatted(structure)));
        return "/api/cards/" + JsonPath.read(begun, "$.id");
    }

    @Test
    void diesAreKeptAndAnswerWhichGoTogether() throws Exception {
        look("/api/stock/dies/frames?ruler=eighths").andExpect(jsonPath("$", hasSize(0)));
        keep("Sun circles", "circle", "1, 1½, 2, 2 1/2")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.nests[0].sizes[0].width.text").value("2 1/2 in"))
                .andExpect(jsonPath("$.nests[0].many").value("circles"));
        look("/api/stock/dies/rings?ruler=eighths&border=1/4")
                .andExpect(jsonPath("$", hasSize(3)))
                .andExpect(jsonPath("$[0].dies[0].size.width.text").value("2 1/2 in"))
                .andExpect(jsonPath("$[0].border.text").value("1/4 in"));
        look("/api/stock/dies/frames?ruler=eighths").andExpect(jsonPath("$", hasSize(2)));
        look("/api/stock/dies/rings?ruler=eighths&border=0").andExpect(status().isUnprocessableEntity());
        String id = JsonPath.read(text(look("/api/stock/own")), "$.nests[0].id");
        // what is put away is offered no more, and comes back
        perform(delete("/api/stock/own/" + id))
                .andExpect(jsonPath("$.nests[0].away").value(true));
        look("/api/stock/dies/frames?ruler=eighths").andExpect(jsonPath("$", hasSize(0)));
        perform(put("/api/stock/own/" + id + "/offered"))
                .andExpect(jsonPath("$.nests[0].away").value(false));
        // other tools do not take dies away
        otherTools().andExpect(jsonPath("$.nests", hasSize(1)));
    }

    @Test
    void whatIsNoDieIsRefusedWithTheReason() throws Exception {
        keep("Suns", "star", "1")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("shape"));
        keep("Suns", "circle", "kite")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("sizes"))
                .andExpect(jsonPath("$.detail", containsString("\"kite\"")));
        keep(" ", "circle", "1").andExpect(status().isUnprocessableEntity());
        assertThat(stock().own().tools().dies().nests()).isEmpty();
    }

    @Test
    void ringAndDiscTakeSizesThatTheDiesCut() throws Exception {
        String card = begin("ring-lock");
        look(card + "/dies").andExpect(jsonPath("$.kept").value(false));
        keep("Sun circles", "circle", "1 1/2, 1 3/4, 2, 2 1/2");
        String offers = text(look(card + "/dies")
                .andExpect(jsonPath("$.kept").value(true))
                .andExpect(jsonPath("$.offers[0].parts", hasSize(3)))
                .andExpect(jsonPath("$.offers[0].against").value("")));
        List<Object> steps = JsonPath.read(offers, "$.offers[0].steps");
        send(
                        card + "/changes/together",
                        "{\"revision\":0,\"steps\":%s}"
                                .formatted(JsonPath.parse(steps).jsonString()))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.takesDies").value(true))
                .andExpect(jsonPath("$.pieces[1].how", containsString("circles of Sun circles")));
        look(card + "/dies").andExpect(jsonPath("$.offers[0].inForce").value(true));
    }

    @Test
    void framesAreLaidOnWhatLiesOnAPanel() throws Exception {
        String card = begin("side-fold");
        keep("Sun circles", "circle", "1, 1½, 2, 2 1/2, 9");
        String path = card + "/layers/dies?panel=0&face=true";
        String stacks = text(look(path)
                .andExpect(jsonPath("$.single", hasSize(4)))
                .andExpect(jsonPath("$.frames[0].dies", hasSize(3)))
                .andExpect(jsonPath("$.frames[0].border.text").value("1/4 in")));
        List<String> papers = JsonPath.read(stacks, "$.frames[0].layers[*].paper");
        String layer = "{\"paper\":\"%s\",\"width\":\"%s\",\"height\":\"%s\",\"die\":\"circle\"}";
        String add = "{\"revision\":%d,\"what\":\"ADD\",\"faces\":[{\"panel\":0,\"face\":true}],\"layers\":[%s],"
                + "\"embellishments\":[]}";
        send(card + "/layers", add.formatted(0, layer.formatted(papers.get(0), "2 1/2 in", "2 1/2 in")))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.layers", hasSize(1)));
        send(card + "/layers", add.formatted(1, layer.formatted(papers.get(1), "2 in", "2 in")))
                .andExpect(jsonPath("$.layers", hasSize(2)));
        look(card + "/layers")
                .andExpect(jsonPath("$.cuts[0].shape").value("circle"))
                .andExpect(jsonPath("$.cuts[0].notes", containsString("2½ in circle of Sun circles")))
                .andExpect(jsonPath("$.dressed[0].layers[1].die").value("circle"));
        look(path).andExpect(jsonPath("$.single", hasSize(3)));
        send(
                        card + "/layers",
                        add.formatted(
                                2, layer.formatted("paper-160", "2 in", "2 in").replace("circle", "star")))
                .andExpect(status().isUnprocessableEntity());
        look(card + "/layers/dies?panel=99&face=true").andExpect(status().isUnprocessableEntity());
    }
}
