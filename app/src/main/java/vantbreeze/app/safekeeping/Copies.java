package vantbreeze.app.safekeeping;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.springframework.stereotype.Service;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.house.DataFolder;
import vantbreeze.app.stock.StockRoom;

/** Backups: written out, kept in the folder of copies, looked at and put back. One is made or put back at a time. */
@Service
public class Copies {

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss-SSS", Locale.ROOT).withZone(ZoneOffset.UTC);

    private final DataSource store;
    private final DataFolder folder;
    private final Drawer drawer;
    private final StockRoom stock;
    private final Clock clock;

    Copies(DataSource store, DataFolder folder, Drawer drawer, StockRoom stock, Clock clock) {
        this.store = store;
        this.folder = folder;
        this.drawer = drawer;
        this.stock = stock;
        this.clock = clock;
    }

    /** What was put back, and the copy that undoes it. */
    public record Restored(RestorePlan done, String undo) {}

    /** Writes everything into {@code out}. */
    public void write(OutputStream out) throws IOException {
        try {
            new BackupWriter(store).write(out, clock.instant());
        } catch (SQLException unreadable) {
            throw new IOException("the cards can't be read", unreadable);
        }
    }

    /** The name that a backup of today is saved under. */
    public String todaysName() {
        return "vantbreeze-%s.zip".formatted(today());
    }

    /** Makes today's copy unless it is made; whether it was made now. */
    public synchronized boolean daily() throws IOException {
        String name = today() + ".zip";
        if (Files.exists(folder.copies().resolve(name))) {
            return false;
        }
        keep(name);
        tidy();
        return true;
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private void keep(String name) throws IOException {
        try {
            new BackupWriter(store).write(folder, folder.copies().resolve(name), clock.instant());
        } catch (SQLException unreadable) {
            throw new IOException("the cards can't be read", unreadable);
        }
    }

    /** All copies, the newest first. */
    public List<Copy> all() {
        if (!Files.isDirectory(folder.copies())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder.copies())) {
            return files.map(Copies::copy)
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Copy::made)
                            .thenComparing(Copy::name)
                            .reversed())
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Optional<Copy> copy(Path file) {
        String name = file.getFileName().toString();
        return Arrays.stream(Copy.Why.values())
                .filter(why -> why.names(name))
                .findFirst()
                .flatMap(why -> {
                    try {
                        return Optional.of(new Copy(
                                name, why, Files.getLastModifiedTime(file).toInstant(), Files.size(file)));
                    } catch (IOException gone) {
                        return Optional.empty();
                    }
                });
    }

    /** A copy's file. */
    public Optional<Path> file(String name) {
        return all().stream()
                .filter(copy -> copy.name().equals(name))
                .findFirst()
                .map(copy -> folder.copies().resolve(copy.name()));
    }

    /**
     * Takes in a backup to be put back.
     *
     * @return the copy that it is now
     * @throws UnreadableBackup in words for the maker; then nothing of it is kept
     */
    public synchronized Copy bring(InputStream content) throws IOException {
        Path file = folder.copies().resolve("brought-%s.zip".formatted(MOMENT.format(clock.instant())));
        Path beside = folder.beside(file);
        try {
            Files.copy(content, beside, StandardCopyOption.REPLACE_EXISTING);
            Backup.open(beside).close();
            folder.settle(beside, file);
        } finally {
            Files.deleteIfExists(beside);
        }
        tidy();
        return copy(file).orElseThrow();
    }

    /** What putting a copy back would do. */
    public RestorePlan planned(Path file) throws IOException {
        try (Backup backup = Backup.open(file)) {
            return new Restoring(store).planned(backup);
        } catch (SQLException unable) {
            throw new IOException("the cards can't be read", unable);
        }
    }

    /** Puts a copy back. Everything as it is now is kept as a copy first. */
    public synchronized Restored restore(Path file) throws IOException {
        Instant now = clock.instant();
        String undo = "before-restore-%s.zip".formatted(MOMENT.format(now));
        try (Backup backup = Backup.open(file)) {
            keep(undo);
            RestorePlan done = new Restoring(store).done(backup, now);
            return new Restored(done, undo);
        } catch (SQLException unable) {
            throw new UnreadableBackup(
                    "That backup could not be put back, and everything is as it was before. It may have "
                            + "been changed by hand.");
        } finally {
            drawer.letGo();
            stock.lookAgain();
            tidy();
        }
    }

    /** Only so many of each kind are kept, the newest. */
    private void tidy() {
        for (Copy.Why why : Copy.Why.values()) {
            all().stream()
                    .filter(copy -> copy.why() == why)
                    .sorted(Comparator.comparing(Copy::name).reversed())
                    .skip(why.kept())
                    .forEach(copy -> {
                        try {
                            Files.deleteIfExists(folder.copies().resolve(copy.name()));
                        } catch (IOException inUse) {
                            throw new UncheckedIOException(inUse);
                        }
                    });
        }
    }
}
