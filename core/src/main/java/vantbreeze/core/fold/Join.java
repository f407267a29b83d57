package vantbreeze.core.fold;

import java.util.List;

/**
 * A panel glued on another, on given sides, at a fixed place.
 *
 * @param on the panel that is glued on
 * @param onSide which of its sides carries the glue
 * @param glued the panel that is laid on it
 * @param gluedSide which of its sides lies in the glue
 * @param at where
 * @param area corners of the glued area, on the sheet of {@code on}; none for all that the two panels overlap
 */
public record Join(PanelRef on, Side onSide, PanelRef glued, Side gluedSide, Attachment at, List<Spot> area) {

    public Join {
        area = List.copyOf(area);
    }

    /** A join over all that the two panels overlap. */
    public static Join of(PanelRef on, Side onSide, PanelRef glued, Side gluedSide, Attachment at) {
        return new Join(on, onSide, glued, gluedSide, at, List.of());
    }

    /** The same join with glue on part of the overlap only. */
    public Join onlyOn(List<Spot> corners) {
        return new Join(on, onSide, glued, gluedSide, at, corners);
    }

    Rigid motion() {
        return at.motion(onSide == gluedSide);
    }
}
