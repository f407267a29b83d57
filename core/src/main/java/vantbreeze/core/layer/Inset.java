package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * A shape drawn in, or out, by the same border on every side, measured square to each edge. Corners stay corners: JTS's
 * offset with mitred joins. A round edge, drawn in short straight ones, stays as round.
 */
final class Inset {

    /** Sharper corners than this times the border are cut off when drawn out; drawn in, none is. */
    private static final double MITRE_LIMIT = 20;

    private Inset() {}

    /** The parts that are left of {@code shape} within {@code border} millimetres; none when the border eats it. */
    static List<Polygon> of(Polygon shape, double border) {
        if (border == 0) {
            return List.of(shape);
        }
        BufferParameters mitred =
                new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE_LIMIT);
        // the input is never simplified: that would move an edge by a hundredth of the border
        mitred.setSimplifyFactor(0);
        return polygons(new BufferOp(shape, mitred).getResultGeometry(-border));
    }

    /** The polygons of a geometry. */
    static List<Polygon> polygons(Geometry geometry) {
        List<Polygon> polygons = new ArrayList<>();
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                polygons.add(polygon);
            }
        }
        return polygons;
    }
}
