package vantbreeze.core.fold;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
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

    /** What it covers on the table, millimetres. */
    public Polygon shadow() {
        List<Vector3D> corners = corners();
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Vector3D corner = corners.get(i % corners.size());
            ring[i] = new Coordinate(corner.getX(), corner.getY());
        }
        return panel.shape().getFactory().createPolygon(ring);
    }
}
