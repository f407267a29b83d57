package vantbreeze.core.fold;

import java.util.List;
import vantbreeze.core.length.Length;

/**
 * A panel glued on another, on given sides, at a fixed place.
 *
 * @param on the panel that is glued on
 * @param onSide which of its sides carries the glue
 * @param glued the panel that is laid on it
 * @param gluedSide which of its sides lies in the glue
 * @param at where
 * @param slides whether it is not glued but threaded, so that it slides along the sheet of {@code on}, left and right
 * @param area corners of the glued area, on the sheet of {@code on}; none for all that the two panels overlap
 * @param foam how thick the foam between them is, nil for none
 */
public record Join(
        PanelRef on,
        Side onSide,
        PanelRef glued,
        Side gluedSide,
        Attachment at,
        boolean slides,
        List<Spot> area,
        Length foam) {

    public Join {
        area = List.copyOf(area);
    }

    /** A join over all that the two panels overlap. */
    public static Join of(PanelRef on, Side onSide, PanelRef glued, Side gluedSide, Attachment at) {
        return new Join(on, onSide, glued, gluedSide, at, false, List.of(), Length.ZERO);
    }

    /** The same join with glue on part of the overlap only. */
    public Join onlyOn(List<Spot> corners) {
        return new Join(on, onSide, glued, gluedSide, at, slides, corners, foam);
    }

    /** The same on foam. */
    public Join onFoam(Length thickness) {
        return new Join(on, onSide, glued, gluedSide, at, slides, area, thickness);
    }

    /** The same between panels of other names. */
    public Join between(PanelRef lower, PanelRef upper) {
        return new Join(lower, onSide, upper, gluedSide, at, slides, area, foam);
    }

    /** The same, threaded instead of glued; {@code area} is where it is held. */
    public Join sliding() {
        return new Join(on, onSide, glued, gluedSide, at, true, area, foam);
    }

    /** Where the glued piece lies, when it has slid so many millimetres to the right. */
    public Rigid motion(double travel) {
        return at.motion(onSide == gluedSide).shifted(travel, 0, 0);
    }
}
