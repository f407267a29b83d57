package vantbreeze.core.structure;

/**
 * How a structure is spoken of.
 *
 * @param id how plans name it
 * @param name what the maker calls it
 * @param does what it does, in a sentence
 * @param suits who or what it suits
 */
public record Title(String id, String name, String does, String suits) {}
