package vantbreeze.core.recognition;

import vantbreeze.core.length.Length;

/**
 * The one figure in which a card differs from what it is nearly.
 *
 * @param piece name of the piece, as drawn
 * @param what which of its figures: its width or height, a score, slit, corner or opening, or where it is glued
 * @param is how long it is, from the piece's left edge or foot
 * @param wanted how long it would have to be
 */
public record Deviation(String piece, String what, Length is, Length wanted) {}
