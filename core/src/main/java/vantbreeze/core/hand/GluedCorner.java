package vantbreeze.core.hand;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;

/** Where a glued panel's corner lies on the panel that it is glued to: the figures by which it is moved. */
public final class GluedCorner {

    private GluedCorner() {}

    /**
     * The lower left corner, as it lies there, of what is glued.
     *
     * @param join which of the joins
     */
    public static Spot of(Assembly assembly, int join) {
        Join glued = assembly.joins().get(join);
        Panel panel = Panels.of(assembly.pieces().get(glued.glued().piece()))
                .named(glued.glued().panel())
                .orElseThrow();
        Rigid laid = glued.motion(0);
        double left = Double.POSITIVE_INFINITY;
        double foot = Double.POSITIVE_INFINITY;
        for (Coordinate corner : panel.shape().getExteriorRing().getCoordinates()) {
            Vector3D there = laid.apply(corner.x, corner.y, 0);
            left = Math.min(left, there.getX());
            foot = Math.min(foot, there.getY());
        }
        return Spot.nearest(left, foot);
    }
}
