package vantbreeze.app.door;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** Where the passcode is asked for, nothing of the maker's is told before it is given. */
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:locked", "vantbreeze.passcode.always=true"})
class LockedHouseTest {

    @TempDir
    private static Path folder;

    @DynamicPropertySource
    static void inAFolderOfItsOwn(DynamicPropertyRegistry settings) {
        settings.add("vantbreeze.data", () -> folder.toString());
    }

    @LocalServerPort
    private int port;

    @Autowired
    private Passcode passcode;

    @BeforeEach
    void set() {
        passcode.set("string and bridle");
    }

    private String get(String path, String... more) {
        return RawHttp.answer(
                port,
                "GET %s HTTP/1.1".formatted(path),
                "Host: 127.0.0.1:" + port,
                more.length > 0 ? more[0] : "Accept: */*");
    }

    private String enter(String typed, String... more) {
        String body = "{\"passcode\":\"%s\"}".formatted(typed);
        return RawHttp.answer(
                port,
                "POST /api/session HTTP/1.1",
                "Host: 127.0.0.1:" + port,
                "Content-Type: application/json",
                more.length > 0 ? more[0] : "Accept: */*",
                "Content-Length: " + body.length(),
                "Connection: close",
                "",
                body);
    }

    @Test
    void nothingOfTheMakersIsAnsweredBefore() {
        for (String path : new String[] {
            "/api/cards",
            "/api/stock",
            "/api/backup",
            "/api/copies",
            "/api/house",
            "/v3/api-docs",
            "/api/cards/00000000-0000-0000-0000-000000000000"
        }) {
            assertThat(get(path)).contains(" 401 ").contains("urn:vantbreeze:problem:locked");
        }
        assertThat(RawHttp.status(
                        port,
                        "GET /api/hand HTTP/1.1",
                        "Host: 127.0.0.1:" + port,
                        "Upgrade: websocket",
                        "Connection: Upgrade",
                        "Sec-WebSocket-Key: dGhlIHNhbXBsZSBub25jZQ==",
                        "Sec-WebSocket-Version: 13"))
                .isEqualTo(401);
    }

    @Test
    void theRightPasscodeOpensASessionWhoseCookieNoScriptAndNoOtherSiteGets() {
        String answer = enter("string and bridle");
        assertThat(answer).contains(" 204 ");
        Matcher cookie = Pattern.compile("Set-Cookie: (vantbreeze=[^;]+)(.*)").matcher(answer);
        assertThat(cookie.find()).isTrue();
        assertThat(cookie.group(2)).contains("HttpOnly").contains("SameSite=Strict");
        assertThat(get("/api/cards", "Cookie: " + cookie.group(1))).contains(" 200 ");
        // the next one to enter gets another session
        assertThat(enter("string and bridle", "Cookie: " + cookie.group(1)))
                .contains("Set-Cookie: vantbreeze=")
                .doesNotContain(cookie.group(1));
        assertThat(get("/api/cards", "Cookie: " + cookie.group(1))).contains(" 401 ");
        assertThat(get("/api/cards", "Cookie: vantbreeze=0123456789ABCDEF0123456789ABCDEF"))
                .contains(" 401 ");
    }

    @Test
    void aWrongOneIsToldSo() {
        assertThat(enter("paper and glue")).contains(" 401 ").contains("not the passcode");
        assertThat(get("/api/cards;x=/api/session")).contains(" 401 ");
        assertThat(get("/api/session/../cards")).doesNotContain(" 200 ");
        assertThat(get("//api/cards")).doesNotContain(" 200 ");
        assertThat(get("/%61pi/cards")).doesNotContain(" 200 ");
    }
}
