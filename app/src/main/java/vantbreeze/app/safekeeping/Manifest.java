package vantbreeze.app.safekeeping;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is in a backup, the file {@code manifest.json} in it.
 *
 * @param format always {@link #FORMAT}
 * @param version of the backup's layout
 * @param made when
 * @param cards every card, with those that were put aside
 * @param pictures ids of makers' own pictures
 * @param files every other file in the backup, with its size and checksum
 */
record Manifest(
        String format, int version, Instant made, List<KeptCard> cards, List<UUID> pictures, Map<String, Sum> files) {

    static final String FORMAT = "vantbreeze-backup";
    static final int VERSION = 1;
    static final String NAME = "manifest.json";
    static final String STOCK = "stock.json";

    /**
     * A card; its document lies beside.
     *
     * @param wraps the card that it goes round; null of a card that is no wrap
     */
    record KeptCard(
            UUID id,
            int revision,
            String name,
            Instant changedAt,
            @Nullable Instant deletedAt,
            @Nullable UUID wraps,
            List<KeptVersion> versions) {

        String file() {
            return "cards/%s.json".formatted(id);
        }
    }

    /** A version of a card; its document lies beside. */
    record KeptVersion(UUID id, String name, Instant madeAt) {

        String file() {
            return "versions/%s.json".formatted(id);
        }
    }

    /**
     * How a file is told to be whole.
     *
     * @param bytes its size
     * @param sha256 its SHA-256 (FIPS 180-4), in hexadecimal
     */
    record Sum(long bytes, String sha256) {}

    /** How it is read and written. */
    static ObjectMapper json() {
        return new ObjectMapper()
                .registerModule(new JavaTimeModule())
                .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);
    }

    /** How far a card is built, where anything of it is. */
    static String progress(UUID card) {
        return "progress/%s.json".formatted(card);
    }

    static String picture(UUID id) {
        return "pictures/%s.png".formatted(id);
    }
}
