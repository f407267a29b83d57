package vantbreeze.core.fold;

import java.util.List;
import org.locationtech.jts.math.Vector3D;

/**
 * A panel where folding has brought it.
 *
 * @param panel which
 * @param motion from its place on the sheet to its place in the form
 */
public record PlacedPanel(Panel panel, Rigid motion) {

    /** Its corners in space, millimetres. */
    public List<Vector3D> corners() {
        return panel.corners().stream().map(motion::apply).toList();
    }
}
