package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
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

/** How a card is cut: planned, decided by hand, undone. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:cutting")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class CuttingApiTest {

    @Autowired
    private MockMvc web;

    private String card;
    private String document;

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private ResultActions cut(int revision, String rest) throws Exception {
        return send(card + "/cutting", "{\"revision\":%d,%s}".formatted(revision, rest));
    }

    /** The plan, waited for. */
    private ResultActions plan() throws Exception {
        for (int i = 0; i < 60; i++) {
            ResultActions answer = web.perform(get(card + "/cutting")).andExpect(status().isOk());
            String body = answer.andReturn().getResponse().getContentAsString();
            if (Boolean.TRUE.equals(JsonPath.read(body, "$.isDone"))) {
                return answer;
            }
        }
        throw new AssertionError("it is never done");
    }

    @BeforeEach
    void aGatefold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"gatefold\",\"ruler\":\"mm\",\"width\":\"100\",\"height\":\"90\"}")
                .andExpect(status().isCreated())
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
        document = JsonPath.read(begun, "$.document");
    }

    @Test
    void aPlanIsMadeForThePaperThatNobodyListed() throws Exception {
        plan().andExpect(jsonPath("$.papers[0].paper").value("card-300"))
                .andExpect(jsonPath("$.papers[0].took").value("1 sheet of A4"))
                .andExpect(jsonPath("$.papers[0].known").value("no plan takes less"))
                .andExpect(jsonPath("$.papers[0].notes[0]").value(startsWith("No sheet of it is listed")))
                .andExpect(jsonPath("$.papers[0].otherwise").doesNotExist())
                .andExpect(jsonPath("$.papers[0].warnings").isEmpty())
                .andExpect(jsonPath("$.papers[0].blanks[0].label").value("Card base"))
                .andExpect(jsonPath("$.papers[0].stacks[0].blanks[0].pinned").value(false))
                .andExpect(jsonPath("$.papers[0].steps[0].words").value(startsWith("Sheet 1, ")))
                .andExpect(jsonPath("$.papers[0].sheets[*].id").value(hasItem("letter")));
    }

    @Test
    void aPieceIsPutWhereItIsWantedAndTheCardRemembers() throws Exception {
        String put = "\"what\":\"PUT\",\"paper\":\"card-300\",\"blank\":0,\"copy\":0,\"sheet\":\"a4\",\"nth\":0,"
                + "\"x\":50.2,\"y\":61.4,\"turned\":true";
        send(card + "/cutting/tried", "{\"revision\":0,%s}".formatted(put))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.x").value(50.0))
                .andExpect(jsonPath("$.y").value(61.0))
                .andExpect(jsonPath("$.why").doesNotExist());
        String changed =
                cut(0, put).andExpect(status().isOk()).andReturn().getResponse().getContentAsString();
        assertThat(JsonPath.<String>read(changed, "$.document")).contains("\"cutting\"", "\"ofSheets\" : 1");
        plan().andExpect(jsonPath("$.papers[0].stacks[0].blanks[0].pinned").value(true))
                .andExpect(jsonPath("$.papers[0].stacks[0].blanks[0].area.x").value(50.0))
                .andExpect(jsonPath("$.papers[0].stacks[0].blanks[0].area.y").value(61.0))
                .andExpect(jsonPath("$.papers[0].stacks[0].nth").value(1))
                .andExpect(jsonPath("$.pinned").value(1));
        cut(1, "\"what\":\"LET_GO\",\"paper\":\"card-300\",\"blank\":0,\"copy\":0")
                .andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].stacks[0].blanks[0].pinned").value(false));
    }

    @Test
    void whereItCanNotLieIsSaidAndNothingChanges() throws Exception {
        cut(
                        0,
                        "\"what\":\"PUT\",\"paper\":\"card-300\",\"blank\":0,\"copy\":0,\"sheet\":\"a4\",\"nth\":0,"
                                + "\"x\":150,\"y\":0,\"turned\":true")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value("It can't lie there: it reaches beyond the sheet there."));
        cut(0, "\"what\":\"LET_GO\",\"paper\":\"card-300\",\"blank\":7,\"copy\":0")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value("That piece is not there any more. Look again."));
        cut(0, "\"what\":\"WISH\",\"squared\":\"50\"")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail").value(containsString("Between nothing and 20 mm")));
        web.perform(get(card))
                .andExpect(jsonPath("$.revision").value(0))
                .andExpect(jsonPath("$.document").value(document));
    }

    @Test
    void sheetsAreLeftAloneAddedAndUsedFirst() throws Exception {
        cut(0, "\"what\":\"SHEET\",\"paper\":\"card-300\",\"sheet\":\"a4\",\"use\":\"BANNED\"")
                .andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].took").value("no sheet"))
                .andExpect(jsonPath("$.papers[0].notes").isEmpty())
                .andExpect(jsonPath("$.papers[0].warnings[0]").value(startsWith("Every sheet of it is left alone")));
        cut(1, "\"what\":\"SHEET\",\"paper\":\"card-300\",\"sheet\":\"a3\",\"use\":\"ADDED\"")
                .andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].took").value("1 sheet of A3"))
                .andExpect(
                        jsonPath("$.papers[0].otherwise").value("With nothing chosen by hand it takes 1 sheet of A4."));
        cut(2, "\"what\":\"SHEET\",\"paper\":\"card-300\",\"sheet\":\"nowhere\",\"use\":\"ADDED\"")
                .andExpect(status().isUnprocessableEntity());
    }

    @Test
    void whatIsWishedIsKept() throws Exception {
        cut(0, "\"what\":\"WISH\",\"offcutsFirst\":false,\"grain\":\"NONE\",\"squared\":\"2\"")
                .andExpect(status().isOk());
        plan().andExpect(jsonPath("$.offcutsFirst").value(false))
                .andExpect(jsonPath("$.grain").value("NONE"))
                .andExpect(jsonPath("$.papers[0].stacks[0].trimMm").value(2.0))
                .andExpect(jsonPath("$.papers[0].steps[0].kind").value("SQUARE"));
    }

    /** A card too wide for every sheet is told so, with a way on. */
    @Test
    void whatNoSheetTakesIsTold() throws Exception {
        String begun = send(
                        "/api/cards",
                        "{\"structure\":\"gatefold\",\"ruler\":\"mm\",\"width\":\"200\",\"height\":\"90\"}")
                .andReturn()
                .getResponse()
                .getContentAsString();
        card = "/api/cards/" + JsonPath.read(begun, "$.id");
        plan().andExpect(jsonPath("$.papers[0].warnings[0]")
                        .value("Card base, 399 × 90 mm, is larger than every sheet. Choose a larger sheet, or make the"
                                + " card smaller."))
                .andExpect(jsonPath("$.papers[0].offers[0].label").value("Join Card base from 2 parts"))
                .andExpect(jsonPath("$.papers[0].offers[0].words")
                        .value(startsWith(
                                "Or join it from 2 parts, each 206 mm wide, that overlap by 13 mm; the seam")));
        cut(0, "\"what\":\"JOIN\",\"paper\":\"card-300\",\"blank\":0").andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].warnings").isEmpty())
                .andExpect(jsonPath("$.papers[0].offers").isEmpty())
                .andExpect(jsonPath("$.papers[0].took").value("1 sheet of A4"))
                .andExpect(jsonPath("$.papers[0].otherwise").doesNotExist())
                .andExpect(jsonPath("$.papers[0].seams[0].at.text").value("206 mm"))
                .andExpect(jsonPath("$.papers[0].seams[0].words")
                        .value(startsWith("Card base is joined from 2 parts, each 206 mm wide")));
        String seam = "\"what\":\"SEAM\",\"piece\":\"Card base\",\"nth\":1,\"seam\":0,";
        cut(1, seam + "\"at\":\"100\"").andExpect(status().isUnprocessableEntity());
        cut(1, seam + "\"divisions\":-6").andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].seams[0].at.text").value("200 mm"));
        cut(2, "\"what\":\"WHOLE\",\"piece\":\"Card base\",\"nth\":1").andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].offers[0].blank").value(0));
    }

    @Test
    void itIsStoppedWithTheBestSoFar() throws Exception {
        send(card + "/cutting/stopped", "").andExpect(status().isOk());
        plan().andExpect(jsonPath("$.papers[0].took").value("1 sheet of A4"));
    }
}
