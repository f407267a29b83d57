package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.hamcrest.Matchers.startsWith;
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

/** A card at the counter: in what it goes, which service takes it, and a change that lets a cheaper one. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:post")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class PostApiTest {

    @Autowired
    private MockMvc web;

    private String card;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @BeforeEach
    void aDressedSideFold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"side-fold\",\"ruler\":\"mm\",\"width\":\"148\",\"height\":\"104\","
                                + "\"envelope\":\"c6\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
        send(
                        card + "/layers",
                        "{\"revision\":0,\"what\":\"SUGGEST\",\"faces\":[],\"layers\":[],\"embellishments\":[],"
                                + "\"joins\":[]}")
                .andExpect(status().isOk());
    }

    /** Left to the house it goes in the outermost that it has: its envelope, then a wrap that was made for it. */
    @Test
    void itGoesInTheOutermostThatItHas() throws Exception {
        web.perform(get(card + "/post").param("area", "de"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.outers", hasSize(2)))
                .andExpect(jsonPath("$.outer").value("envelope:c6"))
                .andExpect(jsonPath("$.size.width.text").value("164 mm"))
                .andExpect(jsonPath("$.area").value("de"))
                .andExpect(jsonPath("$.services", hasSize(4)));
        String band = JsonPath.read(
                send(card + "/wraps", "{\"structure\":\"rectangle-envelope\"}")
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.id");
        web.perform(get(card + "/post"))
                .andExpect(jsonPath("$.outer").value(band))
                .andExpect(jsonPath("$.outers", hasSize(3)));
        web.perform(get(card + "/post").param("outer", ""))
                .andExpect(jsonPath("$.size.width.text").value("148 mm"))
                .andExpect(jsonPath("$.risks", hasItem(startsWith("It has no envelope"))));
    }

    /** A standard letter of 20 g is too light for it: at one press a stack of layers is gone, and it goes. */
    @Test
    void aChangeLetsACheaperServiceTakeIt() throws Exception {
        web.perform(get(card + "/post").param("area", "de").param("outer", ""))
                .andExpect(jsonPath("$.services[0].takes").value(false))
                .andExpect(jsonPath("$.services[0].obstacles[0]", containsString("g too heavy")));
        String asked = web.perform(get(card + "/post/ways").param("area", "de").param("outer", ""))
                .andExpect(jsonPath("$[0].service").value("de-standard"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String way = JsonPath.read(asked, "$[0].ways[0].id");
        send(card + "/post/lightened", "{\"revision\":1,\"saving\":\"%s\"}".formatted(way))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.revision").value(2));
        web.perform(get(card + "/post").param("area", "de").param("outer", ""))
                .andExpect(jsonPath("$.services[0].takes").value(true))
                .andExpect(jsonPath("$.cheapest").value("de-standard"));
        send(card + "/post/lightened", "{\"revision\":2,\"saving\":\"layers 99\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Look at the services again")));
    }

    @Test
    void whatIsNotThereIsTold() throws Exception {
        web.perform(get(card + "/post").param("area", "moon"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("No services of that area")));
        web.perform(get(card + "/post").param("outer", "a sack")).andExpect(status().isUnprocessableEntity());
        web.perform(get(card + "/post").param("gifts", "99"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", not(containsString("null"))));
    }
}
