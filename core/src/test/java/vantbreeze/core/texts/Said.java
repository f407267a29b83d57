package vantbreeze.core.texts;

/**
 * Something that a maker reads.
 *
 * @param where of which card, and in which place
 * @param text as it is read
 */
public record Said(String where, String text) {}
