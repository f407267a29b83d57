package vantbreeze.app.cards;

/**
 * A card's document as it is kept.
 *
 * @param name what the card is called
 * @param text the document, which may be of a newer version
 */
public record CardDocument(String name, String text) {}
