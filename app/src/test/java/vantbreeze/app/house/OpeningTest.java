package vantbreeze.app.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OpeningTest {

    @TempDir
    private Path place;

    private DataFolder folder() {
        return new DataFolder(place.resolve("cards"));
    }

    private Map<String, Object> opened(DataFolder folder) {
        Opening opening = new Opening();
        try {
            return opening.settled(folder, "127.0.0.1", 0);
        } finally {
            opening.close();
        }
    }

    private DataFolder withCards(int count) throws SQLException, IOException {
        DataFolder folder = folder();
        Files.createDirectories(folder.path());
        Database.migrate(Database.source(folder.cards()));
        String document = Files.readString(Path.of("src/test/resources/documents/plan-1.json"));
        try (Connection connection = Database.open(folder.cards());
                var insert = connection.prepareStatement(
                        "insert into card (id, revision, name, document, changed_at) values (?, 0, ?, ?, "
                                + "current_timestamp)")) {
            for (int i = 0; i < count; i++) {
                insert.setObject(1, UUID.randomUUID());
                insert.setString(2, "Kite " + i);
                insert.setString(3, document.replace("Kite over the mill", "Kite " + i));
                insert.executeUpdate();
            }
        }
        return folder;
    }

    private static long readable(Map<String, Object> settled) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection((String) settled.get("spring.datasource.url"), "vantbreeze", "");
                ResultSet row = connection
                        .createStatement()
                        .executeQuery("select count(*) from card where document like '%vantbreeze-plan%'")) {
            row.next();
            return row.getLong(1);
        }
    }

    @Test
    void nobodyElseLooksIntoTheFolder() throws IOException, SQLException {
        DataFolder folder = withCards(1);
        Files.setPosixFilePermissions(folder.path(), PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.createDirectories(folder.copies());
        Files.writeString(folder.copies().resolve("2026-05-30.zip"), "");
        opened(folder);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.path())))
                .isEqualTo("rwx------");
        for (Path file : new Path[] {folder.cards(), folder.copies().resolve("2026-05-30.zip")}) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                    .isEqualTo("rw-------");
        }
    }

    @Test
    void aPortThatIsTakenIsToldInASentence() throws IOException {
        try (ServerSocket taken = new ServerSocket(0)) {
            assertThatThrownBy(() -> new Opening().settled(folder(), "127.0.0.1", taken.getLocalPort()))
                    .isInstanceOf(CannotStart.class)
                    .hasMessageContaining("port %d".formatted(taken.getLocalPort()))
                    .hasMessageContaining("VANTBREEZE_PORT");
        }
    }

    @Test
    void aFolderThatCannotBeMadeIsToldInASentence() throws IOException {
        Files.writeString(place.resolve("cards"), "a file in its place");
        assertThatThrownBy(() -> opened(folder()))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("VANTBREEZE_DATA");
    }

    /** Damage of six kinds: what can be read is shown, the file is as it was, and the words name the newest copy. */
    @Test
    void ofADamagedDatabaseWhatCanBeReadIsShown() throws SQLException, IOException {
        DataFolder folder = withCards(12);
        Files.createDirectories(folder.copies());
        Files.writeString(folder.copies().resolve("2026-05-29.zip"), "");
        Files.writeString(folder.copies().resolve("2026-05-30.zip"), "");
        byte[] whole = Files.readAllBytes(folder.cards());
        Random random = new Random(5);
        for (int kind = 0; kind < 6; kind++) {
            byte[] damaged = whole.clone();
            switch (kind) {
                case 0 -> Arrays.fill(damaged, 0, 8192, (byte) 0);
                case 1 -> random.ints(8192, 0, 8192).forEach(at -> damaged[at] = (byte) random.nextInt());
                case 2 -> {
                    Arrays.fill(damaged, 0, 8192, (byte) 'x');
                    Arrays.fill(damaged, damaged.length - 4096, damaged.length, (byte) 0);
                }
                case 3 -> {
                    Arrays.fill(damaged, 0, 8192, (byte) 0);
                    random.ints(20, 8192, damaged.length).forEach(at -> damaged[at] ^= 0x40);
                }
                case 4 -> Arrays.fill(damaged, 0, damaged.length, (byte) 7);
                default -> System.arraycopy("dear diary".getBytes(StandardCharsets.UTF_8), 0, damaged, 0, 10);
            }
            Files.write(folder.cards(), damaged);
            Map<String, Object> settled = opened(folder);
            if (settled.containsKey("vantbreeze.access")) {
                assertThat(settled).as("kind %d", kind).containsEntry("vantbreeze.access", "DAMAGED");
                assertThat(Files.readAllBytes(folder.cards()))
                        .as("kind %d: the file is as it was", kind)
                        .isEqualTo(damaged);
                assertThat((String) settled.get("vantbreeze.access-words"))
                        .contains(folder.cards().toString())
                        .contains("restore " + folder.copies().resolve("2026-05-30.zip"));
                // what stood where the damage is, is gone: at the file's end two cards or so, all over the file some
                // more
                long[] least = {12, 12, 8, 4, 0, 12};
                assertThat(readable(settled)).as("kind %d", kind).isGreaterThanOrEqualTo(least[kind]);
            } else {
                // one of the two headers is enough for H2 to mend the other
                assertThat(kind).isEqualTo(5);
                try (Connection connection = Database.open(folder.cards());
                        ResultSet row = connection.createStatement().executeQuery("select count(*) from card")) {
                    row.next();
                    assertThat(row.getLong(1)).isEqualTo(12);
                }
            }
        }
    }

    @Test
    void whatIsShownOfADamagedDatabaseTakesNothing() throws SQLException, IOException {
        DataFolder folder = withCards(2);
        byte[] damaged = Files.readAllBytes(folder.cards());
        Arrays.fill(damaged, 0, 8192, (byte) 0);
        Files.write(folder.cards(), damaged);
        Map<String, Object> settled = opened(folder);
        try (Connection connection =
                DriverManager.getConnection((String) settled.get("spring.datasource.url"), "vantbreeze", "")) {
            assertThatThrownBy(() -> connection.createStatement().executeUpdate("delete from card"))
                    .isInstanceOf(SQLException.class)
                    .hasMessageContaining("read only");
        }
    }
}
