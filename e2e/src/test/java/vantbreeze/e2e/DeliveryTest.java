package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How the page's files come to a browser: those named by their content once and for all, text in short. */
class DeliveryTest {

    @TempDir
    private Path folder;

    private static HttpResponse<byte[]> inShort(RunningHouse house, String path)
            throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(house.at(path)))
                                .header("Accept-Encoding", "gzip")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    /** RFC 8246 (immutable), RFC 9110, 8.4 (content codings). */
    @Test
    void filesNamedByTheirContentAreKeptForGoodAndTextIsCompressed() throws IOException, InterruptedException {
        try (RunningHouse house = RunningHouse.start(folder, false)) {
            HttpResponse<byte[]> page = house.fetch("/");
            assertThat(page.headers().firstValue("Cache-Control"))
                    .hasValueSatisfying(words -> assertThat(words).doesNotContain("immutable"));
            Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"")
                    .matcher(new String(page.body(), StandardCharsets.UTF_8));
            assertThat(script.find()).isTrue();
            HttpResponse<byte[]> plain = house.fetch(script.group(1));
            assertThat(plain.headers().firstValue("Cache-Control"))
                    .hasValueSatisfying(
                            words -> assertThat(words).contains("immutable").contains("max-age=31536000"));
            assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
            HttpResponse<byte[]> squeezed = inShort(house, script.group(1));
            assertThat(squeezed.headers().firstValue("Content-Encoding")).hasValue("gzip");
            try (GZIPInputStream text = new GZIPInputStream(new ByteArrayInputStream(squeezed.body()))) {
                assertThat(text.readAllBytes()).isEqualTo(plain.body());
            }
            assertThat(inShort(house, "/api/stock").headers().firstValue("Content-Encoding"))
                    .hasValue("gzip");
        }
    }
}
