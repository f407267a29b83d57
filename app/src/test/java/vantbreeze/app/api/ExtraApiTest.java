package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Things set on a card and taken off again. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:extras")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class ExtraApiTest {

    private static final String POP_OUT =
            "{\"revision\":%d,\"what\":\"PUT\",\"kind\":\"pop-out\",\"panel\":1,\"face\":true,"
                    + "\"to\":0,\"name\":\"Kite mount\"}";

    @Autowired
    private MockMvc web;

    private String card;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @BeforeEach
    void aSideFold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"side-fold\",\"ruler\":\"mm\",\"width\":\"110\",\"height\":\"150\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
    }

    @Test
    void whatIsSetOnACardIsThereWithItsMeasures() throws Exception {
        send(card + "/extras", POP_OUT.formatted(0))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.extras[0].name").value("Kite mount"))
                .andExpect(jsonPath("$.extras[0].on").value("Back"))
                .andExpect(jsonPath("$.extras[0].to").value("Cover"))
                .andExpect(jsonPath("$.pieces", hasSize(2)))
                .andExpect(jsonPath("$.measures[?(@.extra == 'extra-1')].label", hasItem("Spring")));
        send(card + "/changes", "{\"revision\":1,\"field\":\"extra-1-spring\",\"text\":\"30\"}")
                .andExpect(status().isOk());
        send(card + "/changes", "{\"revision\":2,\"field\":\"extra-1-tab\",\"text\":\"1\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Tab of Kite mount can't be under")));
        send(card + "/extras", "{\"revision\":2,\"what\":\"TAKE\",\"extra\":\"extra-1\"}")
                .andExpect(jsonPath("$.extras", hasSize(0)))
                .andExpect(jsonPath("$.pieces", hasSize(1)));
    }

    /** What excludes another measure is refused with both ways out, and one of them is gone at a click. */
    @Test
    void waysOutAreOfferedAndGone() throws Exception {
        send(card + "/extras", POP_OUT.formatted(0)).andExpect(status().isOk());
        send(card + "/changes", "{\"revision\":1,\"field\":\"extra-1-breadth\",\"text\":\"120\"}")
                .andExpect(status().isOk());
        String refused = send(card + "/changes", "{\"revision\":2,\"field\":\"height\",\"text\":\"90\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.ways", hasSize(2)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String steps = JsonPath.parse(refused).read("$.ways[0].steps").toString();
        send(card + "/changes/together", "{\"revision\":2,\"steps\":%s}".formatted(steps))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.measures[?(@.id == 'height')].figure.text", hasItem("90 mm")));
        send(card + "/changes/together", "{\"revision\":3,\"steps\":[]}").andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whatCouldBeSetOnAFaceIsTriedFirst() throws Exception {
        web.perform(get(card + "/offers?panel=1&face=true"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.kind == 'swing')].places[0].name", hasItem("Cover")))
                .andExpect(jsonPath("$[?(@.kind == 'swing')].places[0].against", hasItem("")));
        send(card + "/extras", POP_OUT.formatted(0)).andExpect(status().isOk());
        web.perform(get(card + "/offers?panel=1&face=true"))
                .andExpect(jsonPath(
                        "$[?(@.kind == 'topper')].places[0].against",
                        hasItem("Something else is in the way there when the card closes.")));
        web.perform(get(card + "/offers?panel=99&face=true"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not there any more")));
    }

    @Test
    void whatDoesNotGoIsRefusedAndChangesNothing() throws Exception {
        send(card + "/extras", "{\"revision\":0,\"what\":\"PUT\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("extras"));
        send(card + "/extras", "{\"revision\":0,\"what\":\"TAKE\"}").andExpect(status().isUnprocessableEntity());
        web.perform(get(card)).andExpect(jsonPath("$.revision").value(0));
    }
}
