package vantbreeze.app.safekeeping;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * A backup as it is read. It is looked through once when it is opened: every file that its manifest names is there, as
 * large as it says and with the same checksum, and nothing else is.
 */
final class Backup implements AutoCloseable {

    /** Largest document and manifest in it, bytes; more than can have been written. */
    private static final int LARGEST = 32 * 1024 * 1024;

    private static final int MOST_FILES = 200_000;

    private final ZipFile zip;
    private final Manifest manifest;

    private Backup(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /** @throws UnreadableBackup in words for the maker */
    static Backup open(Path file) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException | IllegalArgumentException noZip) {
            throw new UnreadableBackup(
                    "That file is no backup, or it is not whole. Choose one that was saved from here, "
                            + "named like vantbreeze-2026-05-30.zip.");
        }
        try {
            Backup backup = new Backup(zip, manifest(zip));
            backup.check();
            return backup;
        } catch (IOException | RuntimeException unreadable) {
            zip.close();
            if (unreadable instanceof UnreadableBackup known) {
                throw known;
            }
            throw damaged("it can't be read to its end");
        }
    }

    private static Manifest manifest(ZipFile zip) throws IOException {
        if (zip.size() > MOST_FILES || zip.getEntry(Manifest.NAME) == null) {
            throw new UnreadableBackup(
                    "That file is no backup of Vantbreeze. Choose one that was saved from here, named "
                            + "like vantbreeze-2026-05-30.zip.");
        }
        Manifest manifest = Manifest.json().readValue(bytes(zip, Manifest.NAME), Manifest.class);
        if (!Manifest.FORMAT.equals(manifest.format())
                || manifest.cards() == null
                || manifest.files() == null
                || manifest.pictures() == null
                || manifest.made() == null) {
            throw new UnreadableBackup(
                    "That file is no backup of Vantbreeze. Choose one that was saved from here, named "
                            + "like vantbreeze-2026-05-30.zip.");
        }
        if (manifest.version() > Manifest.VERSION) {
            throw new UnreadableBackup("This backup is from a newer Vantbreeze. Update, then put it back.");
        }
        return manifest;
    }

    private void check() throws IOException {
        if (zip.size() != manifest.files().size() + 1) {
            throw damaged("it holds other files than it says");
        }
        for (var file : manifest.files().entrySet()) {
            if (!isWhole(file.getKey(), file.getValue())) {
                throw damaged("%s in it is not as it was written".formatted(file.getKey()));
            }
        }
        boolean complete = manifest.cards().stream()
                        .allMatch(card -> manifest.files().containsKey(card.file())
                                && card.versions().stream()
                                        .allMatch(version -> manifest.files().containsKey(version.file())))
                && manifest.pictures().stream().allMatch(id -> manifest.files().containsKey(Manifest.picture(id)));
        if (!complete) {
            throw damaged("a card that it names is not in it");
        }
    }

    private boolean isWhole(String name, Manifest.Sum sum) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null || sum.bytes() > LARGEST) {
            return false;
        }
        byte[] content = bytes(zip, name);
        return content.length == sum.bytes() && BackupWriter.sha256(content).equals(sum.sha256());
    }

    private static UnreadableBackup damaged(String how) {
        return new UnreadableBackup("That backup is damaged: %s. Nothing was changed. Try another one.".formatted(how));
    }

    Manifest manifest() {
        return manifest;
    }

    String document(Manifest.KeptCard card) throws IOException {
        return text(card.file());
    }

    String document(Manifest.KeptVersion version) throws IOException {
        return text(version.file());
    }

    /** How far a card was built; nothing where nothing of it was. */
    Optional<String> progress(Manifest.KeptCard card) throws IOException {
        String name = Manifest.progress(card.id());
        return manifest.files().containsKey(name) ? Optional.of(text(name)) : Optional.empty();
    }

    Optional<String> stock() throws IOException {
        return manifest.files().containsKey(Manifest.STOCK) ? Optional.of(text(Manifest.STOCK)) : Optional.empty();
    }

    byte[] picture(UUID id) throws IOException {
        return bytes(zip, Manifest.picture(id));
    }

    private String text(String name) throws IOException {
        return new String(bytes(zip, name), StandardCharsets.UTF_8);
    }

    /** No more of a file than can have been written, whatever it unpacks to. */
    private static byte[] bytes(ZipFile zip, String name) throws IOException {
        try (InputStream in = zip.getInputStream(zip.getEntry(name))) {
            byte[] content = in.readNBytes(LARGEST + 1);
            if (content.length > LARGEST) {
                throw damaged("%s in it is too large".formatted(name));
            }
            return content;
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
