package vantbreeze.app.safekeeping;

import java.time.Instant;

/**
 * A backup that lies in the folder of copies.
 *
 * @param name its file's name
 * @param why why it was made
 * @param made when
 * @param bytes how large it is
 */
public record Copy(String name, Why why, Instant made, long bytes) {

    /** What a copy was made for. */
    public enum Why {
        /** The first use of a day. */
        DAY("\\d{4}-\\d\\d-\\d\\d", 10),
        /** A backup was about to be put back. */
        BEFORE_RESTORE("before-restore-[0-9-]+", 5),
        /** The database was about to be changed by a newer build. */
        BEFORE_MIGRATION("before-schema-[0-9-]+", 5),
        /** It was brought here to be put back. */
        BROUGHT("brought-[0-9-]+", 2);

        private final String pattern;
        private final int kept;

        Why(String pattern, int kept) {
            this.pattern = pattern + "\\.zip";
            this.kept = kept;
        }

        boolean names(String file) {
            return file.matches(pattern);
        }

        /** How many are kept. */
        int kept() {
            return kept;
        }
    }
}
