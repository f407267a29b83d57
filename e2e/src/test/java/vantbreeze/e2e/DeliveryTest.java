package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import vantbreeze.trials.House;

/** How the page's files come to a browser: those named by their content once and for all, text in short. */
class DeliveryTest {

    private static HttpResponse<byte[]> inShort(House house, String path) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(house.at(path)))
                                .header("Accept-Encoding", "gzip")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }

    /** docs/licences.md, made by {@code ./vantbreeze licences}, names every jar in ours, by artifact and version. */
    @Test
    void everyLibraryInTheJarIsListedWithItsLicence() throws IOException {
        String listed = Files.readString(Path.of("../docs/licences.md"));
        try (ZipFile jar = new ZipFile(System.getProperty("vantbreeze.jar"))) {
            List<String> libraries = jar.stream()
                    .map(ZipEntry::getName)
                    .filter(name -> name.startsWith("BOOT-INF/lib/") && name.endsWith(".jar"))
                    .map(name -> name.substring("BOOT-INF/lib/".length(), name.length() - ".jar".length()))
                    .filter(name -> !name.matches("(core|exchange|spring-boot-jarmode-tools)-.*"))
                    .toList();
            assertThat(libraries).hasSizeGreaterThan(20).allSatisfy(library -> {
                Matcher named = Pattern.compile("(.*)-(\\d.*)").matcher(library);
                assertThat(named.matches()).isTrue();
                assertThat(listed).contains(":%s | %s | ".formatted(named.group(1), named.group(2)));
            });
        }
    }

    /** RFC 8246 (immutable), RFC 9110, 8.4 (content codings). */
    @Test
    void filesNamedByTheirContentAreKeptForGoodAndTextIsCompressed() throws IOException, InterruptedException {
        House house = Houses.shared();
        HttpResponse<String> page = house.get("/");
        assertThat(page.headers().firstValue("Cache-Control"))
                .hasValueSatisfying(words -> assertThat(words).doesNotContain("immutable"));
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"").matcher(page.body());
        assertThat(script.find()).isTrue();
        HttpResponse<String> plain = house.get(script.group(1));
        assertThat(plain.headers().firstValue("Cache-Control"))
                .hasValueSatisfying(
                        words -> assertThat(words).contains("immutable").contains("max-age=31536000"));
        assertThat(plain.headers().firstValue("Content-Encoding")).isEmpty();
        HttpResponse<byte[]> squeezed = inShort(house, script.group(1));
        assertThat(squeezed.headers().firstValue("Content-Encoding")).hasValue("gzip");
        try (GZIPInputStream text = new GZIPInputStream(new ByteArrayInputStream(squeezed.body()))) {
            assertThat(text).asString(StandardCharsets.UTF_8).isEqualTo(plain.body());
        }
        assertThat(inShort(house, "/api/stock").headers().firstValue("Content-Encoding"))
                .hasValue("gzip");
    }
}
