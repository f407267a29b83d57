package vantbreeze.app.api;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A card in a list.
 *
 * @param deletedAt when it was put aside
 * @param goneAt until when it can be brought back
 * @param facts what is read of it; left out while that is still being worked out
 */
public record CardRowView(
        UUID id,
        int revision,
        String name,
        Instant changedAt,
        @Nullable Instant deletedAt,
        @Nullable Instant goneAt,
        @Nullable FactsView facts) {

    /**
     * What is read of a card.
     *
     * @param problem why it can't be opened; then the rest is left out
     * @param wrong how many findings keep it from being made
     */
    public record FactsView(
            @Nullable String problem,
            @Nullable String structureName,
            @Nullable SizeView footprint,
            @Nullable String envelope,
            long wrong) {}
}
