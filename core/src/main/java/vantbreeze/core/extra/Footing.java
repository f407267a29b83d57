package vantbreeze.core.extra;

import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/**
 * The face that something is glued on, as one looks at it: places go from its left edge and from its foot, as its sheet
 * lies.
 *
 * @param ref which panel
 * @param side which of its sides
 * @param extent how far it reaches on its sheet
 */
record Footing(PanelRef ref, Side side, Extent extent) {

    static Footing of(PanelRef ref, Side side, Panel panel) {
        return new Footing(ref, side, Extent.of(panel.corners()));
    }

    Length width() {
        return extent.size().width();
    }

    Length height() {
        return extent.size().height();
    }

    /** A place on it, where it is on the sheet. */
    Spot at(Length fromLeft, Length fromFoot) {
        Length x = side == Side.FACE
                ? extent.left().plus(fromLeft)
                : extent.right().minus(fromLeft);
        return new Spot(x, extent.foot().plus(fromFoot));
    }

    /** How far from its left edge a place of the sheet is. */
    Length fromLeft(Length x) {
        return side == Side.FACE ? x.minus(extent.left()) : extent.right().minus(x);
    }

    /** How far from its foot a place of the sheet is. */
    Length fromFoot(Length y) {
        return y.minus(extent.foot());
    }
}
