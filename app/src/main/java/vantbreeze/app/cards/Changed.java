package vantbreeze.app.cards;

/**
 * A card after an edit.
 *
 * @param words what changed, or what stopped it, for the maker; empty when there is nothing to say
 */
public record Changed(Card card, String words) {}
