package vantbreeze.app.safekeeping;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import javax.sql.DataSource;
import org.flywaydb.core.api.FlywayException;
import org.h2.api.ErrorCode;
import vantbreeze.app.house.CannotStart;
import vantbreeze.app.house.DataFolder;
import vantbreeze.app.house.Database;

/**
 * {@code backup FILE}, {@code restore FILE} and {@code passcode} from the command line, with the house closed or, for a
 * backup, running.
 */
public final class Command {

    private static final DateTimeFormatter MOMENT =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);

    private final DataFolder folder;

    private Command(DataFolder folder) {
        this.folder = folder;
    }

    /**
     * Does what a word says.
     *
     * @return the exit status: 0 when it was done
     */
    public static int run(String word, List<String> arguments) {
        String path = System.getenv("VANTBREEZE_DATA");
        DataFolder folder = new DataFolder(
                path == null || path.isBlank()
                        ? Path.of(System.getProperty("user.home"), ".local", "share", "vantbreeze")
                        : Path.of(path).toAbsolutePath());
        Command command = new Command(folder);
        try {
            if (word.equals("backup") && arguments.size() == 1) {
                command.backup(Path.of(arguments.get(0)).toAbsolutePath());
            } else if (word.equals("restore")
                    && (arguments.size() == 1
                            || (arguments.size() == 2 && arguments.get(1).equals("--yes")))) {
                command.restore(Path.of(arguments.get(0)).toAbsolutePath(), arguments.size() == 2);
            } else if (word.equals("passcode") && arguments.isEmpty()) {
                NewPasscode.ask(folder);
            } else {
                System.err.println("Say backup FILE, restore FILE, or passcode.");
                return 2;
            }
            return 0;
        } catch (CannotStart | UnreadableBackup said) {
            System.err.println(said.getMessage());
        } catch (IOException | SQLException | FlywayException unable) {
            System.err.println("That could not be done: " + unable.getMessage());
        }
        return 1;
    }

    private void backup(Path file) throws IOException, SQLException {
        if (!Files.exists(folder.cards())) {
            throw new CannotStart("There are no cards in %s yet.".formatted(folder.path()), null);
        }
        Path beside = Files.createTempFile(file.getParent(), ".vantbreeze", ".part");
        try {
            DataSource store = Database.source(folder.cards());
            try (OutputStream out = Files.newOutputStream(beside)) {
                Database.migrate(store);
                new BackupWriter(store).write(out, Instant.now());
            } catch (SQLException | FlywayException inUse) {
                if (!isOpenElsewhere(inUse)) {
                    throw inUse;
                }
                Files.write(beside, asked());
            }
            Backup.open(beside).close();
            folder.settle(beside, file);
            System.out.println("Everything is in %s".formatted(file));
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** The running house writes its own. */
    private byte[] asked() throws IOException {
        try {
            String address = Files.readString(folder.path().resolve("address")).strip();
            HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(address + "/api/backup"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() == 200) {
                return answer.body();
            }
        } catch (IOException | IllegalArgumentException unknown) {
            // said below
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        throw new CannotStart(
                "Vantbreeze is running on these cards. Press \"Back up\" in its window, or stop it first.", null);
    }

    private void restore(Path file, boolean yes) throws IOException, SQLException {
        Files.createDirectories(folder.copies());
        Path read = asBackup(file);
        try (Backup backup = Backup.open(read)) {
            DataSource store = store();
            Restoring restoring = new Restoring(store);
            RestorePlan plan = restoring.planned(backup);
            System.out.println(words(plan));
            if (plan.isNothing() || (!yes && !isWanted())) {
                System.out.println("Nothing was changed.");
                return;
            }
            Path undo = folder.copies().resolve("before-restore-%s.zip".formatted(MOMENT.format(Instant.now())));
            new BackupWriter(store).write(folder, undo, Instant.now());
            restoring.done(backup, Instant.now());
            System.out.println("It is put back. To undo that: ./vantbreeze restore %s".formatted(undo));
        } finally {
            if (!read.equals(file)) {
                Files.deleteIfExists(read);
            }
        }
    }

    /**
     * A copy made before a migration holds the database's file itself: it is brought to the present schema beside, and
     * read from there.
     */
    private Path asBackup(Path file) throws IOException, SQLException {
        if (!Files.exists(file)) {
            throw new UnreadableBackup("There is no file %s.".formatted(file));
        }
        Path cards;
        Path room = Files.createTempDirectory(folder.path(), ".restore");
        try {
            try (ZipFile zip = new ZipFile(file.toFile())) {
                if (zip.getEntry(DataFolder.CARDS) == null) {
                    return file;
                }
                cards = room.resolve(DataFolder.CARDS);
                Files.copy(
                        zip.getInputStream(zip.getEntry(DataFolder.CARDS)), cards, StandardCopyOption.REPLACE_EXISTING);
            } catch (ZipException noZip) {
                return file;
            }
            DataSource old = Database.source(cards);
            Database.migrate(old);
            Path backup = Files.createTempFile(folder.path(), ".restore", ".zip");
            try (OutputStream out = Files.newOutputStream(backup)) {
                new BackupWriter(old).write(out, Files.getLastModifiedTime(file).toInstant());
            }
            return backup;
        } finally {
            try (var files = Files.list(room)) {
                for (Path one : files.toList()) {
                    Files.deleteIfExists(one);
                }
            }
            Files.delete(room);
        }
    }

    /** The present cards; when their file is damaged it is laid aside and new ones are begun. */
    private DataSource store() throws IOException {
        DataSource store = Database.source(folder.cards());
        try {
            Database.migrate(store);
            return store;
        } catch (FlywayException unable) {
            if (isOpenElsewhere(unable)) {
                throw new CannotStart(
                        "Vantbreeze is running on these cards. Put the backup back in its window, under "
                                + "Safe keeping, or stop it first.",
                        unable);
            }
            Path aside = folder.path().resolve("damaged-%s.mv.db".formatted(MOMENT.format(Instant.now())));
            Files.move(folder.cards(), aside);
            System.out.println("The damaged file is kept as %s.".formatted(aside));
            Database.migrate(store);
            return store;
        }
    }

    private static boolean isOpenElsewhere(Throwable unable) {
        for (Throwable cause = unable; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException known && known.getErrorCode() == ErrorCode.DATABASE_ALREADY_OPEN_1) {
                return true;
            }
        }
        return false;
    }

    private static boolean isWanted() throws IOException {
        System.out.print("Put it back? Type yes: ");
        System.out.flush();
        String answer = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
        return answer != null && answer.strip().equalsIgnoreCase("yes");
    }

    private static String words(RestorePlan plan) {
        return String.format(
                Locale.ROOT,
                "A backup of %s with %d cards. Putting it back brings back %d, changes %d to what they were "
                        + "then, puts %d aside for 30 days and leaves %d as they are%s.",
                plan.made(),
                plan.cards(),
                plan.back().size(),
                plan.changed().size(),
                plan.aside().size(),
                plan.same(),
                plan.stock() ? "; tools and stock become what they were then" : "");
    }
}
