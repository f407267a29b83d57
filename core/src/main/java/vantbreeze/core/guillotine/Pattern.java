package vantbreeze.core.guillotine;

/**
 * How one sheet is cut up.
 *
 * @param bin which kind of sheet
 * @param root the whole sheet
 */
public record Pattern(int bin, CutNode root) {}
