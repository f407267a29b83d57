package vantbreeze.core.fold;

/**
 * A panel glued on another, on given sides, at a fixed place. Where the two overlap is the glue area.
 *
 * @param on the panel that is glued on
 * @param onSide which of its sides carries the glue
 * @param glued the panel that is laid on it
 * @param gluedSide which of its sides lies in the glue
 * @param at where
 */
public record Join(PanelRef on, Side onSide, PanelRef glued, Side gluedSide, Attachment at) {

    Rigid motion() {
        return at.motion(onSide == gluedSide);
    }
}
