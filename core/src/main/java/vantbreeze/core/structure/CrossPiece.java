package vantbreeze.core.structure;

import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/**
 * A second piece that crosses the card base, as a band, strip or bridge does: never higher than the card, and where
 * only its ends are glued, glued over rectangles of its own height.
 *
 * @param word what it is called in a sentence
 * @param bounds limits that all structures share
 */
record CrossPiece(String word, Bounds bounds) {

    /** Id of how far up the card it is. */
    static final String UP = "up";

    /** How far up the card it is. */
    Parameter up() {
        String name = Character.toUpperCase(word.charAt(0)) + word.substring(1);
        return Parameter.of(UP, name + " from foot", "how far above the foot it is")
                .following();
    }

    /** How high it may be, where it is. */
    Limits itsHeight(Measures measures) {
        return new Limits(
                bounds.narrowest(),
                Bounds.TOO_NARROW,
                measures.get(Parameter.HEIGHT).minus(said(measures)),
                tooHigh());
    }

    /** How high the card may be when the piece is so high. */
    Limits cardHeight(Measures measures, Length piece) {
        return bounds.covering(said(measures).plus(piece), tooHigh());
    }

    /** How far up it may be when it is so high. */
    Limits itsFoot(Measures measures, Length piece) {
        return new Limits(
                Length.ZERO,
                "the %s would hang below the foot".formatted(word),
                measures.get(Parameter.HEIGHT).minus(piece),
                tooHigh());
    }

    /** In the middle of the card's height. */
    static Length usualFoot(Measures measures, Length piece) {
        return measures.markedBelow(measures.get(Parameter.HEIGHT).minus(piece).dividedBy(2));
    }

    private static Length said(Measures measures) {
        return measures.said(UP, Length.ZERO);
    }

    private String tooHigh() {
        return "the %s would be higher than the card".formatted(word);
    }

    /**
     * One end glued, the back of the second piece on a panel of the first.
     *
     * @param on the panel of the card base
     * @param side which side of it
     * @param end the panel of the second piece
     * @param at the spot of the base on which the second piece's foot lies
     * @param foot how far along its foot that is
     * @param from where the glue begins on the base
     * @param width how wide the glue is
     * @param height how high
     */
    static Join glued(
            String on, Side side, String end, Spot at, Length foot, Length from, Length width, Length height) {
        return Join.of(
                        new PanelRef(0, on),
                        side,
                        new PanelRef(1, end),
                        Side.BACK,
                        Attachment.at(at, new Spot(foot, Length.ZERO)))
                .onlyOn(Patch.of(from, at.y(), width, height));
    }
}
