package vantbreeze.app.safekeeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.Listing;
import vantbreeze.app.stock.StockRoom;

/** Backups: everything in one file and back, told before, undone after; what is damaged changes nothing. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:safekeeping")
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
class SafeKeepingTest {

    @TempDir
    private static Path folder;

    @DynamicPropertySource
    static void inAFolderOfItsOwn(DynamicPropertyRegistry settings) {
        settings.add("vantbreeze.data", () -> folder.toString());
    }

    @Autowired
    private MockMvc web;

    @Autowired
    private JdbcClient store;

    @Autowired
    private StockRoom stock;

    @Autowired
    private Copies copies;

    @BeforeEach
    void empty() throws IOException {
        store.sql("delete from card_version").update();
        store.sql("delete from card").update();
        store.sql("delete from stock").update();
        store.sql("delete from picture").update();
        stock.lookAgain();
        if (Files.exists(folder.resolve("copies"))) {
            try (var files = Files.list(folder.resolve("copies"))) {
                for (Path file : files.toList()) {
                    Files.delete(file);
                }
            }
            Files.delete(folder.resolve("copies"));
        }
    }

    @Test
    void copiesLieInAFolderOfTheMakersOwn() throws Exception {
        assertThat(copies.daily()).isTrue();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("copies"))))
                .isEqualTo("rwx------");
    }

    private String begin(String name) throws Exception {
        return JsonPath.read(
                send(
                                "/api/cards",
                                ("{\"name\":\"%s\",\"structure\":\"z-fold\",\"ruler\":\"mm\","
                                                + "\"width\":\"124\",\"height\":\"92\"}")
                                        .formatted(name))
                        .andExpect(status().isCreated())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.id");
    }

    private ResultActions send(String path, String body) throws Exception {
        return web.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private byte[] backup() throws Exception {
        var begun = web.perform(get("/api/backup")).andReturn();
        var answer = web.perform(asyncDispatch(begun))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse();
        assertThat(answer.getHeader("Content-Disposition"))
                .contains("attachment")
                .contains("vantbreeze-");
        return answer.getContentAsByteArray();
    }

    private ResultActions bring(byte[] zip) throws Exception {
        return web.perform(post("/api/restore")
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .content(zip));
    }

    private String brought(byte[] zip) throws Exception {
        return JsonPath.read(
                bring(zip)
                        .andExpect(status().isCreated())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.name");
    }

    private static Map<String, byte[]> unpacked(byte[] zip) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] packed(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private String everything() {
        return "%s\n%s\n%s\n%s"
                .formatted(
                        store.sql("select id, name, document, deleted_at is null from card order by id")
                                .query()
                                .listOfRows(),
                        store.sql("select id, card, name, document from card_version order by id")
                                .query()
                                .listOfRows(),
                        store.sql("select document from stock").query().listOfRows()
                                + " "
                                + store.sql("select card, document from progress order by card")
                                        .query()
                                        .listOfRows(),
                        store.sql("select id from picture order by id").query().listOfRows());
    }

    @Test
    void everythingGoesIntoOneFileAndComesBack() throws Exception {
        String kept = begin("Tail of forty");
        String gone = begin("Crashed at noon");
        send("/api/cards/" + kept + "/versions", "{\"name\":\"as cut\"}").andExpect(status().isCreated());
        send("/api/stock/own/sheets", "{\"name\":\"Offcut\",\"ruler\":\"mm\",\"width\":\"211\",\"height\":\"303\"}")
                .andExpect(status().isOk());
        store.sql("insert into picture (id, content) values (random_uuid(), X'0102')")
                .update();
        send(
                        "/api/cards/" + kept + "/building/progress",
                        "{\"step\":\"CUT: card-300\",\"reading\":0,\"done\":[\"CUT: card-300\"]}")
                .andExpect(status().isOk());
        web.perform(delete("/api/cards/" + gone));
        String then = everything();
        byte[] zip = backup();
        Map<String, byte[]> files = unpacked(zip);
        assertThat(files)
                .hasSize(7)
                .containsKeys(
                        "manifest.json",
                        "stock.json",
                        "progress/%s.json".formatted(kept),
                        "cards/%s.json".formatted(kept),
                        "cards/%s.json".formatted(gone));
        // the checksum of a file in it, worked out by the machine's own library and not by ours
        String sum = HexFormat.of()
                .formatHex(java.security.MessageDigest.getInstance("SHA-256")
                        .digest(files.get("cards/%s.json".formatted(kept))));
        assertThat(new String(files.get("manifest.json"), StandardCharsets.UTF_8))
                .contains(sum);

        send("/api/cards/" + kept + "/changes", "{\"revision\":0,\"field\":\"name\",\"text\":\"Tail of fifty\"}")
                .andExpect(status().isOk());
        String later = begin("Begun later");
        store.sql("delete from card_version").update();
        store.sql("delete from picture").update();
        store.sql("delete from stock").update();
        send("/api/cards/" + kept + "/building/anew", "").andExpect(status().isOk());
        stock.lookAgain();
        String changed = everything();
        String name = brought(zip);
        web.perform(get("/api/copies/" + name + "/planned"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.changed[0]").value("Tail of forty"))
                .andExpect(jsonPath("$.aside[0]").value("Begun later"))
                .andExpect(jsonPath("$.back", hasSize(0)))
                .andExpect(jsonPath("$.same").value(0))
                .andExpect(jsonPath("$.stock").value(true))
                .andExpect(jsonPath("$.versions").value(1))
                .andExpect(jsonPath("$.pictures").value(1));
        assertThat(everything()).as("looking changes nothing").isEqualTo(changed);

        String undo = JsonPath.read(
                send("/api/copies/" + name + "/restored", "")
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.undo");
        store.sql("delete from card where id = ?")
                .param(java.util.UUID.fromString(later))
                .update();
        assertThat(everything()).isEqualTo(then);
        assertThat(stock.own().sheets()).hasSize(1);
        // a window that looked at the card before is told that it moved on
        send("/api/cards/" + kept + "/changes", "{\"revision\":1,\"field\":\"leg\",\"divisions\":1}")
                .andExpect(status().isConflict());
        web.perform(get("/api/copies/" + name + "/planned"))
                .andExpect(jsonPath("$.nothing").value(true));

        send("/api/copies/" + undo + "/restored", "").andExpect(status().isOk());
        web.perform(get("/api/cards/" + kept)).andExpect(jsonPath("$.name").value("Tail of fifty"));
        web.perform(get("/api/cards/" + later)).andExpect(jsonPath("$.name").value("Begun later"));
        assertThat(stock.own().sheets()).isEmpty();
    }

    @Test
    void whatIsNoWholeBackupIsToldAndChangesNothing() throws Exception {
        String id = begin("Tail of forty");
        byte[] zip = backup();
        String before = everything();
        Map<String, byte[]> files = unpacked(zip);
        String card = "cards/%s.json".formatted(id);
        Map<String, byte[]> changed = new LinkedHashMap<>(files);
        changed.put(
                card,
                new String(files.get(card), StandardCharsets.UTF_8)
                        .replace("124", "125")
                        .getBytes(StandardCharsets.UTF_8));
        Map<String, byte[]> missing = new LinkedHashMap<>(files);
        missing.remove(card);
        Map<String, byte[]> more = new LinkedHashMap<>(files);
        more.put("../../evil.sh", new byte[] {1});
        Map<String, byte[]> newer = new LinkedHashMap<>(files);
        newer.put(
                "manifest.json",
                new String(files.get("manifest.json"), StandardCharsets.UTF_8)
                        .replace("\"version\" : 1", "\"version\" : 9")
                        .getBytes(StandardCharsets.UTF_8));
        Map<String, byte[]> garbled = new LinkedHashMap<>(files);
        garbled.put(
                "manifest.json",
                "{\"format\":\"vantbreeze-backup\",\"cards\":[null]}".getBytes(StandardCharsets.UTF_8));
        for (byte[] bad : List.of(
                "dear diary".getBytes(StandardCharsets.UTF_8),
                new byte[0],
                java.util.Arrays.copyOf(zip, zip.length / 2),
                packed(changed),
                packed(missing),
                packed(more),
                packed(newer),
                packed(garbled),
                packed(Map.of("hello.txt", new byte[3])))) {
            bring(bad)
                    .andExpect(status().isUnprocessableEntity())
                    .andExpect(jsonPath("$.type").value("urn:vantbreeze:problem:unreadable-backup"))
                    .andExpect(jsonPath("$.detail").isNotEmpty());
        }
        bring(packed(changed)).andExpect(jsonPath("$.detail", containsString("not as it was written")));
        bring(packed(newer)).andExpect(jsonPath("$.detail", containsString("newer Vantbreeze")));
        assertThat(everything()).isEqualTo(before);
        assertThat(copies.all()).isEmpty();
        assertThat(Files.exists(folder.resolve("../evil.sh"))).isFalse();
    }

    /** A card whose name the database does not take: all is as before, down to the last card. */
    @Test
    void whatCannotBePutBackWholeIsNotPutBackAtAll() throws Exception {
        begin("Tail of forty");
        Map<String, byte[]> files = unpacked(backup());
        send("/api/cards/" + begin("Another"), "");
        String manifest = new String(files.get("manifest.json"), StandardCharsets.UTF_8);
        files.put(
                "manifest.json",
                manifest.replace("Tail of forty", "T".repeat(500)).getBytes(StandardCharsets.UTF_8));
        String name = brought(packed(files));
        store.sql("update card set document = replace(document, '124 mm', '125 mm')")
                .update();
        String before = everything();
        send("/api/copies/" + name + "/restored", "")
                .andExpect(status().isUnprocessableEntity())
                .andExpect(jsonPath("$.detail", containsString("as it was before")));
        assertThat(everything()).isEqualTo(before);
    }

    @Test
    void oneCopyIsMadeEachDayAndTenDaysAreKept() throws Exception {
        begin("Tail of forty");
        for (int day = 1; day <= 12; day++) {
            Path old = Files.createDirectories(folder.resolve("copies")).resolve("2026-01-%02d.zip".formatted(day));
            Files.write(old, backup());
            Files.setLastModifiedTime(
                    old, FileTime.from(Instant.parse("2026-01-01T08:00:00Z").plus(Duration.ofDays(day))));
        }
        assertThat(copies.daily()).isTrue();
        assertThat(copies.daily()).as("once a day").isFalse();
        List<Copy> all = copies.all();
        assertThat(all).hasSize(10).allSatisfy(copy -> assertThat(copy.why()).isEqualTo(Copy.Why.DAY));
        assertThat(all.get(9).name()).isEqualTo("2026-01-04.zip");
        web.perform(get("/api/copies")).andExpect(jsonPath("$", hasSize(10)));
        web.perform(get("/api/copies/" + all.get(0).name())).andExpect(status().isOk());
        web.perform(get("/api/copies/" + all.get(0).name() + "/planned"))
                .andExpect(jsonPath("$.nothing").value(true));
    }

    /** A wrap comes back round the card that it was made for. */
    @Test
    void aWrapIsInTheBackupWithItsCard() throws Exception {
        String card = begin("Kite in a sleeve");
        String sleeve = wrapped(card);
        byte[] zip = backup();
        store.sql("delete from card").update();
        send("/api/copies/" + brought(zip) + "/restored", "").andExpect(status().isOk());
        web.perform(get("/api/cards/" + card + "/wraps"))
                .andExpect(jsonPath("$.worn[0].id").value(sleeve));
        web.perform(get("/api/cards")).andExpect(jsonPath("$", hasSize(1)));
    }

    private String wrapped(String card) throws Exception {
        return JsonPath.read(
                send("/api/cards/" + card + "/wraps", "{\"structure\":\"sleeve\"}")
                        .andExpect(status().isCreated())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$.id");
    }

    @Test
    void theHousekeeperMakesTheCopyAndTakesAwayWhatWasDeletedLongAgo(
            @Autowired Drawer drawer, @Autowired Listing listing) throws Exception {
        String old = begin("Crashed in spring");
        String sleeve = wrapped(old);
        web.perform(delete("/api/cards/" + old));
        store.sql("update card set deleted_at = dateadd('DAY', -40, deleted_at)")
                .update();
        store.sql("insert into picture (id, content, kept_at) values (random_uuid(), X'0102', "
                        + "dateadd('DAY', -40, current_timestamp))")
                .update();
        store.sql("insert into picture (id, content) values (random_uuid(), X'03')")
                .update();
        Housekeeper keeper = new Housekeeper(copies, drawer, stock);
        keeper.round();
        keeper.destroy();
        assertThat(listing.deleted()).isEmpty();
        web.perform(get("/api/cards/" + sleeve)).andExpect(status().isNotFound());
        assertThat(store.sql("select count(*) from picture").query(Long.class).single())
                .isEqualTo(1);
        // it is in the copy that was made just before
        assertThat(new String(
                        Files.readAllBytes(folder.resolve("copies")
                                .resolve(copies.all().get(0).name())),
                        StandardCharsets.ISO_8859_1))
                .contains(old);
    }
}
