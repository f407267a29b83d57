package vantbreeze.app.store;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A card as the list reads it, without its document.
 *
 * @param deletedAt when it was put aside, or null
 * @param madeOf what its summary was worked out of; null when there is none
 * @param facts its summary's facts, as JSON
 */
public record ListedCard(
        UUID id,
        int revision,
        String name,
        Instant changedAt,
        @Nullable Instant deletedAt,
        @Nullable String madeOf,
        @Nullable String facts) {}
