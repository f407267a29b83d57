package vantbreeze.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.jayway.jsonpath.JsonPath;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.client.TestRestTemplate;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.http.HttpEntity;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/**
 * The standing line answers as a request for the same does, says why not in words, and takes up nobody from elsewhere.
 */
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT, properties = "spring.datasource.url=jdbc:h2:mem:socket")
class HandSocketTest {

    @LocalServerPort
    private int port;

    @Autowired
    private TestRestTemplate web;

    private final BlockingQueue<String> heard = new LinkedBlockingQueue<>();
    private WebSocket line;
    private String card;

    @BeforeEach
    void aZFoldAndALine() {
        card = JsonPath.read(
                post("/api/cards", "{\"structure\":\"z-fold\",\"ruler\":\"mm\",\"width\":\"126\",\"height\":\"92\"}"),
                "$.id");
        line = takenUp("http://localhost:" + port);
    }

    @AfterEach
    void hangUp() {
        line.abort();
    }

    private String post(String path, String body) {
        HttpHeaders headers = new HttpHeaders();
        headers.setContentType(MediaType.APPLICATION_JSON);
        return web.postForObject(path, new HttpEntity<>(body, headers), String.class);
    }

    private WebSocket takenUp(String origin) {
        return HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .header("Origin", origin)
                .buildAsync(URI.create("ws://localhost:%d/api/hand".formatted(port)), new Listener())
                .join();
    }

    private final class Listener implements WebSocket.Listener {

        private final StringBuilder parts = new StringBuilder();

        @Override
        public CompletionStage<?> onBinary(WebSocket socket, ByteBuffer data, boolean last) {
            parts.append(StandardCharsets.UTF_8.decode(data));
            if (last) {
                heard.add(parts.toString());
                parts.setLength(0);
            }
            socket.request(1);
            return null;
        }

        @Override
        public CompletionStage<?> onClose(WebSocket socket, int code, String reason) {
            heard.add("closed " + code);
            return null;
        }
    }

    private static String moving(int index, double across) {
        return """
                {"revision":0,"kind":"SCORE","piece":0,"index":%d,"end":"WHOLE","acrossMm":%s,
                "upMm":0,"snap":"MARKS","pushes":false,"keep":false,"closed":0.5}"""
                .formatted(index, across);
    }

    private String asked(String question) throws InterruptedException {
        line.sendText(question, true).join();
        return heard.poll(20, TimeUnit.SECONDS);
    }

    private String asked(String id, String moving) throws InterruptedException {
        return asked("{\"card\":\"%s\",\"drag\":%s}".formatted(id, moving));
    }

    @Test
    void answersAsARequestDoes() throws InterruptedException {
        for (double across : new double[] {44.2, 51.9, 38}) {
            String answer = asked(card, moving(0, across));
            String requested = post("/api/cards/%s/hand".formatted(card), moving(0, across));
            assertThat(JsonPath.<Object>read(answer, "$.moved")).isEqualTo(JsonPath.read(requested, "$"));
        }
        assertThat(post("/api/cards/%s/hand".formatted(card), moving(0, 44.2))).contains("\"revision\":0");
    }

    @Test
    void saysInWordsWhyNot() throws InterruptedException {
        String gone = asked(card, moving(9, 40));
        assertThat(JsonPath.<String>read(gone, "$.problem.detail")).contains("Take hold of it again");
        assertThat(JsonPath.<String>read(gone, "$.problem.field")).isEqualTo("hand");
        assertThat(JsonPath.<Integer>read(
                        asked("00000000-0000-0000-0000-000000000000", moving(0, 40)), "$.problem.status"))
                .isEqualTo(404);
        assertThat(JsonPath.<Integer>read(
                        asked(card, moving(0, 40).replace("\"revision\":0", "\"revision\":7")), "$.problem.status"))
                .isEqualTo(409);
        assertThat(asked(card, moving(0, 40))).contains("\"moved\"");
    }

    @Test
    void noticesThatTheCardMovedOn() throws InterruptedException {
        assertThat(asked(card, moving(0, 40))).contains("\"moved\"");
        post("/api/cards/%s/hand".formatted(card), moving(0, 48).replace("\"keep\":false", "\"keep\":true"));
        assertThat(JsonPath.<Integer>read(asked(card, moving(0, 40)), "$.problem.status"))
                .isEqualTo(409);
        assertThat(asked(card, moving(0, 40).replace("\"revision\":0", "\"revision\":1")))
                .contains("\"moved\"");
        web.delete("/api/cards/" + card);
        assertThat(JsonPath.<Integer>read(
                        asked(card, moving(0, 40).replace("\"revision\":0", "\"revision\":1")), "$.problem.status"))
                .isEqualTo(404);
    }

    @Test
    void hangsUpOnWhatItCantRead() throws InterruptedException {
        assertThat(asked("Liebe Tante")).isEqualTo("closed 1007");
    }

    @Test
    void takesUpNobodyFromElsewhere() {
        assertThatThrownBy(() -> takenUp("http://elsewhere.example"))
                .hasMessageContaining("WebSocketHandshakeException");
    }
}
