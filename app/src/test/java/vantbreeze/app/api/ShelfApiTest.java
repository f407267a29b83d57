package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:shelf")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class ShelfApiTest {

    @Autowired
    private MockMvc web;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post("/api/cards" + path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private String begin(String structure) throws Exception {
        String card = send(
                        "",
                        "{\"structure\":\"%s\",\"ruler\":\"mm\",\"width\":\"150\",\"height\":\"110\",\"sheet\":\"a3\"}"
                                .formatted(structure))
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        return JsonPath.read(card, "$.id");
    }

    private ResultActions change(String id, int revision, String field, String text) throws Exception {
        return send(
                "/" + id + "/changes",
                "{\"revision\":%d,\"field\":\"%s\",\"text\":\"%s\"}".formatted(revision, field, text));
    }

    @Test
    void theShelfHoldsTheWholeCatalogueAndHowEachMoves() throws Exception {
        web.perform(get("/api/shelf"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.structures", hasSize(30)))
                .andExpect(jsonPath("$.structures[?(@.id == 'pillar-card')].effort")
                        .value("PATIENCE"))
                .andExpect(jsonPath("$.structures[?(@.id == 'floating-book')].lies")
                        .value(true));
        web.perform(get("/api/shelf/never-ending/form"))
                .andExpect(jsonPath("$.stations", hasSize(4)))
                .andExpect(jsonPath("$.frames[0]", hasSize(24)));
        web.perform(get("/api/shelf/wormhole/form"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("no structure called")));
    }

    @Test
    void whatFitsAnEnvelopeIsToldWithTheLargestSize() throws Exception {
        web.perform(get("/api/shelf/fitting?ruler=mm&sheet=a4&envelope=c6"))
                .andExpect(jsonPath("$", hasSize(30)))
                .andExpect(jsonPath("$[0].proposal.fit.verdict").value("FITS"));
        web.perform(get("/api/shelf/fitting?ruler=mm&sheet=nowhere")).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void aChoiceChangesTheCardAndWhatIsAsked() throws Exception {
        String id = begin("stage");
        change(id, 0, "inserts", "both")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.pieces[*].name", hasItem("Right insert")))
                .andExpect(jsonPath("$.measures[*].id", hasItem("depth")));
        change(id, 1, "inserts", "seven")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(
                        jsonPath("$.detail").value(containsString("Choose none, one on each side, one, on the left")));
        change(id, 1, "inserts", "none").andExpect(jsonPath("$.measures[*].id", not(hasItem("depth"))));
        change(id, 2, "cardstock", "paper-160")
                .andExpect(jsonPath("$.heft.thickness").value("1 mm"));
        change(id, 3, "cardstock", "vellum")
                .andExpect(jsonPath("$.detail").value(containsString("no cardstock called")));
        send("/" + id + "/changes", "{\"revision\":3,\"field\":\"nonsense\",\"divisions\":2}")
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void likePiecesAreToldOnceWithTheirCopiesGlueAndPencilMarks() throws Exception {
        web.perform(get("/api/cards/" + begin("concertina-fan")))
                .andExpect(jsonPath("$.pieces", hasSize(4)))
                .andExpect(jsonPath("$.pieces[1].copies", hasSize(4)))
                .andExpect(jsonPath("$.pieces[0].glue", hasSize(12)));
        web.perform(get("/api/cards/" + begin("pocket")))
                .andExpect(jsonPath("$.pieces[0].pencil", hasSize(2)))
                .andExpect(jsonPath("$.pieces[1].glue[*].words", hasItem(containsString("Pocket front, this side"))));
        web.perform(get("/api/cards/" + begin("never-ending"))).andExpect(jsonPath("$.pieces[0].turned", hasSize(2)));
    }

    @Test
    void whatShowsIsToldForEachPose() throws Exception {
        web.perform(get("/api/cards/" + begin("z-fold") + "/showing"))
                .andExpect(jsonPath("$", hasSize(3)))
                .andExpect(jsonPath("$[2].pose").value("Closed"))
                .andExpect(jsonPath("$[2].front", hasItem("Leg")));
    }

    @Test
    void aCardIsMadeInAnotherSizeForItsEnvelopeTurnedOrAsAsked() throws Exception {
        String id = begin("stage");
        send("/" + id + "/resized", "{\"revision\":0,\"how\":\"ENVELOPE\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("Choose one first")));
        change(id, 0, "envelope", "c6");
        send("/" + id + "/resized", "{\"revision\":1,\"how\":\"ENVELOPE\"}")
                .andExpect(jsonPath("$.footprint.width.text").value("155 mm"))
                .andExpect(jsonPath("$.fit.verdict").value("FITS"));
        send("/" + id + "/resized", "{\"revision\":2,\"how\":\"TURNED\"}")
                .andExpect(jsonPath("$.footprint.height.text").value("155 mm"));
        send("/" + id + "/resized", "{\"revision\":3,\"how\":\"SIZE\",\"width\":\"6 in\",\"height\":\"6 in\"}")
                .andExpect(jsonPath("$.footprint.width.text").value("152 mm"))
                .andExpect(jsonPath("$.footprint.height.text").value("152 mm"));
        send("/" + id + "/resized", "{\"revision\":4,\"how\":\"SIZE\",\"width\":\"wide\",\"height\":\"6 in\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("width"));
    }

    @Test
    void choicesGoIntoThePlanFileAndComeBack() throws Exception {
        String id = begin("graduated-silhouettes");
        change(id, 0, "outline", "heart").andExpect(status().isOk());
        String document = web.perform(get("/api/cards/" + id + "/plan.json"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String opened =
                new ObjectMapper().createObjectNode().put("document", document).toString();
        send("/opened", opened)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.choices[?(@.id == 'outline')].value").value("heart"));
    }
}
