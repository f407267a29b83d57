package vantbreeze.app.api;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Lines moved, cards loosened and drawn on, versions, re-ruling, recipes, tools and stock: what the bench asks for. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:hand")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class HandApiTest {

    @Autowired
    private MockMvc web;

    private String card;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    @BeforeEach
    void aZFold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"120\",\"height\":\"90\","
                                + "\"envelope\":\"c6\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
    }

    private static String moving(int revision, double across, boolean keep) {
        return """
                {"revision":%d,"kind":"SCORE","piece":0,"index":0,"end":"WHOLE","acrossMm":%s,
                "upMm":0,"snap":"MARKS","pushes":false,"keep":%s,"closed":0.5}"""
                .formatted(revision, across, keep);
    }

    @Test
    void aLineIsShownWhereItIsHeldAndKeptWhereItIsLetGo() throws Exception {
        send(card + "/hand", moving(0, 52.3, false))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.words").value("Leg 52 mm"))
                .andExpect(jsonPath("$.card.revision").value(0))
                .andExpect(jsonPath("$.card.form.frames", hasSize(1)));
        web.perform(get(card)).andExpect(jsonPath("$.revision").value(0));
        send(card + "/hand", moving(0, 52.3, true))
                .andExpect(jsonPath("$.card.revision").value(1))
                .andExpect(jsonPath("$.card.pieces[0].scores[0].fromLeft.text").value("52 mm"))
                .andExpect(jsonPath("$.card.form.frames", hasSize(greaterThan(10))));
        send(card + "/hand", moving(0, 40, true)).andExpect(status().isConflict());
        send(card + "/hand", moving(1, Double.MAX_VALUE, true))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.words", containsString("as far as it goes")));
    }

    @Test
    void aPlaceIsTypedAndWhatIsNotThereIsRefused() throws Exception {
        send(
                        card + "/hand",
                        "{\"revision\":0,\"kind\":\"SCORE\",\"piece\":0,\"index\":0,\"end\":\"WHOLE\","
                                + "\"text\":\"4,5 cm\",\"snap\":\"MARKS\",\"pushes\":false,\"keep\":true}")
                .andExpect(jsonPath("$.card.pieces[0].scores[0].fromLeft.text").value("45 mm"));
        send(card + "/hand", moving(1, 40, false).replace("\"index\":0", "\"index\":9"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not there any more")));
        send(card + "/hand", moving(1, 40, false).replace("\"piece\":0", "\"piece\":-3"))
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void measuresAreLockedAndWorkedOut() throws Exception {
        send(card + "/locks", "{\"revision\":0,\"measure\":\"leg\",\"locked\":true}")
                .andExpect(jsonPath("$.measures[2].locked").value(true));
        send(card + "/solved", "{\"revision\":1,\"measure\":\"leg\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Unlock")));
        send(card + "/solved", "{\"revision\":1,\"measure\":\"width\"}")
                .andExpect(jsonPath("$.words", containsString("the envelope takes")))
                .andExpect(jsonPath("$.card.pieces[0].scores[0].fromLeft.text").value("60 mm"));
    }

    @Test
    void aCardIsLoosenedAndDrawnOn() throws Exception {
        send(
                        card + "/drawing",
                        "{\"revision\":0,\"what\":\"SCORE\",\"piece\":0,\"from\":{\"x\":30,\"y\":0},"
                                + "\"to\":{\"x\":30,\"y\":90}}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Make it free")));
        send(card + "/drawing", "{\"revision\":0,\"what\":\"LOOSEN\",\"piece\":0}")
                .andExpect(jsonPath("$.free").value(true));
        web.perform(get(card + "/likenesses"))
                .andExpect(jsonPath("$[0].exact").value(true))
                .andExpect(jsonPath("$[0].words", containsString("This is a")));
        send(card + "/drawing", "{\"revision\":1,\"what\":\"TAKE_AS\",\"piece\":0,\"structure\":\"stage\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not that any more")));
        send(
                        card + "/drawing",
                        "{\"revision\":1,\"what\":\"SCORE\",\"piece\":0,\"fold\":\"MOUNTAIN\","
                                + "\"from\":{\"x\":30.2,\"y\":0},\"to\":{\"x\":30.4,\"y\":90}}")
                .andExpect(jsonPath("$.pieces[0].scores", hasSize(3)))
                .andExpect(jsonPath("$.pieces[0].scores[0].fromLeft.text").value("30 mm"));
        send(
                        card + "/drawing",
                        "{\"revision\":2,\"what\":\"GLUE\",\"piece\":0,\"panel\":\"Nowhere\","
                                + "\"glued\":\"Leg\",\"acrossFrom\":\"0\",\"upFrom\":\"0\"}")
                .andExpect(status().isUnprocessableEntity());
        send(card + "/changes", "{\"revision\":2,\"field\":\"panel:Back\",\"text\":\"110 mm\"}")
                .andExpect(jsonPath("$.pieces[0].cut.width.text").value("230 mm"));
        send(card + "/changes", "{\"revision\":3,\"field\":\"panel:Nothing\",\"text\":\"110 mm\"}")
                .andExpect(status().isUnprocessableEntity());
        web.perform(get(card + "/recipe")).andExpect(content().string(containsString("Card base: 230 mm × 90 mm.")));
    }

    /** A score by one figure, a slit nudged both ways, what is glued moved by its corner and by marks. */
    @Test
    void onAFreeCardAllIsMoved() throws Exception {
        send(card + "/drawing", "{\"revision\":0,\"what\":\"LOOSEN\",\"piece\":0}")
                .andExpect(status().isOk());
        send(
                        card + "/drawing",
                        "{\"revision\":1,\"what\":\"SCORE\",\"piece\":0,\"fold\":\"MOUNTAIN\",\"acrossFrom\":\"31\"}")
                .andExpect(jsonPath("$.pieces[0].scores[0].fromLeft.text").value("31 mm"))
                .andExpect(jsonPath("$.pieces[0].scores[0].startMm").value(0.0));
        send(
                        card + "/drawing",
                        "{\"revision\":2,\"what\":\"SCORE\",\"piece\":0,\"fold\":\"VALLEY\",\"acrossFrom\":\"900\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("a score lies within it")));
        send(
                        card + "/drawing",
                        "{\"revision\":2,\"what\":\"SLIT\",\"piece\":0,\"acrossFrom\":\"5\",\"upFrom\":\"40\","
                                + "\"acrossTo\":\"20\",\"upTo\":\"40\"}")
                .andExpect(jsonPath("$.findings[*].text", hasItem(containsString("slot to tuck"))));
        String nudge =
                "{\"revision\":%d,\"kind\":\"MARK\",\"piece\":0,\"index\":0,\"end\":\"WHOLE\",%s,\"snap\":\"MARKS\","
                        + "\"pushes\":false,\"keep\":true}";
        send(card + "/hand", nudge.formatted(3, "\"divisions\":2"))
                .andExpect(jsonPath("$.card.pieces[0].marks[0].fromX.text").value("7 mm"))
                .andExpect(jsonPath("$.card.pieces[0].marks[0].toX.text").value("22 mm"));
        send(card + "/hand", nudge.formatted(4, "\"divisionsUp\":-3"))
                .andExpect(jsonPath("$.card.pieces[0].marks[0].toY.text").value("37 mm"));
        String panels = send(
                        card + "/drawing",
                        "{\"revision\":5,\"what\":\"PIECE\",\"piece\":0,\"name\":\"Kite\","
                                + "\"width\":\"20\",\"height\":\"30\","
                                + "\"panel\":\"%s\"}".formatted(lastPanel()))
                .andExpect(jsonPath("$.pieces", hasSize(2)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String across = JsonPath.read(panels, "$.pieces[0].glue[0].across.text");
        int before = Integer.parseInt(across.replace(" mm", ""));
        String moved = "{\"revision\":%d,\"what\":\"MOVE_GLUED\",\"piece\":0,\"index\":%d,"
                + "\"acrossFrom\":\"%s\",\"upFrom\":\"25\"%s}";
        send(card + "/drawing", moved.formatted(6, 0, across, ",\"divisions\":-2"))
                .andExpect(jsonPath("$.pieces[0].glue[0].across.text").value(before - 2 + " mm"))
                .andExpect(jsonPath("$.pieces[0].glue[0].up.text").value("25 mm"));
        send(card + "/drawing", moved.formatted(7, 4, across, ""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not there any more")));
    }

    private String lastPanel() throws Exception {
        String now = web.perform(get(card)).andReturn().getResponse().getContentAsString();
        int panels = JsonPath.<Integer>read(now, "$.pieces[0].panels.length()");
        return JsonPath.read(now, "$.pieces[0].panels[%d].name".formatted(panels - 1));
    }

    @Test
    void versionsAreKeptComparedAndTaken() throws Exception {
        send(card + "/versions", "{\"name\":\" \"}").andExpect(status().isUnprocessableEntity());
        String version = JsonPath.read(
                send(card + "/versions", "{\"name\":\"first\"}")
                        .andExpect(status().isCreated())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.id");
        send(card + "/changes", "{\"revision\":0,\"field\":\"leg\",\"text\":\"50\"}")
                .andExpect(status().isOk());
        web.perform(get(card + "/versions/" + version))
                .andExpect(jsonPath("$.differences[?(@.what=='Leg')].then", hasItem("60 mm")))
                .andExpect(jsonPath("$.differences[?(@.what=='Leg')].now", hasItem("50 mm")))
                .andExpect(jsonPath("$.differences[*].what", not(hasItem("Envelope"))));
        send(card + "/versions/" + version + "/taken", "{\"revision\":1}")
                .andExpect(jsonPath("$.pieces[0].scores[0].fromLeft.text").value("60 mm"));
        web.perform(get(card + "/versions/00000000-0000-0000-0000-000000000001"))
                .andExpect(status().isNotFound());
    }

    @Test
    void aPlanThatNamesStockOfAnotherHouseIsOpenedWithoutIt() throws Exception {
        String document =
                """
                {"format":"vantbreeze-plan","version":1,"name":"Kite","structure":"side-fold","ruler":"mm",
                "measures":{"width":"100 mm","height":"140 mm"},
                 "envelope":"own-elsewhere","sheet":"a4","cardstock":"own-blue","notes":"Tails out."}""";
        send("/api/cards/opened", new ObjectMapper().writeValueAsString(Map.of("document", document)))
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.sheet").value("a4"))
                .andExpect(jsonPath("$.envelope").doesNotExist())
                .andExpect(jsonPath("$.notes")
                        .value("Tails out.\nOpened without its envelope and its cardstock, which is not kept here."));
    }

    @Test
    void anotherRulerIsShownBeforeItIsTaken() throws Exception {
        web.perform(get(card + "/reruling?ruler=eighths"))
                .andExpect(jsonPath("$.rows[0].now.text").value("4 3/4 in"))
                .andExpect(jsonPath("$.largestDrift").value("1.10 mm"));
        send(card + "/reruled", "{\"revision\":0,\"ruler\":\"eighths\"}")
                .andExpect(jsonPath("$.ruler").value("eighths"))
                .andExpect(jsonPath("$.measures[0].figure.driftMm").doesNotExist());
    }

    @Test
    void aRecipeIsReadAndBegun() throws Exception {
        send("/api/recipes/read", "{\"text\":\"30 x 10 cm, scroe, score at 10 and 20, v m\",\"ruler\":\"mm\"}")
                .andExpect(jsonPath("$.closes").value(true))
                .andExpect(jsonPath("$.notUnderstood[0].start").value(12))
                .andExpect(jsonPath("$.card.pieces[0].scores", hasSize(2)));
        send("/api/recipes/read", "{\"text\":\"\\u0000\\u0007 Liebe Tante\",\"ruler\":\"mm\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.verdict", containsString("no piece")));
        send("/api/recipes/begun", "{\"text\":\"nothing to cut\",\"ruler\":\"mm\"}")
                .andExpect(status().isUnprocessableEntity());
        send("/api/recipes/begun", "{\"text\":\"Name: Kite\\n30 x 10 cm\",\"ruler\":\"mm\"}")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.name").value("Kite"));
        web.perform(get("/api/recipes/ready")).andExpect(status().isNoContent());
        send("/api/recipes/read", "{\"text\":\"9 x 6, scroe at 3 and 6\",\"ruler\":\"eighths\"}")
                .andExpect(jsonPath("$.notUnderstood[0].instead").value("score"))
                .andExpect(jsonPath("$.assumed[*].others[*].words", hasItem("Folded v v")))
                .andExpect(jsonPath("$.question").doesNotExist());
        send("/api/recipes/read", "{\"text\":\"10 x 7, score at 2 and 5, fold m v\",\"ruler\":\"eighths\"}")
                .andExpect(jsonPath("$.question.answers", hasSize(2)))
                .andExpect(jsonPath("$.mends[0].then").value("it is a Z-fold"));
        send("/api/recipes/others", "{\"text\":\"9 x 6, score at 3 and 6\",\"ruler\":\"eighths\"}")
                .andExpect(jsonPath("$[0].whatItIs").value("This is a concertina."))
                .andExpect(jsonPath("$[0].text").value("Concertina.\n9 x 6, score at 3 and 6"))
                .andExpect(jsonPath("$[0].pieces[0].hinges", hasSize(2)));
        send("/api/recipes/others", "{\"text\":\"nothing to cut\",\"ruler\":\"mm\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$", hasSize(0)));
        String zFold = "{\"text\":\"lovely gold, four and a quarter by eleven, score at two and three quarters and "
                + "five and a half\",\"ruler\":\"eighths\"}";
        send("/api/recipes/read", zFold)
                .andExpect(jsonPath("$.whatItIs").value("This is a Z-fold."))
                .andExpect(jsonPath("$.passedOver[0].start").value(0));
        send("/api/recipes/begun", zFold)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.structure").value("z-fold"))
                .andExpect(jsonPath("$.free").value(false));
        send("/api/cards/bare", "{\"ruler\":\"mm\",\"width\":\"0\",\"height\":\"90\"}")
                .andExpect(status().isUnprocessableEntity());
        send("/api/cards/bare", "{\"ruler\":\"mm\",\"width\":\"200\",\"height\":\"90\"}")
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.free").value(true));
    }

    @Test
    void ownStockIsKeptOfferedAndPutAway() throws Exception {
        String kept = send(
                        "/api/stock/own/envelopes",
                        "{\"name\":\"Kite\",\"ruler\":\"mm\",\"width\":\"170\",\"height\":\"120\"}")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        String id = JsonPath.read(kept, "$.envelopes[0].id");
        web.perform(get("/api/stock")).andExpect(jsonPath("$.envelopes[*].id", hasItem(id)));
        send(card + "/changes", "{\"revision\":0,\"field\":\"envelope\",\"text\":\"" + id + "\"}")
                .andExpect(jsonPath("$.fit.envelope").value("Kite"));
        web.perform(delete("/api/stock/own/" + id))
                .andExpect(jsonPath("$.envelopes[0].away").value(true));
        web.perform(get("/api/stock")).andExpect(jsonPath("$.envelopes[*].id", not(hasItem(id))));
        web.perform(get(card)).andExpect(jsonPath("$.fit.envelope").value("Kite"));
        send(
                        "/api/stock/own/cardstocks",
                        "{\"name\":\"Sky\",\"grammage\":\"heavy\",\"grain\":\"LONG\","
                                + "\"pattern\":\"PLAIN\",\"colour\":\"#aaccee\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("grammage"));
        send(
                        "/api/stock/own/cardstocks",
                        "{\"name\":\"Sky\",\"grammage\":\"300 g/m²\",\"grain\":\"LONG\","
                                + "\"pattern\":\"PLAIN\",\"colour\":\"#aaccee\"}")
                .andExpect(jsonPath("$.cardstocks[0].caliper").value("0.36 mm"));
        web.perform(
                        put("/api/stock/own/tools")
                                .contentType(MediaType.APPLICATION_JSON)
                                .content(
                                        """
                {"inches":{"name":"Big","groove":"1/4","length":"16"},
                "metric":{"name":"Small","groove":"0","length":"200"},
                "bed":"12 in","stopsInside":true}"""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("groove"));
    }
}
