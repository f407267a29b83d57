package vantbreeze.core.recognition;

/**
 * One figure of a card: where a line lies on its piece, how wide or high the piece is, where a piece is glued.
 *
 * @param piece name of the piece
 * @param what what it is the figure of, as in "the score of"
 * @param units how long, in units of length, from the left edge or the foot of the piece
 */
record Place(String piece, String what, double units) {}
