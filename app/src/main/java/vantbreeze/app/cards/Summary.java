package vantbreeze.app.cards;

import org.jspecify.annotations.Nullable;

/**
 * What the list shows of a card, ready to be sent.
 *
 * @param facts what is read of it, as JSON
 * @param sketch what is drawn of it, as JSON; null when it can't be opened
 */
public record Summary(String facts, @Nullable String sketch) {}
