package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import com.jayway.jsonpath.JsonPath;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vantbreeze.app.problem.Kind;

/**
 * Whatever is asked wrong gets the status that RFC 9110 has for it, and a problem detail (RFC 9457) with a type of its
 * own.
 */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:problems")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class ProblemsTest {

    @Autowired
    private MockMvc web;

    private String card;

    @BeforeEach
    void aCard() throws Exception {
        card = JsonPath.read(
                send(
                                "POST",
                                "/api/cards",
                                "{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"126\",\"height\":\"92\"}")
                        .getContentAsString(),
                "$.id");
    }

    private MockHttpServletResponse send(String method, String path, String body) throws Exception {
        var asked = request(HttpMethod.valueOf(method), URI.create(path.replace("{id}", card == null ? "" : card)));
        if (body != null && !body.isEmpty()) {
            asked.contentType(MediaType.APPLICATION_JSON).content(body);
        }
        return web.perform(asked).andReturn().getResponse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "POST | /api/cards | {} | 400 | invalid-fields | structure",
                "POST | /api/cards | { | 400 | malformed | JSON",
                "POST | /api/cards | [] | 400 | malformed | JSON",
                "POST | /api/cards | null | 400 | malformed | JSON",
                "POST | /api/cards | {\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"0\","
                        + "\"height\":\"92\"} | 422 | refused | nothing",
                "POST | /api/cards | {\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"126\","
                        + "\"height\":\"0 mm\"} | 422 | refused | nothing",
                "POST | /api/cards/bare | {\"ruler\":\"mm\",\"width\":\"0\",\"height\":\"0\"} | 422 | "
                        + "refused | nothing",
                "POST | /api/cards/bare | {\"ruler\":\"mm\"} | 400 | invalid-fields | height is missing; "
                        + "width is missing",
                "POST | /api/cards/opened | {} | 400 | invalid-fields | document",
                "POST | /api/cards/opened | {\"document\":\"hello\"} | 422 | unreadable-plan | not a Vantbreeze plan",
                "POST | /api/cards/{id}/changes | {\"field\":\"leg\",\"divisions\":1} | 400 | "
                        + "invalid-fields | revision",
                "POST | /api/cards/{id}/changes | {\"revision\":null,\"field\":\"leg\",\"divisions\":1} "
                        + "| 400 | invalid-fields | revision",
                "POST | /api/cards/{id}/changes | {\"revision\":0} | 400 | invalid-fields | field is missing",
                "POST | /api/cards/{id}/changes | {\"revision\":7,\"field\":\"leg\",\"divisions\":1} | "
                        + "409 | changed-elsewhere | another window",
                "PUT | /api/cards/{id}/document | {\"revision\":0} | 400 | invalid-fields | document",
                "POST | /api/cards/{id}/rounded | {} | 400 | invalid-fields | revision",
                "POST | /api/cards/{id}/resized | {\"revision\":0} | 400 | invalid-fields | how is missing",
                "POST | /api/cards/{id}/resized | {\"revision\":0,\"how\":\"SIDEWAYS\"} | 400 | invalid-fields | how",
                "POST | /api/cards/{id}/resized | {\"revision\":0,\"how\":\"SIZE\"} | 422 | refused | "
                        + "Nothing is written",
                "POST | /api/cards/{id}/hand | {} | 400 | invalid-fields | missing",
                "POST | /api/cards/{id}/hand | {\"revision\":0,\"piece\":0,\"index\":0,\"pushes\":false,"
                        + "\"keep\":true} | 400 | invalid-fields | end is missing; kind is missing; snap is missing",
                "POST | /api/cards/{id}/drawing | {\"revision\":0,\"piece\":0} | 400 | invalid-fields | "
                        + "what is missing",
                "POST | /api/cards/{id}/locks | {\"revision\":0} | 400 | invalid-fields | missing",
                "POST | /api/cards/{id}/solved | {\"revision\":0} | 400 | invalid-fields | measure is missing",
                "POST | /api/cards/{id}/reruled | {\"revision\":0} | 400 | invalid-fields | ruler is missing",
                "POST | /api/cards/{id}/layers | {\"revision\":0,\"what\":\"DRESS\"} | 400 | "
                        + "invalid-fields | faces is missing",
                "POST | /api/cards/{id}/layers | {\"revision\":0,\"what\":\"DRESS\",\"faces\":[null],"
                        + "\"layers\":[],\"embellishments\":[]} | 400 | invalid-fields | faces",
                "POST | /api/cards/{id}/versions | {} | 400 | invalid-fields | name is missing",
                "POST | /api/cards/{id}/versions/00000000-0000-0000-0000-000000000000/taken | "
                        + "{\"revision\":0} | 404 | gone | version",
                "GET | /api/starts?from=NOWHERE&structure=z-fold&ruler=mm&sheet=a4 | | 400 | "
                        + "invalid-fields | ENVELOPE, SIZE, SHEET",
                "GET | /api/starts?structure=z-fold&ruler=mm&sheet=a4 | | 400 | invalid-fields | from is missing",
                "GET | /api/starts?from=SIZE&structure=z-fold&ruler=mm&sheet=a4&width=0&height=0 | | 422 "
                        + "| refused | nothing",
                "GET | /api/cards/nonsense | | 404 | gone | drawer",
                "GET | /api/cards/00000000-0000-0000-0000-000000000000 | | 404 | gone | drawer",
                "DELETE | /api/cards/00000000-0000-0000-0000-000000000000 | | 404 | gone | drawer",
                "DELETE | /api/stock/own/nothing-of-the-kind | | 404 | gone | nothing-of-the-kind",
                "PUT | /api/stock/own/nothing-of-the-kind/offered | | 404 | gone | nothing-of-the-kind",
                "PUT | /api/stock/own/tools | {\"stopsInside\":true} | 400 | invalid-fields | bed is "
                        + "missing; inches is missing; metric is missing",
                "POST | /api/stock/own/envelopes | {} | 400 | invalid-fields | name is missing",
                "POST | /api/stock/own/sheets | {\"name\":\"Tails\"} | 400 | invalid-fields | width is missing",
                "POST | /api/stock/own/cardstocks | {} | 400 | invalid-fields | grammage is missing",
                "POST | /api/recipes/read | {} | 400 | invalid-fields | text is missing",
                "POST | /api/recipes/begun | {\"text\":\"score\"} | 400 | invalid-fields | ruler is missing",
                "POST | /api/session | {} | 400 | invalid-fields | passcode is missing",
                "GET | /api/copies/..%2F..%2Fcards.mv.db | | 4xx | | ",
                "GET | /api/copies/nothing.zip | | 404 | gone | copy",
                "GET | /api/nothing | | 404 | no-such-address | nothing at this address",
                "PATCH | /api/cards | {} | 405 | method | method",
                "POST | /api/restore | {} | 415 | media-type | media type"
            })
    void isAnsweredAsItIsMeant(String method, String path, String body, String status, String type, String words)
            throws Exception {
        MockHttpServletResponse answer = send(method, path, body);
        if (status.equals("4xx")) {
            assertThat(answer.getStatus()).isBetween(400, 499);
            return;
        }
        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(Integer.parseInt(status));
        assertThat(answer.getContentType()).isEqualTo(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        String problem = answer.getContentAsString();
        assertThat(JsonPath.<String>read(problem, "$.type")).isEqualTo("urn:vantbreeze:problem:" + type);
        assertThat(JsonPath.<Integer>read(problem, "$.status")).isEqualTo(answer.getStatus());
        assertThat(JsonPath.<String>read(problem, "$.title")).isNotBlank();
        assertThat(JsonPath.<String>read(problem, "$.detail")).contains(words);
    }

    @Test
    void whatIsRefusedChangesNothing() throws Exception {
        String before = send("GET", "/api/cards/{id}", null).getContentAsString();
        send("POST", "/api/cards/{id}/changes", "{\"field\":\"leg\",\"divisions\":1}");
        send("POST", "/api/cards/{id}/hand", "{\"revision\":0,\"keep\":true}");
        send("DELETE", "/api/stock/own/nothing-of-the-kind", null);
        assertThat(send("GET", "/api/cards/{id}", null).getContentAsString()).isEqualTo(before);
        assertThat(send("GET", "/api/stock/own", null).getContentAsString()).doesNotContain("nothing-of-the-kind");
    }

    /** A million keys, and a body nested deeper than any of ours. */
    @Test
    void moreThanAnyRequestNeedsIsRefusedBeforeItIsRead() throws Exception {
        StringBuilder keys = new StringBuilder("{\"structure\":\"z-fold\"");
        for (int i = 0; i < 1_000_000; i++) {
            keys.append(",\"k").append(i).append("\":1");
        }
        assertThat(send("POST", "/api/cards", keys.append("}").toString()).getStatus())
                .isEqualTo(413);
        assertThat(send("POST", "/api/cards", keys.substring(0, 2_000_000) + "}")
                        .getStatus())
                .isEqualTo(413);
        assertThat(send("POST", "/api/cards", "{\"x\":" + "[".repeat(5_000)).getStatus())
                .isEqualTo(413);
        assertThat(send("POST", "/api/cards", "{\"structure\":\"%s\"}".formatted("z".repeat(30_000)))
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void everyKindIsDescribedForOthers() throws Exception {
        String described = Files.readString(Path.of("../docs/problems.md"));
        assertThat(Arrays.stream(Kind.values()).map(Kind::type).distinct())
                .hasSameSizeAs(Kind.values())
                .allSatisfy(type -> assertThat(described).contains(type.toString()));
        assertThat(web.perform(post("/api/cards")).andReturn().getResponse().getStatus())
                .isEqualTo(400);
    }
}
