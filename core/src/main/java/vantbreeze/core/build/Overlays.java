package vantbreeze.core.build;

import java.util.Collection;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;

/** Areas laid over one another. */
final class Overlays {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * Grid on which areas are laid over one another, so that no crack stays between sheets, and panels seen nearly
     * edge-on are no trouble: a ten thousandth of a millimetre.
     */
    private static final PrecisionModel GRID = new PrecisionModel(1e4);

    private Overlays() {}

    /** What several areas cover together. */
    static Geometry union(Collection<Geometry> areas) {
        return UnaryUnionNG.union(areas, FACTORY, GRID);
    }

    static Geometry overlay(Geometry one, Geometry other, int how) {
        return OverlayNG.overlay(one, other, how, GRID);
    }

    /** What has an area of what two areas share, or of one without the other: where they only touch nothing is left. */
    static Geometry area(Geometry one, Geometry other, int how) {
        Geometry left = overlay(one, other, how);
        return left.getDimension() < 2
                ? FACTORY.createPolygon()
                : FACTORY.buildGeometry(PolygonExtracter.getPolygons(left));
    }
}
