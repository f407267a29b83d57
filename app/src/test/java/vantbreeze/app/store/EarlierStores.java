package vantbreeze.app.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.flywaydb.core.Flyway;

/**
 * Makes the database files of earlier schemas that tests open: run once for each new schema, by hand, before the next
 * one is begun. They are kept for ever as they were made.
 */
final class EarlierStores {

    static final UUID CARD = UUID.fromString("0b5e6c9a-3c1d-4f57-9f6e-7d1f0c6a2b11");
    static final UUID PICTURE = UUID.fromString("6d0f2b7e-94a5-4c58-8f0b-2f6f7a9d3c22");
    static final UUID VERSION = UUID.fromString("c2a7d4f1-58e6-4b3a-a9c4-1e8b5d6f7a33");

    private EarlierStores() {}

    /** Into the folder named first, the file of the schema of the number named second. */
    public static void main(String[] arguments) throws SQLException, IOException {
        Path file = Path.of(arguments[0]).toAbsolutePath().resolve("schema-%s".formatted(arguments[1]));
        int schema = Integer.parseInt(arguments[1]);
        String url = "jdbc:h2:file:%s;DB_CLOSE_ON_EXIT=FALSE".formatted(file);
        Flyway.configure()
                .dataSource(url, "vantbreeze", "")
                .locations("classpath:db/migration")
                .target(arguments[1])
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, "vantbreeze", "")) {
            String document = document("plan-1.json");
            try (PreparedStatement insert = connection.prepareStatement(
                    "insert into card (id, revision, name, document, changed_at) values (?, 4, 'Kite "
                            + "over the mill', ?, timestamp with time zone '2026-03-01 09:30:00+00')")) {
                insert.setObject(1, CARD);
                insert.setString(2, document);
                insert.executeUpdate();
            }
            if (schema >= 2) {
                try (PreparedStatement insert = connection.prepareStatement(
                        "insert into card_version (id, card, name, document, made_at) values (?, ?, 'as "
                                + "first cut', ?, timestamp with time zone '2026-02-27 18:00:00+00')")) {
                    insert.setObject(1, VERSION);
                    insert.setObject(2, CARD);
                    insert.setString(3, document);
                    insert.executeUpdate();
                }
            }
            if (schema >= 3) {
                try (PreparedStatement insert =
                        connection.prepareStatement("insert into picture (id, content) values (?, ?)")) {
                    insert.setObject(1, PICTURE);
                    insert.setBytes(2, new byte[] {1, 2, 3});
                    insert.executeUpdate();
                }
            }
            try (Statement statement = connection.createStatement()) {
                statement.execute("SHUTDOWN COMPACT");
            }
        }
    }

    static String document(String name) throws IOException {
        return Files.readString(Path.of("src/test/resources/documents", name), StandardCharsets.UTF_8);
    }
}
