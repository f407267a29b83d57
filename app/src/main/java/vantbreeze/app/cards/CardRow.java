package vantbreeze.app.cards;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A card in a list.
 *
 * @param id which
 * @param revision goes up with each change
 * @param name what it is called
 * @param changedAt when it was last changed
 * @param deletedAt when it was put aside; null while it is in the drawer
 * @param facts what is read of it, as JSON; null while that is being worked out
 */
public record CardRow(
        UUID id, int revision, String name, Instant changedAt, @Nullable Instant deletedAt, @Nullable String facts) {}
