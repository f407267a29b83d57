package vantbreeze.app.api;

import static org.hamcrest.Matchers.contains;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.empty;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.app.store.StoredProgress;
import vantbreeze.app.store.StoredProgresses;

/** How a card is built: its steps, what is decided of them, and how far it is. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:building")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class BuildingApiTest {

    private static final String LEFT = "GLUE: Band on Left wing";
    private static final String RIGHT = "GLUE: Band on Right wing";

    @Autowired
    private MockMvc web;

    @Autowired
    private StoredProgresses stored;

    private String card;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions building() throws Exception {
        return web.perform(get(card + "/building")).andExpect(status().isOk());
    }

    private ResultActions at(String step, int reading, String... done) throws Exception {
        String list = done.length == 0 ? "" : "\"" + String.join("\",\"", done) + "\"";
        return send(
                card + "/building/progress",
                "{\"step\":\"%s\",\"reading\":%d,\"done\":[%s]}".formatted(step, reading, list));
    }

    private ResultActions choose(int revision, String rest) throws Exception {
        return send(card + "/building", "{\"revision\":%d,%s}".formatted(revision, rest));
    }

    @BeforeEach
    void aStage() throws Exception {
        String begun = send(
                        "/api/cards", "{\"structure\":\"stage\",\"ruler\":\"mm\",\"width\":\"150\",\"height\":\"106\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.<String>read(begun, "$.id");
    }

    @Test
    void everyStepWithWhatIsReadAndWhatIsSeen() throws Exception {
        building()
                .andExpect(jsonPath("$.stuck", empty()))
                .andExpect(jsonPath("$.gaping", empty()))
                .andExpect(jsonPath("$.adhesives[*].id", hasItem("strong-tape")))
                .andExpect(jsonPath("$.steps[*].id", hasItem(LEFT)))
                .andExpect(jsonPath("$.steps[0].kind").value("CUT"))
                .andExpect(jsonPath("$.steps[0].paper").value("card-300"))
                .andExpect(jsonPath("$.steps[?(@.id == '%s')].adhesive".formatted(LEFT), hasItem("construction-glue")))
                .andExpect(jsonPath("$.progress.step").value(0));
        web.perform(get(card + "/building/pictures/1/0"))
                .andExpect(jsonPath("$.patches[0].seen").value("PAPER"))
                .andExpect(jsonPath("$.patches[0].colour", containsString("#")))
                .andExpect(jsonPath("$.strokes[?(@.lit == true)]", hasSize(2)));
        web.perform(get(card + "/building/pictures/999/0")).andExpect(status().isNotFound());
        web.perform(get(card + "/building/pictures/1/0?aside=400"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("up to 180° aside")));
    }

    @Test
    void howFarItIsIsKeptAndGluedThingsSet() throws Exception {
        at(RIGHT, 1, LEFT)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.reading").value(1))
                .andExpect(jsonPath("$.done", hasSize(1)))
                .andExpect(jsonPath("$.setting", hasSize(1)));
        building()
                .andExpect(jsonPath("$.progress.reading").value(1))
                .andExpect(jsonPath("$.progress.setting", hasSize(1)));
        send(card + "/building/setting", "{\"step\":\"%s\",\"on\":false}".formatted(LEFT))
                .andExpect(jsonPath("$.setting", empty()));
        // done again, it is not left to set again
        at(RIGHT, 0, LEFT).andExpect(jsonPath("$.setting", empty()));
        send(card + "/building/anew", "").andExpect(jsonPath("$.done", empty()));
        at("GLUE: nothing on nothing", 0)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Look at the steps again")));
    }

    /** What is done stays done when the plan changes; where it does not fit any more is told. */
    @Test
    void whatIsDoneStaysDone() throws Exception {
        at("SCORE: Card base", 0, "CUT: card-300").andExpect(status().isOk());
        send(card + "/changes", "{\"revision\":0,\"field\":\"height\",\"text\":\"100\"}")
                .andExpect(status().isOk());
        building()
                .andExpect(jsonPath("$.progress.done", hasSize(1)))
                .andExpect(jsonPath("$.progress.changed[0]", containsString("106")))
                .andExpect(jsonPath("$.progress.changed[0]", containsString("100")));
    }

    @Test
    void stepsAreMovedAndGluedOtherwise() throws Exception {
        choose(0, "\"what\":\"MOVE\",\"step\":\"%s\",\"before\":\"%s\"".formatted(RIGHT, LEFT))
                .andExpect(status().isOk());
        building().andExpect(jsonPath("$.moved").value(true));
        choose(1, "\"what\":\"MOVE\",\"step\":\"%s\",\"before\":\"CUT: card-300\"".formatted(RIGHT))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("can't come after")));
        choose(1, "\"what\":\"MOVE\",\"step\":\"LAY: gone\"")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Look again")));
        choose(1, "\"what\":\"MOVE\"").andExpect(status().isUnprocessableEntity());
        choose(1, "\"what\":\"GLUE\",\"step\":\"%s\",\"adhesive\":\"strong-tape\"".formatted(LEFT))
                .andExpect(status().isOk());
        building()
                .andExpect(jsonPath("$.steps[?(@.id == '%s')].adhesive".formatted(LEFT), hasItem("strong-tape")))
                .andExpect(
                        jsonPath("$.steps[?(@.id == '%s')].how".formatted(LEFT), hasItem(containsString("you chose"))));
        choose(2, "\"what\":\"GLUE\",\"step\":\"%s\",\"adhesive\":\"spit\"".formatted(LEFT))
                .andExpect(status().isUnprocessableEntity());
        choose(2, "\"what\":\"IN_ORDER\"").andExpect(status().isOk());
        choose(3, "\"what\":\"WHEN\",\"habit\":\"AS_I_GO\"").andExpect(status().isOk());
        building()
                .andExpect(jsonPath("$.habit").value("AS_I_GO"))
                .andExpect(jsonPath("$.moved").value(false))
                .andExpect(jsonPath("$.lost", not(hasItem("x"))));
    }

    @Test
    void itIsTriedInScrapFirst() throws Exception {
        send(card + "/building/trial", "")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.name", containsString("Trial: ")))
                .andExpect(jsonPath("$.layers", empty()));
    }

    private ResultActions came(String figure, String text) throws Exception {
        return send(card + "/made", "{\"figure\":\"%s\",\"text\":\"%s\"}".formatted(figure, text));
    }

    /** As it was kept before anything could be measured. */
    @Test
    void whatWasKeptBeforeIsStillRead() throws Exception {
        String id = card.substring(card.lastIndexOf('/') + 1);
        stored.saveAndFlush(new StoredProgress(
                UUID.fromString(id),
                "{\"at\":\"SCORE: Card base\",\"reading\":1,"
                        + "\"done\":{\"CUT: card-300\":{\"what\":\"Cut\",\"figures\":\"\"}},\"setting\":{}}"));
        building()
                .andExpect(jsonPath("$.progress.done", hasSize(1)))
                .andExpect(jsonPath("$.progress.reading").value(1));
        web.perform(get(card + "/made")).andExpect(jsonPath("$[?(@.isOff == true)]", empty()));
    }

    @Test
    void onPaperOfASizeThatThereIs() throws Exception {
        for (String path : List.of("steps.pdf?page=letter", "measurements.pdf?page=index", "steps.pdf")) {
            web.perform(get(card + "/building/" + path))
                    .andExpect(status().isOk())
                    .andExpect(content().contentType(MediaType.APPLICATION_PDF));
        }
        web.perform(get(card + "/building/steps.pdf?page=napkin")).andExpect(status().isUnprocessableEntity());
        web.perform(get(card + "/building/measurements.pdf?page=napkin")).andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whatStandsInTheWayIsShown() throws Exception {
        web.perform(get(card + "/building/refused")
                        .param("step", "SCORE: Card base")
                        .param("before", ""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.patches", not(empty())));
        web.perform(get(card + "/building/refused").param("step", "SCORE: Sail").param("before", ""))
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whatCameOutOtherwiseIsKeptAndFollowed() throws Exception {
        came("Band, height", "abc").andExpect(status().isUnprocessableEntity());
        came("Band, height", "3")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("too far off")));
        came("Sail, height", "3").andExpect(status().isUnprocessableEntity());
        at("SCORE: Card base", 0, "CUT: card-300").andExpect(status().isOk());
        came("Card base, height", "105.5")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[?(@.id == 'Card base, height')].isOff", hasItem(true)))
                .andExpect(jsonPath("$[?(@.id == 'Card base, height')].came.text", hasItem("105.5 mm")));
        web.perform(get(card + "/made")).andExpect(jsonPath("$[?(@.isOff == true)].id", contains("Card base, height")));
        String out = web.perform(get(card + "/made/out"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$[0].words").value("Card base, height: 105.5 mm, 0.5 mm less than planned."))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String way = JsonPath.read(out, "$[0].ways[0].words");
        send(card + "/made/follow", "{\"revision\":0,\"figure\":\"Card base, height\",\"way\":\"Up 3 mm\"}")
                .andExpect(status().isUnprocessableEntity());
        send(card + "/made/follow", "{\"revision\":0,\"figure\":\"Card base, height\",\"way\":\"%s\"}".formatted(way))
                .andExpect(status().isOk());
        web.perform(get(card + "/made")).andExpect(jsonPath("$[?(@.isOff == true)].id", empty()));
        building().andExpect(jsonPath("$.progress.changed", empty()));
        came("Card base, height", "").andExpect(jsonPath("$[?(@.came)].id", empty()));
        send(card + "/made/follow", "{\"revision\":1,\"figure\":\"Card base, height\",\"way\":\"%s\"}".formatted(way))
                .andExpect(status().isUnprocessableEntity());
    }
}
