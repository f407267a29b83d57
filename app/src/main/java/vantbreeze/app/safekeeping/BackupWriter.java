package vantbreeze.app.safekeeping;

import static java.util.Objects.requireNonNull;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.house.DataFolder;
import vantbreeze.app.safekeeping.Manifest.KeptCard;
import vantbreeze.app.safekeeping.Manifest.KeptVersion;
import vantbreeze.app.safekeeping.Manifest.Sum;

/** Writes everything that is kept, as of one moment, into one ZIP file. */
final class BackupWriter {

    private final DataSource store;
    private final Map<String, Sum> files = new LinkedHashMap<>();

    BackupWriter(DataSource store) {
        this.store = store;
    }

    /** Writes it into a file, whole or not at all. */
    void write(DataFolder folder, Path file, Instant now) throws IOException, SQLException {
        Path beside = folder.beside(file);
        try (OutputStream out = Files.newOutputStream(beside)) {
            write(out, now);
        }
        folder.settle(beside, file);
    }

    /** Writes it to {@code out}, which is left open. */
    void write(OutputStream out, Instant now) throws IOException, SQLException {
        try (Connection connection = store.getConnection()) {
            connection.setAutoCommit(false);
            // what is changed meanwhile is not half in it
            connection.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
            connection.setReadOnly(true);
            ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            Map<UUID, List<KeptVersion>> versions = versions(connection, zip);
            List<KeptCard> cards = cards(connection, zip, versions);
            progress(connection, zip);
            stock(connection, zip);
            List<UUID> pictures = pictures(connection, zip);
            zip.putNextEntry(new ZipEntry(Manifest.NAME));
            zip.write(Manifest.json()
                    .writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(new Manifest(Manifest.FORMAT, Manifest.VERSION, now, cards, pictures, files)));
            zip.closeEntry();
            zip.finish();
            connection.rollback();
        }
    }

    private Map<UUID, List<KeptVersion>> versions(Connection connection, ZipOutputStream zip)
            throws SQLException, IOException {
        Map<UUID, List<KeptVersion>> versions = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select id, card, name, made_at, document from card_version order by made_at, id")) {
            while (row.next()) {
                KeptVersion version = new KeptVersion(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        requireNonNull(instant(row, "made_at")));
                versions.computeIfAbsent(row.getObject("card", UUID.class), card -> new ArrayList<>())
                        .add(version);
                put(zip, version.file(), row.getString("document").getBytes(StandardCharsets.UTF_8));
            }
        }
        return versions;
    }

    private List<KeptCard> cards(Connection connection, ZipOutputStream zip, Map<UUID, List<KeptVersion>> versions)
            throws SQLException, IOException {
        List<KeptCard> cards = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select id, revision, name, changed_at, deleted_at, wraps, document from card order by "
                                + "changed_at, id")) {
            while (row.next()) {
                UUID id = row.getObject("id", UUID.class);
                KeptCard card = new KeptCard(
                        id,
                        row.getInt("revision"),
                        row.getString("name"),
                        requireNonNull(instant(row, "changed_at")),
                        instant(row, "deleted_at"),
                        row.getObject("wraps", UUID.class),
                        versions.getOrDefault(id, List.of()));
                cards.add(card);
                put(zip, card.file(), row.getString("document").getBytes(StandardCharsets.UTF_8));
            }
        }
        return cards;
    }

    private void progress(Connection connection, ZipOutputStream zip) throws SQLException, IOException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select card, document from progress order by card")) {
            while (row.next()) {
                put(
                        zip,
                        Manifest.progress(row.getObject("card", UUID.class)),
                        row.getString("document").getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    private void stock(Connection connection, ZipOutputStream zip) throws SQLException, IOException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select document from stock where id = 1")) {
            if (row.next()) {
                put(zip, Manifest.STOCK, row.getString("document").getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    /** One at a time: together they can be larger than the memory there is. */
    private List<UUID> pictures(Connection connection, ZipOutputStream zip) throws SQLException, IOException {
        List<UUID> ids = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select id from picture order by id")) {
            while (row.next()) {
                ids.add(row.getObject("id", UUID.class));
            }
        }
        try (PreparedStatement one = connection.prepareStatement("select content from picture where id = ?")) {
            for (UUID id : ids) {
                one.setObject(1, id);
                try (ResultSet row = one.executeQuery()) {
                    row.next();
                    put(zip, Manifest.picture(id), row.getBytes("content"));
                }
            }
        }
        return ids;
    }

    private void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        files.put(name, new Sum(content.length, sha256(content)));
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    static String sha256(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException("every Java has SHA-256", never);
        }
    }

    private static @Nullable Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime time = row.getObject(column, OffsetDateTime.class);
        return time == null ? null : time.toInstant();
    }
}
