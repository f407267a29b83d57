package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItems;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:api")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class CardApiTest {

    @Autowired
    private MockMvc web;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post("/api/cards" + path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private String begin() throws Exception {
        String card = send(
                        "",
                        "{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"12 "
                                + "cm\",\"height\":\"90\",\"envelope\":\"c6\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.read(card, "$.id");
    }

    @Test
    void aCardIsBegunWithEverythingThatFollows() throws Exception {
        web.perform(get("/api/cards/" + begin()))
                .andExpect(jsonPath("$.name").value("New Z-fold"))
                .andExpect(jsonPath("$.pieces[0].scores[0].fromLeft.text").value("60 mm"))
                .andExpect(jsonPath("$.pieces[0].scores[0].fold").value("MOUNTAIN"))
                .andExpect(jsonPath("$.pieces[0].cut.width.text").value("240 mm"))
                .andExpect(jsonPath("$.fit.slackAcross.text").value("42 mm"))
                .andExpect(jsonPath("$.fit.verdict").value("LOOSE"));
    }

    @Test
    void problemsFollowRfc9457AndNameTheField() throws Exception {
        send("/" + begin() + "/changes", "{\"revision\":0,\"field\":\"leg\",\"text\":\"5 1/\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.status").value(422))
                .andExpect(jsonPath("$.title").value("That can't be done"))
                .andExpect(jsonPath("$.field").value("leg"))
                .andExpect(jsonPath("$.detail").value(containsString("no lower figure")));
    }

    @Test
    void aChangeOfAnOlderStateIsAConflict() throws Exception {
        String id = begin();
        send("/" + id + "/changes", "{\"revision\":0,\"field\":\"leg\",\"divisions\":-5}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.revision").value(1))
                .andExpect(jsonPath("$.measures[2].figure.text").value("55 mm"));
        send("/" + id + "/changes", "{\"revision\":0,\"field\":\"leg\",\"divisions\":1}")
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail").value(containsString("another window")));
    }

    @Test
    void deletedCardsLeaveTheListAndComeBack() throws Exception {
        String id = begin();
        web.perform(delete("/api/cards/" + id)).andExpect(status().isNoContent());
        web.perform(get("/api/cards/" + id)).andExpect(status().isNotFound());
        send("/" + id + "/restored", "").andExpect(status().isOk());
        web.perform(get("/api/cards")).andExpect(jsonPath("$[*].id", hasItems(id)));
    }

    @Test
    void unreadableRequestsAreProblemsToo() throws Exception {
        send("", "{")
                .andExpect(status().isBadRequest())
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
        send("", "{\"structure\":\"z-fold\",\"ruler\":\"cubit\",\"width\":\"1\",\"height\":\"1\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("ruler"));
        send("/opened", "{\"document\":\"hello\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("document"));
        web.perform(get("/api/cards/" + begin() + "/plan.pdf?page=a0")).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void plansAreDownloadedUnderTheirName() throws Exception {
        String id = begin();
        web.perform(get("/api/cards/" + id + "/plan.json"))
                .andExpect(header().string("Content-Disposition", containsString("New%20Z-fold.vantbreeze.json")))
                .andExpect(jsonPath("$.measures.width").value("120 mm"));
    }

    @Test
    void theApiIsDescribed() throws Exception {
        web.perform(get("/v3/api-docs"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.paths['/api/cards/{id}/changes']").exists())
                .andExpect(jsonPath(
                        "$.components.schemas.CardView.required", hasItems("revision", "pieces", "footprint")));
    }
}
