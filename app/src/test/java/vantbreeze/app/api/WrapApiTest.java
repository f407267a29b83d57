package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.time.Instant;
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
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;

/** What goes round a card: made, changed like a card, following its card, put aside. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:wraps")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class WrapApiTest {

    @Autowired
    private MockMvc web;

    @Autowired
    private StoredCards stored;

    private String card;
    private String cardId;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private static String text(ResultActions answer) throws Exception {
        return answer.andReturn().getResponse().getContentAsString();
    }

    private String made(String structure) throws Exception {
        String made = text(send(card + "/wraps", "{\"structure\":\"%s\"}".formatted(structure))
                .andExpect(status().isCreated()));
        return "/api/cards/" + JsonPath.read(made, "$.id");
    }

    private double measure(String path, String id) throws Exception {
        String view = text(web.perform(get(path)).andExpect(status().isOk()));
        List<Double> found = JsonPath.read(view, "$.measures[?(@.id == '%s')].figure.mm".formatted(id));
        return ((Number) found.get(0)).doubleValue();
    }

    @BeforeEach
    void aSideFold() throws Exception {
        String begun = text(send(
                        "/api/cards",
                        "{\"name\":\"Kite day\",\"structure\":\"side-fold\",\"ruler\":\"mm\","
                                + "\"width\":\"148\",\"height\":\"104\"}")
                .andExpect(status().isCreated()));
        cardId = JsonPath.read(begun, "$.id");
        card = "/api/cards/" + cardId;
    }

    /** Every wrap of the house is offered round this card; none of them is made by looking. */
    @Test
    void everyWrapIsOfferedRoundTheCard() throws Exception {
        web.perform(get(card + "/wraps"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.card").value("Kite day"))
                .andExpect(jsonPath("$.closed.width.text").value("148 mm"))
                .andExpect(jsonPath("$.worn", hasSize(0)))
                .andExpect(jsonPath("$.objection").doesNotExist())
                .andExpect(jsonPath("$.shelf[*].structure", hasItem("square-envelope")))
                .andExpect(jsonPath("$.shelf[0].picture.frames", hasSize(5)))
                // a tag hangs on it: there is nothing to push in
                .andExpect(jsonPath("$.shelf[?(@.structure == 'tag')].picture.frames", hasItem(hasSize(1))))
                .andExpect(jsonPath("$.shelf[?(@.structure == 'tag')].picture.in", hasItem(0.0)))
                .andExpect(jsonPath("$.ribbon.across.mm").value(greaterThan(2 * 148 + 450.0)));
    }

    /** Envelopes at hand come before those to buy; with a sleeve on it the card goes in fewer. */
    @Test
    void envelopesItGoesInAreOffered() throws Exception {
        web.perform(get(card + "/wraps"))
                .andExpect(jsonPath("$.envelopes[0].name").value("C6"))
                .andExpect(jsonPath("$.envelopes[0].origin").value("TO_BUY"))
                .andExpect(jsonPath("$.envelopes[0].words", containsString("fits: 14 mm across and 10 mm up")));
        made("pocket-page");
        web.perform(get(card + "/wraps")).andExpect(jsonPath("$.envelopes[?(@.id == 'c6')]", hasSize(0)));
    }

    /** What is drawn freely is no wrap any more: it is refused in words, and one that came so is told by name. */
    @Test
    void aWrapIsNotDrawnFreely() throws Exception {
        String band = made("belly-band");
        send(band + "/drawing", "{\"revision\":0,\"what\":\"LOOSEN\",\"piece\":0}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("follows its card")));
        stored.saveAndFlush(StoredCard.wrap(
                UUID.randomUUID(),
                UUID.fromString(cardId),
                "Free band",
                free().replace("Kite day", "Free band"),
                Instant.now()));
        web.perform(get(card + "/wraps"))
                .andExpect(jsonPath("$.worn", hasSize(1)))
                .andExpect(jsonPath("$.apart[0].name").value("Free band"));
    }

    /** The document of a card that is drawn freely. */
    private String free() throws Exception {
        send(card + "/drawing", "{\"revision\":0,\"what\":\"LOOSEN\",\"piece\":0}")
                .andExpect(status().isOk());
        return stored.findById(UUID.fromString(cardId)).orElseThrow().document();
    }

    /** A wrap has a bench, layers, cutting and steps of its own; it does not stand in the drawer. */
    @Test
    void aWrapIsMadeAndIsWorkedOnLikeACard() throws Exception {
        String sleeve = made("sleeve");
        web.perform(get(sleeve))
                .andExpect(jsonPath("$.name").value("Sleeve for Kite day"))
                .andExpect(jsonPath("$.wraps.id").value(cardId))
                .andExpect(jsonPath("$.wraps.name").value("Kite day"));
        web.perform(get(sleeve + "/layers")).andExpect(status().isOk());
        web.perform(get(sleeve + "/cutting")).andExpect(status().isOk());
        web.perform(get(sleeve + "/building")).andExpect(status().isOk());
        web.perform(get(card + "/wraps"))
                .andExpect(jsonPath("$.worn", hasSize(1)))
                .andExpect(jsonPath("$.worn[0].structure").value("sleeve"))
                .andExpect(jsonPath("$.worn[0].findings[0].text", containsString("It goes in with")));
        web.perform(get("/api/cards")).andExpect(jsonPath("$[?(@.name == 'Sleeve for Kite day')]", hasSize(0)));
        web.perform(get(card)).andExpect(jsonPath("$.wraps").doesNotExist());
    }

    /** What the maker typed of the sleeve itself stays; what it goes round follows the card. */
    @Test
    void aWrapFollowsItsCard() throws Exception {
        String sleeve = made("sleeve");
        double before = measure(sleeve, "front");
        send(sleeve + "/changes", "{\"revision\":0,\"field\":\"notch\",\"text\":\"30\"}")
                .andExpect(status().isOk());
        send(card + "/changes", "{\"revision\":0,\"field\":\"width\",\"text\":\"160\"}")
                .andExpect(status().isOk());
        assertThat(measure(sleeve, "front") - before).isEqualTo(12);
        assertThat(measure(sleeve, "notch")).isEqualTo(30);
        // it has moved on by a revision, so that nothing is shown that was worked out of the one before
        web.perform(get(sleeve)).andExpect(jsonPath("$.revision").value(2));
        send(sleeve + "/changes", "{\"revision\":2,\"field\":\"bulk\",\"text\":\"5\"}")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.measures[?(@.id == 'bulk')].locked", hasItem(true)));
        assertThat(measure(sleeve, "bulk")).isEqualTo(5);
    }

    /** The envelope goes round card and band; the band is told first. */
    @Test
    void wrapsGoRoundOneAnother() throws Exception {
        String envelope = made("rectangle-envelope");
        double bare = measure(envelope, "bulk");
        String band = made("belly-band");
        assertThat(measure(envelope, "bulk")).isGreaterThan(bare);
        web.perform(get(envelope)).andExpect(jsonPath("$.revision").value(1));
        web.perform(delete(band)).andExpect(status().isNoContent());
        assertThat(measure(envelope, "bulk")).isEqualTo(bare);
        web.perform(post(band + "/restored")).andExpect(status().isOk());
        web.perform(get(card + "/wraps"))
                .andExpect(jsonPath("$.worn[0].structure").value("belly-band"))
                .andExpect(jsonPath("$.worn[1].structure").value("rectangle-envelope"));
    }

    @Test
    void aWrapIsPutAsideAndBroughtBack() throws Exception {
        String band = made("belly-band");
        web.perform(delete(band)).andExpect(status().isNoContent());
        web.perform(get(card + "/wraps")).andExpect(jsonPath("$.worn", hasSize(0)));
        web.perform(post(band + "/restored")).andExpect(status().isOk());
        web.perform(get(card + "/wraps")).andExpect(jsonPath("$.worn", hasSize(1)));
    }

    /** A second card of the same plan has wraps of its own, which follow it and not the first. */
    @Test
    void aCopyHasItsOwnWraps() throws Exception {
        made("sleeve");
        String copy = text(web.perform(post(card + "/copy")).andExpect(status().isCreated()));
        String second = "/api/cards/" + JsonPath.read(copy, "$.id");
        send(second + "/changes", "{\"revision\":0,\"field\":\"width\",\"text\":\"120\"}")
                .andExpect(status().isOk());
        String first = text(web.perform(get(card + "/wraps")));
        String other = text(web.perform(get(second + "/wraps")));
        assertThat(JsonPath.<List<Object>>read(other, "$.worn")).hasSize(1);
        assertThat(JsonPath.<Object>read(other, "$.worn[0].outside.width.mm"))
                .isNotEqualTo(JsonPath.<Object>read(first, "$.worn[0].outside.width.mm"));
    }

    /** A wrap that is damaged stands alone; one whose card is damaged is there as it was last. */
    @Test
    void whatIsDamagedTouchesNoOther() throws Exception {
        String sleeve = made("sleeve");
        stored.saveAndFlush(
                StoredCard.wrap(UUID.randomUUID(), UUID.fromString(cardId), "Torn band", "torn", Instant.now()));
        web.perform(get(card + "/wraps")).andExpect(jsonPath("$.worn", hasSize(1)));
        double front = measure(sleeve, "front");
        StoredCard torn = stored.findById(UUID.fromString(cardId)).orElseThrow();
        torn.rewrite("Torn card", "torn", Instant.now());
        stored.saveAndFlush(torn);
        assertThat(measure(sleeve, "front")).isEqualTo(front);
        send(sleeve + "/changes", "{\"revision\":0,\"field\":\"notch\",\"text\":\"30\"}")
                .andExpect(status().isOk());
    }

    @Test
    void whatCannotBeWrappedIsTold() throws Exception {
        send(card + "/wraps", "{\"structure\":\"z-fold\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("is no wrap")));
        send(card + "/wraps", "{\"structure\":\"kite-bag\"}").andExpect(status().isUnprocessableEntity());
        String band = made("belly-band");
        send(band + "/wraps", "{\"structure\":\"sleeve\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("This is a wrap itself")));
        for (int i = 1; i < 12; i++) {
            made("belly-band");
        }
        send(card + "/wraps", "{\"structure\":\"sleeve\"}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("at most 12 wraps")));
    }
}
