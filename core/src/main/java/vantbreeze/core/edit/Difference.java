package vantbreeze.core.edit;

/**
 * One thing about which two plans differ.
 *
 * @param what what it is
 * @param before as it is in the first; empty where it has none
 * @param after as it is in the second; empty where it has none
 */
public record Difference(String what, String before, String after) {}
