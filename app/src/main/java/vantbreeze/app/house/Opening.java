package vantbreeze.app.house;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.h2.api.ErrorCode;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.event.ApplicationFailedEvent;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.boot.context.event.SpringApplicationEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Looks at the folder and the database before anything is started on them, and settles how the house is opened: as
 * ever, read-only where nothing can be written, or on what can be read of a damaged database. What stands in the way is
 * said in a sentence. The database stays open from the first look to the start, so that looking costs no second
 * opening.
 */
public final class Opening implements ApplicationListener<SpringApplicationEvent> {

    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private @Nullable Connection first;

    @Override
    public void onApplicationEvent(SpringApplicationEvent event) {
        if (event instanceof ApplicationEnvironmentPreparedEvent prepared) {
            ConfigurableEnvironment settings = prepared.getEnvironment();
            if (!settings.getProperty("spring.datasource.url", "").startsWith("jdbc:h2:file:")) {
                return;
            }
            Map<String, Object> settled = settled(
                    new DataFolder(Path.of(settings.getRequiredProperty("vantbreeze.data"))
                            .toAbsolutePath()),
                    settings.getProperty("server.address", "127.0.0.1"),
                    settings.getProperty("server.port", Integer.class, 8420));
            settings.getPropertySources().addFirst(new MapPropertySource("opening", settled));
        } else if (event instanceof ApplicationStartedEvent || event instanceof ApplicationFailedEvent) {
            close();
        }
    }

    /** How the house is to be opened, as settings. */
    Map<String, Object> settled(DataFolder folder, String address, int port) {
        Map<String, Object> settled = new HashMap<>();
        settled.put("vantbreeze.says-at-start", true);
        try {
            folder.open();
        } catch (IOException unable) {
            if (!Files.isReadable(folder.path())) {
                throw new CannotStart(
                        ("Cards can't be kept in %s: the folder can't be made or opened. Set "
                                        + "VANTBREEZE_DATA to a folder of yours and start again.")
                                .formatted(folder.path()),
                        unable);
            }
        }
        if (!folder.isWritable()) {
            readOnly(folder, settled);
        } else {
            open(folder, settled);
        }
        freePort(address, port);
        return settled;
    }

    private void open(DataFolder folder, Map<String, Object> settled) {
        try {
            first = Database.open(folder.cards());
            Database.readThrough(first);
            folder.closeFiles();
            settled.put("vantbreeze.housekeeping", true);
        } catch (SQLException unable) {
            close();
            if (unable.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
                throw new CannotStart(
                        "Another Vantbreeze has the cards in %s open already. Use its window, or stop it first."
                                .formatted(folder.path()),
                        unable);
            }
            damaged(folder, settled, unable);
        } catch (IOException unable) {
            throw new CannotStart(
                    "The files in %s can't be closed to others. Are they yours?".formatted(folder.path()), unable);
        }
    }

    private static void readOnly(DataFolder folder, Map<String, Object> settled) {
        if (!Files.exists(folder.cards())) {
            throw new CannotStart(
                    ("Cards can't be kept in %s: nothing can be written there. Set VANTBREEZE_DATA to a "
                                    + "folder of yours and start again.")
                            .formatted(folder.path()),
                    null);
        }
        settled.putAll(aside(
                folder,
                HouseState.Access.READ_ONLY,
                ("Nothing can be written in %s, so your cards are shown but not changed. Make the folder "
                                + "writable and start again.")
                        .formatted(folder.path())));
    }

    private static void damaged(DataFolder folder, Map<String, Object> settled, SQLException why) {
        LOG.warn("The database can't be opened: {}", why.getMessage());
        settled.putAll(aside(
                folder,
                HouseState.Access.DAMAGED,
                ("The file with your cards, %s, is damaged. What can be read of it is shown, and nothing "
                                + "is changed. To go on, stop Vantbreeze and put a copy back: ./vantbreeze restore %s")
                        .formatted(folder.cards(), newestCopy(folder))));
    }

    private static String newestCopy(DataFolder folder) {
        try (var copies = Files.list(folder.copies())) {
            return copies.map(Path::toString)
                    .filter(name -> name.matches(".*/\\d{4}-\\d\\d-\\d\\d\\.zip"))
                    .max(String::compareTo)
                    .orElse("FILE");
        } catch (IOException none) {
            return "FILE";
        }
    }

    /** What can be read, laid in a folder of its own that nothing is written to. */
    private static Map<String, Object> aside(DataFolder folder, HouseState.Access access, String words) {
        try {
            Path copy = Salvage.of(folder.cards());
            return Map.of(
                    "vantbreeze.access",
                    access.name(),
                    "vantbreeze.access-words",
                    words,
                    "spring.flyway.enabled",
                    false,
                    "spring.datasource.url",
                    Database.url(copy) + ";ACCESS_MODE_DATA=r");
        } catch (IOException | SQLException unable) {
            throw new CannotStart(
                    words + " There is no room in the folder for temporary files to show them from.", unable);
        }
    }

    private static void freePort(String address, int port) {
        if (port == 0) {
            return;
        }
        try (ServerSocket probe = new ServerSocket()) {
            probe.setReuseAddress(true);
            probe.bind(new InetSocketAddress(InetAddress.getByName(address), port));
        } catch (IOException taken) {
            throw new CannotStart(
                    String.format(
                            Locale.ROOT,
                            "Vantbreeze can't listen at %s, port %d: %s. Stop what listens there, or set "
                                    + "VANTBREEZE_PORT to another number.",
                            address,
                            port,
                            taken.getMessage()),
                    taken);
        }
    }

    void close() {
        try {
            if (first != null) {
                first.close();
                first = null;
            }
        } catch (SQLException unable) {
            LOG.debug("the first look at the database", unable);
        }
    }
}
