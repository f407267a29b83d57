package vantbreeze.core.guillotine;

/**
 * An item that lies where it is.
 *
 * @param item its number in the problem
 * @param turned by a quarter
 * @param area where on its sheet
 */
public record PinnedPart(int item, boolean turned, CutArea area) {}
