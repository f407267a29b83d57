package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;

/** One card that can't be opened is told by name, with why; the others, and the list, do not mind. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:alone")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class CardsStandAloneTest {

    private static final UUID NEWER = UUID.fromString("aaaaaaaa-0000-4000-8000-000000000001");
    private static final UUID REFUSED = UUID.fromString("aaaaaaaa-0000-4000-8000-000000000002");
    private static final UUID GARBLED = UUID.fromString("aaaaaaaa-0000-4000-8000-000000000003");
    private static final UUID GOOD = UUID.fromString("aaaaaaaa-0000-4000-8000-000000000004");
    private static final String NEWER_DOCUMENT =
            "{\"format\":\"vantbreeze-plan\",\"version\":99,\"name\":\"From the future\",\"wings\":3}";

    @Autowired
    private MockMvc web;

    @Autowired
    private StoredCards stored;

    @Autowired
    private JdbcClient store;

    private String good;

    @BeforeEach
    void fourCards() throws Exception {
        store.sql("delete from card").update();
        good = Files.readString(Path.of("src/test/resources/documents/plan-1.json"));
        keep(NEWER, "From the future", NEWER_DOCUMENT);
        keep(REFUSED, "Leg too long", good.replace("61 mm", "610 mm"));
        keep(GARBLED, "Half of it", good.substring(0, 200));
        keep(GOOD, "Kite over the mill", good);
    }

    private void keep(UUID id, String name, String document) {
        stored.save(new StoredCard(id, name, document, Instant.parse("2026-04-01T10:00:00Z")));
    }

    private String row(UUID id, String what) {
        return "$[?(@.id=='%s')]%s".formatted(id, what);
    }

    @Test
    void theListTellsEachByNameWithWhy() throws Exception {
        for (int time = 0; time < 2; time++) {
            web.perform(get("/api/cards"))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$", hasSize(4)))
                    .andExpect(jsonPath(row(NEWER, ".name")).value("From the future"))
                    .andExpect(jsonPath(row(NEWER, ".facts.problem"))
                            .value("This plan is from a newer Vantbreeze (version 99; this one "
                                    + "reads up to 1). Update, then open it again."))
                    .andExpect(jsonPath(row(REFUSED, ".facts.problem")).isNotEmpty())
                    .andExpect(jsonPath(row(GARBLED, ".facts.problem"))
                            .value("Its document is damaged and no plan any more. Save it if "
                                    + "you like; a copy in safe keeping may have the card whole."))
                    .andExpect(jsonPath(row(GOOD, ".facts.problem")).isEmpty())
                    .andExpect(jsonPath(row(GOOD, ".facts.structureName")).value("Z-fold"));
        }
    }

    @Test
    void itsRawDocumentIsSavedAndItSaysSoWhereItIsOpened() throws Exception {
        web.perform(get("/api/cards/" + NEWER + "/plan.json"))
                .andExpect(status().isOk())
                .andExpect(content().string(NEWER_DOCUMENT))
                .andExpect(
                        header().string("Content-Disposition", containsString("From%20the%20future.vantbreeze.json")));
        web.perform(get("/api/cards/" + NEWER))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.type").value("urn:vantbreeze:problem:cannot-open"));
        web.perform(get("/api/cards/" + NEWER + "/sketch"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.drawn").doesNotExist());
        web.perform(get("/api/cards/" + GOOD + "/sketch"))
                .andExpect(jsonPath("$.drawn.panels", hasSize(3)))
                .andExpect(jsonPath("$.facts.envelope").value("C6"));
    }

    @Test
    void theListIsReadFromWhatIsKeptAndFollowsChanges() throws Exception {
        web.perform(get("/api/cards"));
        assertThat(store.sql("select count(*) from card_summary")
                        .query(Long.class)
                        .single())
                .isEqualTo(4);
        store.sql("update card_summary set facts = replace(facts, 'Z-fold', 'as kept') where card = ?")
                .param(GOOD)
                .update();
        web.perform(get("/api/cards"))
                .andExpect(jsonPath(row(GOOD, ".facts.structureName")).value("as kept"));
        web.perform(post("/api/cards/" + GOOD + "/changes")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"revision\":0,\"field\":\"width\",\"text\":\"150 mm\"}"))
                .andExpect(status().isOk());
        web.perform(get("/api/cards"))
                .andExpect(jsonPath(row(GOOD, ".facts.structureName")).value("Z-fold"))
                .andExpect(jsonPath(row(GOOD, ".facts.footprint.width.text")).value("150 mm"));
    }

    @Test
    void whatCannotBeOpenedCanBeMendedDeletedAndBroughtBack() throws Exception {
        web.perform(put("/api/cards/" + REFUSED + "/document")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(new ObjectMapper().writeValueAsString(Map.of("revision", 0, "document", good))))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.measures[2].figure.text").value("61 mm"));
        web.perform(delete("/api/cards/" + NEWER)).andExpect(status().isNoContent());
        web.perform(get("/api/cards/deleted"))
                .andExpect(jsonPath("$", hasSize(1)))
                .andExpect(jsonPath("$[0].name").value("From the future"))
                .andExpect(jsonPath("$[0].goneAt").isNotEmpty());
        web.perform(get("/api/cards")).andExpect(jsonPath("$", hasSize(3)));
        web.perform(post("/api/cards/" + NEWER + "/restored"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.name").value("From the future"));
        web.perform(get("/api/cards/" + NEWER + "/plan.json"))
                .andExpect(content().string(NEWER_DOCUMENT));
    }

    @Test
    void afterThirtyDaysADeletedCardIsGoneWithItsVersions(@Autowired vantbreeze.app.cards.Drawer drawer)
            throws Exception {
        drawer.keepVersion(GOOD, "before it went");
        drawer.delete(GOOD);
        drawer.delete(NEWER);
        assertThat(drawer.purge()).isZero();
        store.sql("update card set deleted_at = dateadd('DAY', -31, deleted_at) where id = ?")
                .param(GOOD)
                .update();
        assertThat(drawer.purge()).isEqualTo(1);
        assertThat(store.sql("select count(*) from card_version")
                        .query(Long.class)
                        .single())
                .isZero();
        web.perform(get("/api/cards/deleted")).andExpect(jsonPath("$", hasSize(1)));
        web.perform(post("/api/cards/" + GOOD + "/restored"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("backup")));
    }

    @Test
    void aStockThatCannotBeReadIsLeftAsItIs(@Autowired vantbreeze.app.stock.StockRoom room) throws Exception {
        store.sql("merge into stock (id, document) key (id) values (1, "
                        + "'{\"format\":\"vantbreeze-stock\",\"tools\":7}')")
                .update();
        room.lookAgain();
        try {
            web.perform(get("/api/cards"))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath(row(GOOD, ".facts.structureName")).value("Z-fold"));
            web.perform(post("/api/stock/own/sheets")
                            .contentType(MediaType.APPLICATION_JSON)
                            .content("{\"name\":\"Tail paper\",\"ruler\":\"mm\",\"width\":\"200\",\"height\":\"300\"}"))
                    .andExpect(status().isUnprocessableEntity())
                    .andExpect(jsonPath("$.detail", containsString("left as it is")));
            assertThat(store.sql("select document from stock")
                            .query(String.class)
                            .single())
                    .contains("\"tools\":7");
        } finally {
            store.sql("delete from stock").update();
            room.lookAgain();
        }
    }

    @Test
    void fieldsThatThisBuildDoesNotKnowSurviveEverySave() throws Exception {
        UUID id = UUID.randomUUID();
        keep(id, "Kite over the mill", good.replace("\"notes\"", "\"glitter\" : { \"grams\" : 3 },\n  \"notes\""));
        web.perform(post("/api/cards/" + id + "/changes")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"revision\":0,\"field\":\"leg\",\"divisions\":2}"));
        String card =
                web.perform(get("/api/cards/" + id)).andReturn().getResponse().getContentAsString();
        String document = JsonPath.read(card, "$.document");
        assertThat(JsonPath.<Integer>read(document, "$.glitter.grams")).isEqualTo(3);
        assertThat(JsonPath.<String>read(document, "$.measures.leg")).isEqualTo("63 mm");
        web.perform(put("/api/cards/" + id + "/document")
                .contentType(MediaType.APPLICATION_JSON)
                .content(new ObjectMapper()
                        .writeValueAsString(Map.of("revision", 1, "document", document.replace("63 mm", "60 mm")))));
        web.perform(get("/api/cards/" + id + "/plan.json"))
                .andExpect(jsonPath("$.glitter.grams").value(3))
                .andExpect(jsonPath("$.measures.leg").value("60 mm"));
        String copied = web.perform(post("/api/cards/" + id + "/copy"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        web.perform(get("/api/cards/" + JsonPath.read(copied, "$.id") + "/plan.json"))
                .andExpect(jsonPath("$.glitter.grams").value(3));
    }
}
