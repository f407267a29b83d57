package vantbreeze.core.fold;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;

/** A panel where folding has brought it. */
public final class PlacedPanel {

    private final Panel panel;
    private final Rigid motion;
    private final List<Vector3D> corners;
    private final Polygon shadow;

    /**
     * @param panel which
     * @param motion from its place on the sheet to its place in the form
     */
    public PlacedPanel(Panel panel, Rigid motion) {
        this.panel = panel;
        this.motion = motion;
        this.corners = panel.corners().stream().map(motion::apply).toList();
        this.shadow = motion.shadow(panel.shape());
    }

    /** Which panel. */
    public Panel panel() {
        return panel;
    }

    /** From its place on the sheet to its place in the form. */
    public Rigid motion() {
        return motion;
    }

    /** Its outer corners in space, millimetres. */
    public List<Vector3D> corners() {
        return corners;
    }

    /** What it covers on the table, with its holes, millimetres. */
    public Polygon shadow() {
        return shadow;
    }
}
