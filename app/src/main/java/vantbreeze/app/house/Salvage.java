package vantbreeze.app.house;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.api.FlywayException;
import org.h2.mvstore.DataUtils;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import vantbreeze.exchange.document.PlanDocument;

/**
 * What can be read of a database's file, in a copy of it: the file as it is; else with its two header blocks made anew,
 * from which H2 finds its way back from the file's end, and with the plan documents that lie in the file as text
 * beside, since what H2 finds so may be an older state. The file itself is not touched.
 */
final class Salvage {

    private static final Logger LOG = LoggerFactory.getLogger(Salvage.class);

    /** Size of a header block, and how many there are (H2's MVStore, "File Format"). */
    private static final int BLOCK = 4096;

    private static final int HEADERS = 2;
    private static final String HEADER = "H:2,block:0,blockSize:1000,chunk:0,created:19000000000,format:3,version:0";
    private static final String BEGINNING = "{\n  \"format\" : \"vantbreeze-plan\"";
    private static final String END = "\n}";
    /** More bytes than this are not looked through for text. */
    private static final long LARGEST = 256L * 1024 * 1024;

    private Salvage() {}

    /** A database in a folder of its own, with what could be read of {@code cards}. */
    static Path of(Path cards) throws IOException, SQLException {
        Path folder = Files.createTempDirectory("vantbreeze-readable");
        Path copy = folder.resolve(DataFolder.CARDS);
        Runtime.getRuntime().addShutdownHook(new Thread(() -> sweep(folder)));
        Files.copy(cards, copy);
        if (reads(copy)) {
            return copy;
        }
        renewHeader(copy);
        if (!reads(copy)) {
            Files.delete(copy);
            Database.migrate(Database.source(copy));
        }
        addDocuments(copy, cards);
        return copy;
    }

    private static boolean reads(Path copy) {
        try (Connection connection = Database.open(copy)) {
            Database.readThrough(connection);
            Database.migrate(Database.source(copy));
            return true;
        } catch (SQLException | FlywayException | IllegalStateException damaged) {
            LOG.debug("not readable so", damaged);
            return false;
        }
    }

    private static void renewHeader(Path copy) throws IOException {
        byte[] text = HEADER.getBytes(StandardCharsets.ISO_8859_1);
        byte[] header = "%s,fletcher:%s\n"
                .formatted(HEADER, Integer.toHexString(DataUtils.getFletcher32(text, 0, text.length)))
                .getBytes(StandardCharsets.ISO_8859_1);
        byte[] block = new byte[BLOCK];
        Arrays.fill(block, (byte) ' ');
        System.arraycopy(header, 0, block, 0, header.length);
        byte[] bytes = Files.readAllBytes(copy);
        for (int i = 0; i < HEADERS && bytes.length >= (i + 1) * BLOCK; i++) {
            System.arraycopy(block, 0, bytes, i * BLOCK, BLOCK);
        }
        Files.write(copy, bytes);
    }

    /** Adds the documents that lie in the damaged file as text, where there is no card of their name. */
    private static void addDocuments(Path copy, Path cards) throws IOException, SQLException {
        if (Files.size(cards) > LARGEST) {
            return;
        }
        Map<String, String> documents = documents(Files.readAllBytes(cards));
        try (Connection connection = Database.open(copy);
                PreparedStatement insert = connection.prepareStatement(
                        "insert into card (id, revision, name, document, changed_at) values (?, 0, ?, ?, ?)")) {
            try (Statement statement = connection.createStatement();
                    ResultSet row = statement.executeQuery("select name from card")) {
                while (row.next()) {
                    documents.remove(row.getString(1));
                }
            }
            for (var document : documents.entrySet()) {
                insert.setObject(1, UUID.nameUUIDFromBytes(document.getValue().getBytes(StandardCharsets.UTF_8)));
                insert.setString(2, document.getKey());
                insert.setString(3, document.getValue());
                insert.setObject(4, OffsetDateTime.now(ZoneOffset.UTC));
                insert.executeUpdate();
            }
        }
    }

    /** Plan documents in the bytes, the last one of each name: old states of a card lie there too. */
    private static Map<String, String> documents(byte[] bytes) {
        String text = new String(bytes, StandardCharsets.UTF_8);
        Map<String, String> found = new LinkedHashMap<>();
        for (int from = text.indexOf(BEGINNING); from >= 0; from = text.indexOf(BEGINNING, from + 1)) {
            int to = text.indexOf(END, from);
            if (to < 0) {
                break;
            }
            String document = text.substring(from, to + END.length());
            try {
                found.put(PlanDocument.read(document).name(), document);
            } catch (IllegalArgumentException garbled) {
                LOG.debug("a document that is not whole");
            }
        }
        return found;
    }

    private static void sweep(Path folder) {
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.deleteIfExists(file);
            }
            Files.deleteIfExists(folder);
        } catch (IOException left) {
            LOG.debug("left behind: {}", folder);
        }
    }
}
