package vantbreeze.app.safekeeping;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationState;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import vantbreeze.app.house.CannotStart;
import vantbreeze.app.house.DataFolder;

/**
 * Before the database of an earlier build is changed to the present schema it is copied as it is. One of a later build
 * is left alone.
 */
@Component
class CopyBeforeMigration implements FlywayMigrationStrategy {

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

    private final DataFolder folder;
    private final Clock clock;
    private final boolean onDisk;

    CopyBeforeMigration(DataFolder folder, Clock clock, @Value("${spring.datasource.url}") String url) {
        this.folder = folder;
        this.clock = clock;
        this.onDisk = url.startsWith("jdbc:h2:file:");
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfoService known = flyway.info();
        MigrationInfo current = known.current();
        if (current != null && current.getState().isFailed()) {
            throw new CannotStart(
                    ("The cards in %s were left half changed by an update. Put the newest before-schema "
                                    + "copy in its folder of copies back: ./vantbreeze restore FILE")
                            .formatted(folder.path()),
                    null);
        }
        if (current != null && current.getState() == MigrationState.FUTURE_SUCCESS) {
            throw new CannotStart(
                    ("The cards in %s were kept by a newer Vantbreeze, which this one can't read. Start "
                                    + "that one; nothing was changed.")
                            .formatted(folder.path()),
                    null);
        }
        if (onDisk && current != null && known.pending().length > 0) {
            copy(flyway.getConfiguration().getDataSource(), current.getVersion().getVersion());
        }
        flyway.migrate();
    }

    /** With H2's own BACKUP, which takes the file as it is, whatever its schema. */
    private void copy(DataSource store, String version) {
        Path file =
                folder.copies().resolve("before-schema-%s-%s.zip".formatted(version, MOMENT.format(clock.instant())));
        try (Connection connection = store.getConnection();
                Statement statement = connection.createStatement()) {
            Path beside = folder.beside(file);
            statement.execute("BACKUP TO '%s'".formatted(beside.toString().replace("'", "''")));
            folder.settle(beside, file);
        } catch (SQLException | IOException unable) {
            throw new CannotStart(
                    ("The cards can't be copied before they are brought to this version, so nothing was "
                                    + "changed. Is there room in %s?")
                            .formatted(folder.copies()),
                    unable);
        }
    }
}
