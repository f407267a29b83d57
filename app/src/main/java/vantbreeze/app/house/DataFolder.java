package vantbreeze.app.house;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * The folder in which everything of one maker's is kept. Nobody else on the machine can look into it, where the file
 * system knows of such things.
 *
 * @param path where it is
 */
public record DataFolder(Path path) {

    /** The database's file. */
    public static final String CARDS = "cards.mv.db";

    private static final Set<PosixFilePermission> ONLY_MINE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> ONLY_MINE_TO_ENTER = PosixFilePermissions.fromString("rwx------");
    private static final boolean POSIX =
            FileSystems.getDefault().supportedFileAttributeViews().contains("posix");

    /** Makes the folder if need be and closes it to others. */
    void open() throws IOException {
        Files.createDirectories(path);
        if (POSIX && Files.isWritable(path)) {
            Files.setPosixFilePermissions(path, ONLY_MINE_TO_ENTER);
            closeFiles();
        }
    }

    /** Closes every file in it to others. */
    void closeFiles() throws IOException {
        if (POSIX) {
            List<Path> files;
            try (Stream<Path> all = Files.walk(path, 2)) {
                files = all.filter(Files::isRegularFile).toList();
            }
            for (Path file : files) {
                Files.setPosixFilePermissions(file, ONLY_MINE);
            }
        }
    }

    /** Whether something can be written in it. */
    boolean isWritable() {
        Path probe = path.resolve(".probe-" + UUID.randomUUID());
        try {
            Files.createFile(probe);
            Files.delete(probe);
            return !Files.exists(cards()) || Files.isWritable(cards());
        } catch (IOException unable) {
            return false;
        }
    }

    /** The database's file, whether it is there or not. */
    public Path cards() {
        return path.resolve(CARDS);
    }

    /** The folder of copies that were made by themselves. */
    public Path copies() {
        return path.resolve("copies");
    }

    /** How many bytes can still be written there; plenty where that can't be told. */
    public long free() {
        try {
            return Files.getFileStore(path).getUsableSpace();
        } catch (IOException unknown) {
            return Long.MAX_VALUE;
        }
    }

    /** Writes a small file whole or not at all. */
    public void write(Path file, String text) throws IOException {
        Path beside = beside(file);
        Files.writeString(beside, text, StandardCharsets.UTF_8);
        settle(beside, file);
    }

    /** A file beside {@code file} to write into before it takes its place; closed to others. */
    public Path beside(Path file) throws IOException {
        Path parent = Objects.requireNonNull(file.getParent());
        if (!Files.isDirectory(parent)) {
            Files.createDirectories(
                    parent,
                    POSIX
                            ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(ONLY_MINE_TO_ENTER)}
                            : new FileAttribute<?>[0]);
        }
        Path beside = file.resolveSibling(file.getFileName() + ".part");
        Files.deleteIfExists(beside);
        return POSIX
                ? Files.createFile(beside, PosixFilePermissions.asFileAttribute(ONLY_MINE))
                : Files.createFile(beside);
    }

    /** Puts what was written on the disk, then in the place of {@code file}. */
    public void settle(Path beside, Path file) throws IOException {
        try (FileChannel written = FileChannel.open(beside, StandardOpenOption.WRITE)) {
            written.force(true);
        }
        try {
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException unable) {
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
