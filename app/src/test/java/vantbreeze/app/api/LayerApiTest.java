package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Layers chosen, listed and printed; papers with pictures. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:layers")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class LayerApiTest {

    private static final String MAT = "[{\"paper\":\"paper-160\",\"border\":\"3\"}]";

    @Autowired
    private MockMvc web;

    private String card;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions wish(int revision, String what, String faces, String layers) throws Exception {
        return send(
                card + "/layers",
                "{\"revision\":%d,\"what\":\"%s\",\"faces\":%s,\"layers\":%s,\"embellishments\":[]}"
                        .formatted(revision, what, faces, layers));
    }

    private static String face(int panel, boolean face) {
        return "{\"panel\":%d,\"face\":%s}".formatted(panel, face);
    }

    @BeforeEach
    void aGatefold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"gatefold\",\"ruler\":\"mm\",\"width\":\"120\",\"height\":\"150\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
    }

    @Test
    void theWholeCardIsDressedInOneWayAndInOtherPapersAtOneGo() throws Exception {
        String preset = "{\"revision\":%d,\"what\":\"PRESET\",\"preset\":\"%s\",\"faces\":[],\"layers\":[],"
                + "\"embellishments\":[]}";
        send(card + "/layers", preset.formatted(0, "one-mat"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.layers", hasSize(6)));
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.presets", hasSize(5)))
                .andExpect(jsonPath("$.preset").value("one-mat"))
                .andExpect(jsonPath("$.mats").value("paper-160"));
        send(
                        card + "/layers",
                        "{\"revision\":1,\"what\":\"MATS\",\"paper\":\"card-220\",\"faces\":[],\"layers\":[],"
                                + "\"embellishments\":[]}")
                .andExpect(status().isOk());
        web.perform(get(card + "/layers")).andExpect(jsonPath("$.mats").value("card-220"));
        send(card + "/layers", preset.formatted(2, "kite")).andExpect(status().isUnprocessableEntity());
        send(
                        card + "/layers",
                        "{\"revision\":2,\"what\":\"BED\",\"joins\":[7],\"bed\":\"CARD\",\"faces\":[],\"layers\":[],"
                                + "\"embellishments\":[]}")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not glued there any more")));
    }

    @Test
    void allThatShowsIsDressedAtOnceAndTakenOffAgain() throws Exception {
        wish(0, "SUGGEST", "[]", "[]")
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.layers", hasSize(11)))
                .andExpect(jsonPath("$.layers[0].number", greaterThan(0)))
                .andExpect(jsonPath("$.papers", hasSize(3)));
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.cuts", hasSize(greaterThan(2))))
                .andExpect(jsonPath("$.pieces", greaterThan(2)))
                .andExpect(jsonPath("$.faces", hasSize(6)))
                .andExpect(jsonPath("$.dressed", hasSize(6)))
                .andExpect(jsonPath("$.borders", hasSize(4)));
        wish(1, "CLEAR", "[]", "[]").andExpect(jsonPath("$.layers", hasSize(0)));
        wish(1, "CLEAR", "[]", "[]").andExpect(status().isConflict());
    }

    @Test
    void facesAreDressedOneByOneAndOnePaperRunsAcrossTheGate() throws Exception {
        wish(0, "DRESS", "[" + face(1, true) + "]", MAT)
                .andExpect(jsonPath("$.layers", hasSize(1)))
                .andExpect(jsonPath("$.layers[0].corners", hasSize(4)));
        wish(1, "RUN", "[%s,%s]".formatted(face(2, false), face(0, false)), MAT)
                .andExpect(jsonPath("$.layers", hasSize(3)));
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.cuts[*].notes", hasItem(containsString("then cut it into"))));
        wish(2, "DRESS", "[" + face(0, false) + "]", "[{\"paper\":\"paper-160\",\"border\":\"3\",\"divisions\":2}]")
                .andExpect(jsonPath("$.layers", hasSize(3)));
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.dressed[1].layers[0].border.text").value("5 mm"));
        wish(3, "UNDRESS", "[" + face(0, false) + "]", "[]").andExpect(jsonPath("$.layers", hasSize(1)));
        send(
                        card + "/layers",
                        ("{\"revision\":4,\"what\":\"DRESS\",\"faces\":[%s],\"layers\":%s,"
                                        + "\"embellishments\":[{\"name\":\"bow\",\"width\":\"20\",\"height\":\"15\","
                                        + "\"standsUp\":\"6\"}]}")
                                .formatted(face(1, true), MAT))
                .andExpect(status().isOk());
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.dressed[0].embellishments[0].name").value("bow"))
                .andExpect(jsonPath("$.dressed[0].embellishments[0].weight").value("≈ 0.4 g"));
        weighed(5, "1,5 g").andExpect(status().isOk());
        web.perform(get(card + "/layers"))
                .andExpect(jsonPath("$.dressed[0].embellishments[0].grams").value("1.5"))
                .andExpect(jsonPath("$.dressed[0].embellishments[0].weight").value("1.5 g"));
        weighed(6, "heavy")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("no weight in grams")));
    }

    private ResultActions weighed(int revision, String grams) throws Exception {
        return send(
                card + "/layers",
                ("{\"revision\":%d,\"what\":\"DRESS\",\"faces\":[%s],\"layers\":%s,"
                                + "\"embellishments\":[{\"name\":\"bow\",\"width\":\"20\",\"height\":\"15\","
                                + "\"standsUp\":\"6\",\"grams\":\"%s\"}]}")
                        .formatted(revision, face(1, true), MAT, grams));
    }

    @Test
    void whatCantBeIsToldInWordsAndLosesNothing() throws Exception {
        wish(0, "DRESS", "[]", MAT)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Tick a panel")));
        wish(0, "DRESS", "[" + face(99, true) + "]", MAT)
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("not there any more")));
        wish(0, "RUN", "[" + face(0, true) + "]", MAT)
                .andExpect(jsonPath("$.detail", containsString("two panels or more")));
        wish(0, "DRESS", "[" + face(0, true) + "]", MAT.replace("\"3\"", "\"wide\""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("border"));
        wish(0, "DRESS", "[" + face(0, true) + "]", MAT.replace("\"3\"", "\"400\""))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("Type a smaller one")));
        wish(0, "PUT_BACK", "[" + face(0, true) + "]", "[]").andExpect(status().isUnprocessableEntity());
        wish(0, "DRESS", "[" + face(0, true) + "]", MAT.replace("\"3\"", "\"40\""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.findings[0].text", containsString("leaves nothing of the inside of Left flap")));
    }

    @Test
    void theListLeavesTheHouseAsTableAndAsPages() throws Exception {
        wish(0, "SUGGEST", "[]", "[]");
        web.perform(get(card + "/layers.csv"))
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith("text/csv"))
                .andExpect(content().string(containsString("number,count,width")))
                .andExpect(header().string("Content-Disposition", containsString("layers.csv")));
        web.perform(get(card + "/layers.pdf"))
                .andExpect(status().isOk())
                .andExpect(content().contentType(MediaType.APPLICATION_PDF));
        web.perform(get(card + "/layers.pdf?page=b2")).andExpect(status().isUnprocessableEntity());
    }

    private ResultActions picture(byte[] file) throws Exception {
        return web.perform(post("/api/stock/pictures")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(file));
    }

    private static byte[] drawn(String format, int width, int height) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), format, bytes);
        return bytes.toByteArray();
    }

    @Test
    void aPictureIsWrittenAnewAndMadeToFit() throws Exception {
        for (String format : new String[] {"png", "jpg"}) {
            String kept = picture(drawn(format, 3000, 1500))
                    .andExpect(status().isOk())
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            byte[] content = web.perform(get("/api/stock/pictures/" + JsonPath.read(kept, "$.id")))
                    .andExpect(status().isOk())
                    .andExpect(content().contentType(MediaType.IMAGE_PNG))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(content));
            assertThat(image.getWidth()).isEqualTo(1024);
            assertThat(image.getHeight()).isEqualTo(512);
        }
    }

    /** A PNG that says it is 60,000 pixels wide, in fewer bytes than this test is long (PNG, ISO/IEC 15948, 11.2.2). */
    private static byte[] said(int width, int height) {
        ByteBuffer header = ByteBuffer.allocate(17)
                .put("IHDR".getBytes(StandardCharsets.US_ASCII))
                .putInt(width)
                .putInt(height)
                .put((byte) 8)
                .put((byte) 2)
                .put((byte) 0)
                .put((byte) 0)
                .put((byte) 0);
        CRC32 check = new CRC32();
        check.update(header.array());
        return ByteBuffer.allocate(33)
                .put(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10})
                .putInt(13)
                .put(header.array())
                .putInt((int) check.getValue())
                .array();
    }

    @Test
    void whatIsNoPictureIsTold() throws Exception {
        picture("not a picture".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("no PNG or JPEG")));
        picture(new byte[0]).andExpect(status().isUnprocessableEntity());
        picture(drawn("gif", 20, 20)).andExpect(jsonPath("$.detail", containsString("no PNG or JPEG")));
        picture(said(60_000, 40))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("60,000 × 40 pixels")));
        picture(said(40, 40))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("damaged")));
        picture(new byte[10 * 1024 * 1024 + 1])
                .andExpect(status().isPayloadTooLarge())
                .andExpect(jsonPath("$.detail", containsString("larger than 10 MB")));
        web.perform(get("/api/stock/pictures/00000000-0000-0000-0000-000000000000"))
                .andExpect(status().isNotFound());
    }

    @Test
    void aPaperIsKeptWithItsPrint() throws Exception {
        Map<String, String> paper = Map.of(
                "name",
                "Night kites",
                "grammage",
                "140",
                "grain",
                "UNKNOWN",
                "pattern",
                "PLAIN",
                "colour",
                "#1f3350",
                "print",
                "KITES",
                "ink",
                "#e9b44c");
        send("/api/stock/own/cardstocks", new ObjectMapper().writeValueAsString(paper))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.cardstocks[0].paper.print").value("KITES"))
                .andExpect(jsonPath("$.cardstocks[0].pattern").value("DIRECTIONAL"));
        send(
                        "/api/stock/own/cardstocks",
                        new ObjectMapper().writeValueAsString(paper).replace("KITES", "IMAGE"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("picture"));
        send(
                        "/api/stock/own/cardstocks",
                        new ObjectMapper().writeValueAsString(paper).replace("#e9b44c", "gold"))
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.field").value("colour"));
    }

    @Test
    void layersOfAPanelThatIsGonePutThemselvesBackOrAreThrownAway() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"concertina\",\"ruler\":\"mm\",\"width\":\"80\",\"height\":\"100\"}")
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
        wish(0, "DRESS", "[" + face(5, true) + "]", MAT).andExpect(jsonPath("$.layers", hasSize(1)));
        send(card + "/changes", "{\"revision\":1,\"field\":\"panels\",\"text\":\"4\"}")
                .andExpect(jsonPath("$.layers", hasSize(0)));
        web.perform(get(card + "/layers")).andExpect(jsonPath("$.aside", hasSize(1)));
        send(
                        card + "/layers",
                        ("{\"revision\":2,\"what\":\"PUT_BACK\",\"faces\":[%s],\"layers\":[],"
                                        + "\"embellishments\":[],\"aside\":0}")
                                .formatted(face(1, true)))
                .andExpect(jsonPath("$.layers", hasSize(1)))
                .andExpect(jsonPath("$.layers[0].panel").value(1));
        web.perform(get(card + "/layers")).andExpect(jsonPath("$.aside", hasSize(0)));
    }
}
