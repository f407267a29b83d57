package vantbreeze.app.door;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Only under the house's own names, and nothing for pages of elsewhere (RFC 9110, 7.4 and 15.5.20; RFC 6454; W3C Fetch
 * Metadata).
 */
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:door", "vantbreeze.hosts=kites.home"})
class DoorTest {

    @LocalServerPort
    private int port;

    private String lines(String text) {
        return text.replace("PORT", Integer.toString(port));
    }

    private int get(String host) {
        return RawHttp.status(port, "GET /api/cards HTTP/1.1", lines("Host: " + host));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1:PORT",
                "localhost:PORT",
                "LOCALHOST:PORT",
                "[::1]:PORT",
                "kites.home",
                "kites.home:PORT",
                "Kites.Home:80"
            })
    void answersUnderItsOwnNames(String host) {
        assertThat(get(host)).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "evil.example",
                "evil.example:PORT",
                "127.0.0.1.evil.example",
                "localhost.evil.example:PORT",
                "192.168.0.7:PORT",
                "0.0.0.0:PORT",
                "kites.home.evil.example",
                "[::2]:PORT"
            })
    void isNotThereUnderAnyOther(String host) {
        assertThat(get(host)).isEqualTo(421);
        assertThat(RawHttp.answer(port, "GET / HTTP/1.1", lines("Host: " + host)))
                .contains(" 421 ")
                .contains("urn:vantbreeze:problem:wrong-host");
        assertThat(RawHttp.status(port, lines("GET http://%s/api/cards HTTP/1.1".formatted(host)), "Host: 127.0.0.1"))
                .isIn(400, 421);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Origin: http://evil.example | 403",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Origin: null | 403",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Origin: http://127.0.0.1:1 | 403",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Origin: https://127.0.0.1:PORT | 403",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Sec-Fetch-Site: cross-site | 403",
                "POST | /api/stock/pictures | Sec-Fetch-Site: cross-site | 403",
                "DELETE | /api/cards/00000000-0000-0000-0000-000000000000 | Origin: http://evil.example | 403",
                "PUT | /api/stock/own/c6/offered | Origin: http://evil.example | 403",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Origin: http://127.0.0.1:PORT | 404",
                "POST | /api/cards/00000000-0000-0000-0000-000000000000/copy | Sec-Fetch-Site: same-origin | 404",
                "GET | /api/cards | Origin: http://evil.example | 200"
            })
    void nothingIsDoneForPagesOfElsewhere(String method, String path, String header, int status) {
        assertThat(RawHttp.status(
                        port,
                        "%s %s HTTP/1.1".formatted(method, path),
                        lines("Host: 127.0.0.1:PORT"),
                        lines(header),
                        "Content-Length: 0"))
                .isEqualTo(status);
    }

    /** No other site is told that it may read an answer (W3C CORS). */
    @Test
    void noOtherSiteMayReadAnswers() {
        assertThat(RawHttp.answer(
                        port, "GET /api/cards HTTP/1.1", lines("Host: 127.0.0.1:PORT"), "Origin: http://evil.example"))
                .doesNotContain("Access-Control-Allow");
        assertThat(RawHttp.answer(
                        port,
                        "OPTIONS /api/cards HTTP/1.1",
                        lines("Host: 127.0.0.1:PORT"),
                        "Origin: http://evil.example",
                        "Access-Control-Request-Method: PUT"))
                .doesNotContain("Access-Control-Allow-Origin");
    }

    private int takenUp(String host, String... more) {
        String[] lines = {
            "GET /api/hand HTTP/1.1",
            lines("Host: " + host),
            "Upgrade: websocket",
            "Connection: Upgrade",
            "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==",
            "Sec-WebSocket-Version: 13"
        };
        String[] all = new String[lines.length + more.length];
        System.arraycopy(lines, 0, all, 0, lines.length);
        for (int i = 0; i < more.length; i++) {
            all[lines.length + i] = lines(more[i]);
        }
        return RawHttp.status(port, all);
    }

    /** The handshake of RFC 6455, section 1.3. */
    @Test
    void aStandingLineIsTakenUpFromItsOwnPagesOnly() {
        assertThat(takenUp("127.0.0.1:PORT", "Origin: http://127.0.0.1:PORT")).isEqualTo(101);
        assertThat(takenUp("127.0.0.1:PORT")).isEqualTo(101);
        assertThat(takenUp("127.0.0.1:PORT", "Origin: http://evil.example")).isEqualTo(403);
        assertThat(takenUp("127.0.0.1:PORT", "Sec-Fetch-Site: cross-site")).isEqualTo(403);
        assertThat(takenUp("evil.example:PORT", "Origin: http://evil.example:PORT"))
                .isEqualTo(421);
    }
}
