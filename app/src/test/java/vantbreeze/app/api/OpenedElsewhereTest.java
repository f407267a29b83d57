package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.app.stock.StockRoom;

/** A plan taken to another house brings the envelope, sheet, cardstock, papers and their pictures that it names. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:elsewhere")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class OpenedElsewhereTest {

    @Autowired
    private MockMvc web;

    @Autowired
    private JdbcClient store;

    @Autowired
    private StockRoom stock;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private static String read(ResultActions answer, String path) throws Exception {
        return JsonPath.read(answer.andReturn().getResponse().getContentAsString(StandardCharsets.UTF_8), path)
                .toString();
    }

    @BeforeEach
    void anotherHouse() {
        emptied();
    }

    private void emptied() {
        store.sql("delete from card").update();
        store.sql("delete from stock").update();
        store.sql("delete from picture").update();
        stock.lookAgain();
    }

    /** A card of own things, one of them with a picture, as a file. */
    private String file() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(24, 18, BufferedImage.TYPE_INT_RGB), "png", png);
        String picture = read(
                web.perform(post("/api/stock/pictures")
                        .contentType(MediaType.APPLICATION_OCTET_STREAM)
                        .content(png.toByteArray())),
                "$.id");
        String envelope = read(
                send(
                        "/api/stock/own/envelopes",
                        "{\"name\":\"Kite envelope\",\"ruler\":\"mm\",\"width\":\"171\",\"height\":\"119\"}"),
                "$.envelopes[0].id");
        send(
                "/api/stock/own/envelopes",
                "{\"name\":\"Never named\",\"ruler\":\"mm\",\"width\":\"90\",\"height\":\"90\"}");
        String sheet = read(
                send(
                        "/api/stock/own/sheets",
                        "{\"name\":\"Poster offcut\",\"ruler\":\"mm\",\"width\":\"260\",\"height\":\"420\"}"),
                "$.sheets[0].id");
        String paper = "{\"name\":\"%s\",\"grammage\":\"150\",\"grain\":\"LONG\",\"pattern\":\"PLAIN\","
                + "\"colour\":\"#a9cbe8\"%s}";
        String card = read(send("/api/stock/own/cardstocks", paper.formatted("Sky card", "")), "$.cardstocks[0].id");
        String print = read(
                send(
                        "/api/stock/own/cardstocks",
                        paper.formatted("Our kites", ",\"print\":\"IMAGE\",\"image\":\"%s\"".formatted(picture))),
                "$.cardstocks[1].id");
        String id = read(
                send(
                        "/api/cards",
                        ("{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"126\",\"height\":\"92\","
                                        + "\"envelope\":\"%s\",\"sheet\":\"%s\"}")
                                .formatted(envelope, sheet)),
                "$.id");
        send(
                        "/api/cards/" + id + "/changes",
                        "{\"revision\":0,\"field\":\"cardstock\",\"text\":\"%s\"}".formatted(card))
                .andExpect(status().isOk());
        send(
                        "/api/cards/" + id + "/layers",
                        """
                {"revision":1,"what":"DRESS","faces":[{"panel":0,"face":true}],"layers":[{"paper":"%s","border":"5"}],
                "embellishments":[]}"""
                                .formatted(print))
                .andExpect(status().isOk());
        return web.perform(get("/api/cards/" + id + "/plan.json"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private ResultActions open(String file) throws Exception {
        return send("/api/cards/opened", new ObjectMapper().writeValueAsString(Map.of("document", file)));
    }

    @Test
    void bringsWhatItNamesAndNothingElse() throws Exception {
        String file = file();
        emptied();
        String card = open(file)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.notes").value(""))
                .andExpect(jsonPath("$.fit.envelope").value("Kite envelope"))
                .andExpect(jsonPath("$.papers[0].name").value("Sky card"))
                .andExpect(jsonPath("$.papers[1].name").value("Our kites"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        web.perform(get("/api/stock/own"))
                .andExpect(jsonPath("$.envelopes", hasSize(1)))
                .andExpect(jsonPath("$.sheets", hasSize(1)))
                .andExpect(jsonPath("$.cardstocks", hasSize(2)));
        web.perform(get(JsonPath.<String>read(card, "$.papers[1].image"))).andExpect(status().isOk());
        assertThat(JsonPath.<String>read(card, "$.document"))
                .as("what it brought is not kept twice")
                .doesNotContain("\"stock\"");
    }

    @Test
    void isNotTakenTwice() throws Exception {
        String file = file();
        open(file).andExpect(status().isCreated());
        open(file).andExpect(status().isCreated());
        web.perform(get("/api/stock/own"))
                .andExpect(jsonPath("$.envelopes", hasSize(2)))
                .andExpect(jsonPath("$.sheets", hasSize(1)))
                .andExpect(jsonPath("$.cardstocks", hasSize(2)));
    }

    @Test
    void anotherThingUnderTheSameIdStaysWhatItIs() throws Exception {
        String file = file();
        store.sql("update stock set document = replace(document, 'Sky card', 'Rain card')")
                .update();
        stock.lookAgain();
        open(file)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.papers[0].name").value("Sky card"));
        web.perform(get("/api/stock/own")).andExpect(jsonPath("$.cardstocks", hasSize(3)));
        web.perform(get("/api/cards")).andExpect(jsonPath("$", hasSize(2)));
    }

    @Test
    void withoutThemItOpensAsBeforeAndSaysWhatIsMissing() throws Exception {
        String file = new ObjectMapper().readTree(file()).toString().replaceAll(",\"stock\":\\{.*}$", "}");
        emptied();
        String plain = file.replaceAll(",\"layers\":.*", "}");
        open(plain)
                .andExpect(status().isCreated())
                .andExpect(jsonPath("$.notes")
                        .value("Opened without its envelope and its sheet and its cardstock, which is not kept here."));
    }

    @Test
    void aPictureThatIsNoneIsRefusedAndNothingIsTaken() throws Exception {
        String file = file().replaceAll("(\"pictures\" : \\{\\s*\"[0-9a-f-]+\" : )\"[^\"]*\"", "$1\"bm9uZQ==\"");
        emptied();
        open(file).andExpect(status().isUnprocessableEntity());
        web.perform(get("/api/stock/own"))
                .andExpect(jsonPath("$.envelopes", hasSize(0)))
                .andExpect(jsonPath("$.cardstocks", hasSize(0)));
        web.perform(get("/api/cards")).andExpect(jsonPath("$", hasSize(0)));
    }
}
