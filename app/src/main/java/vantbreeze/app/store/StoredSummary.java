package vantbreeze.app.store;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the list shows of a card, as it was last worked out.
 *
 * @param card which
 * @param madeOf what it was worked out of
 * @param facts what is read, as JSON
 * @param sketch what is drawn, as JSON; null when the card can't be opened
 */
public record StoredSummary(UUID card, String madeOf, String facts, @Nullable String sketch) {}
