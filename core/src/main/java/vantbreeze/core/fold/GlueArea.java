package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.fold.plane.Rings;

/**
 * Where glue goes on a panel.
 *
 * @param panel which, by its index in the graph
 * @param side which side of it
 * @param other the panel that it is glued to
 * @param shape where on its sheet, millimetres
 */
public record GlueArea(int panel, Side side, int other, Polygon shape) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Both sides of every join of {@code graph}, but for what is threaded. */
    public static List<GlueArea> of(FoldGraph graph) {
        return graph.joins().stream()
                .filter(link -> !link.join().slides())
                .flatMap(link -> of(link, graph).stream())
                .toList();
    }

    /** Both sides of one join. */
    public static List<GlueArea> of(Link.Glued link, FoldGraph graph) {
        Rigid laid = link.motion(0);
        Geometry on = Flat.common(
                graph.panels().get(link.from()).shape(),
                new PlacedPanel(graph.panels().get(link.to()), laid).shadow());
        if (!link.join().area().isEmpty()) {
            on = Flat.common(
                    on,
                    polygon(link.join().area().stream().map(Spot::millimetres).toList()));
        }
        List<GlueArea> areas = new ArrayList<>();
        for (int i = 0; i < on.getNumGeometries(); i++) {
            if (on.getGeometryN(i) instanceof Polygon part && part.getArea() > 1) {
                areas.add(new GlueArea(link.from(), link.join().onSide(), link.to(), part));
                areas.add(new GlueArea(
                        link.to(),
                        link.join().gluedSide(),
                        link.from(),
                        laid.inverse().shadow(part)));
            }
        }
        return List.copyOf(areas);
    }

    private static Polygon polygon(List<Coordinate> corners) {
        return FACTORY.createPolygon(Rings.closed(corners, corner -> corner));
    }
}
