package vantbreeze.app.safekeeping;

import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.safekeeping.Manifest.KeptCard;
import vantbreeze.app.safekeeping.Manifest.KeptVersion;

/**
 * Puts a backup back: every card in it becomes what it was then, cards that were not there then are put aside, where
 * they stay for thirty days, and versions and pictures come back beside those that there are. All of it or nothing.
 */
final class Restoring {

    private final DataSource store;

    Restoring(DataSource store) {
        this.store = store;
    }

    /** A card as it is now. */
    private record Present(int revision, String name, String document, boolean deleted) {}

    /** What it would do; nothing is changed. */
    RestorePlan planned(Backup backup) throws SQLException, IOException {
        try (Connection connection = store.getConnection()) {
            return run(backup, connection, null);
        }
    }

    /** Does it, and says what was done. */
    RestorePlan done(Backup backup, Instant now) throws SQLException, IOException {
        try (Connection connection = store.getConnection()) {
            connection.setAutoCommit(false);
            try {
                RestorePlan done = run(backup, connection, now);
                connection.commit();
                connection.setAutoCommit(true);
                try (Statement statement = connection.createStatement()) {
                    statement.execute("CHECKPOINT SYNC");
                }
                return done;
            } catch (SQLException | IOException | RuntimeException unable) {
                connection.rollback();
                connection.setAutoCommit(true);
                throw unable;
            }
        }
    }

    private RestorePlan run(Backup backup, Connection connection, @Nullable Instant now)
            throws SQLException, IOException {
        Manifest manifest = backup.manifest();
        Map<UUID, Present> present = present(connection);
        List<String> back = new ArrayList<>();
        List<String> changed = new ArrayList<>();
        int same = 0;
        Set<UUID> theirs = new HashSet<>();
        for (KeptCard card : manifest.cards()) {
            theirs.add(card.id());
            Present here = present.get(card.id());
            String document = backup.document(card);
            boolean wasDeleted = card.deletedAt() != null;
            if (here != null && here.deleted == wasDeleted && here.document.equals(document)) {
                same += wasDeleted ? 0 : 1;
                continue;
            }
            if (!wasDeleted) {
                (here == null || here.deleted ? back : changed).add(card.name());
            }
            if (now != null) {
                put(connection, card, here, document);
            }
        }
        List<String> aside = new ArrayList<>();
        for (var here : present.entrySet()) {
            if (!theirs.contains(here.getKey()) && !here.getValue().deleted) {
                aside.add(here.getValue().name);
                if (now != null) {
                    putAside(connection, here.getKey(), now);
                }
            }
        }
        if (now != null) {
            progress(backup, connection);
        }
        return new RestorePlan(
                manifest.made(),
                (int) manifest.cards().stream()
                        .filter(card -> card.deletedAt() == null)
                        .count(),
                back,
                changed,
                aside,
                same,
                stock(backup, connection, now),
                versions(backup, connection, now),
                pictures(backup, connection, now));
    }

    private static Map<UUID, Present> present(Connection connection) throws SQLException {
        Map<UUID, Present> present = new HashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select id, revision, name, document, deleted_at from card")) {
            while (row.next()) {
                present.put(
                        row.getObject("id", UUID.class),
                        new Present(
                                row.getInt("revision"),
                                row.getString("name"),
                                row.getString("document"),
                                row.getObject("deleted_at") != null));
            }
        }
        return present;
    }

    /** Its revision goes beyond both, so that a window that looks at the card notices. */
    private static void put(Connection connection, KeptCard card, @Nullable Present here, String document)
            throws SQLException {
        int revision = here == null ? card.revision() : Math.max(here.revision, card.revision()) + 1;
        try (PreparedStatement merge = connection.prepareStatement(
                "merge into card (id, revision, name, document, changed_at, deleted_at, wraps) key (id) values "
                        + "(?, ?, ?, ?, ?, ?, ?)")) {
            merge.setObject(1, card.id());
            merge.setInt(2, revision);
            merge.setString(3, card.name());
            merge.setString(4, document);
            merge.setObject(5, at(card.changedAt()));
            merge.setObject(6, at(card.deletedAt()));
            merge.setObject(7, card.wraps());
            merge.executeUpdate();
        }
    }

    private static void putAside(Connection connection, UUID card, Instant now) throws SQLException {
        try (PreparedStatement update =
                connection.prepareStatement("update card set deleted_at = ?, revision = revision + 1 where id = ?")) {
            update.setObject(1, at(now));
            update.setObject(2, card);
            update.executeUpdate();
        }
    }

    /** Every card is built as far as it was then. */
    private static void progress(Backup backup, Connection connection) throws SQLException, IOException {
        for (KeptCard card : backup.manifest().cards()) {
            Optional<String> document = backup.progress(card);
            try (PreparedStatement put = connection.prepareStatement(
                    document.isPresent()
                            ? "merge into progress (card, document) key (card) values (?, ?)"
                            : "delete from progress where card = ?")) {
                put.setObject(1, card.id());
                if (document.isPresent()) {
                    put.setString(2, document.get());
                }
                put.executeUpdate();
            }
        }
    }

    private static boolean stock(Backup backup, Connection connection, @Nullable Instant now)
            throws SQLException, IOException {
        Optional<String> theirs = backup.stock();
        Optional<String> ours = Optional.empty();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("select document from stock where id = 1")) {
            if (row.next()) {
                ours = Optional.of(row.getString(1));
            }
        }
        if (theirs.equals(ours)) {
            return false;
        }
        if (now != null) {
            try (PreparedStatement put = connection.prepareStatement(
                    theirs.isPresent()
                            ? "merge into stock (id, document) key (id) values (1, ?)"
                            : "delete from stock")) {
                if (theirs.isPresent()) {
                    put.setString(1, theirs.get());
                }
                put.executeUpdate();
            }
        }
        return true;
    }

    private static int versions(Backup backup, Connection connection, @Nullable Instant now)
            throws SQLException, IOException {
        Set<UUID> ours = ids(connection, "select id from card_version");
        int missing = 0;
        for (KeptCard card : backup.manifest().cards()) {
            for (KeptVersion version : card.versions()) {
                if (!ours.contains(version.id())) {
                    missing++;
                    if (now != null) {
                        try (PreparedStatement insert = connection.prepareStatement(
                                "insert into card_version (id, card, name, document, made_at) "
                                        + "values (?, ?, ?, ?, ?)")) {
                            insert.setObject(1, version.id());
                            insert.setObject(2, card.id());
                            insert.setString(3, version.name());
                            insert.setString(4, backup.document(version));
                            insert.setObject(5, at(version.madeAt()));
                            insert.executeUpdate();
                        }
                    }
                }
            }
        }
        return missing;
    }

    private static int pictures(Backup backup, Connection connection, @Nullable Instant now)
            throws SQLException, IOException {
        Set<UUID> ours = ids(connection, "select id from picture");
        int missing = 0;
        for (UUID id : backup.manifest().pictures()) {
            if (!ours.contains(id)) {
                missing++;
                if (now != null) {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "insert into picture (id, content, kept_at) values (?, ?, ?)")) {
                        insert.setObject(1, id);
                        insert.setBytes(2, backup.picture(id));
                        insert.setObject(3, at(now));
                        insert.executeUpdate();
                    }
                }
            }
        }
        return missing;
    }

    private static Set<UUID> ids(Connection connection, String query) throws SQLException {
        Set<UUID> ids = new HashSet<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(query)) {
            while (row.next()) {
                ids.add(row.getObject(1, UUID.class));
            }
        }
        return ids;
    }

    private static @Nullable OffsetDateTime at(@Nullable Instant time) {
        return time == null ? null : time.atOffset(ZoneOffset.UTC);
    }
}
