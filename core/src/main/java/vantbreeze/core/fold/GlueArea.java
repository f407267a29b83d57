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

    /** Less of what lies on a paper is glued than this: the rest is meant to stay dry. */
    private static final double NEARLY_ALL = 0.95;

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

    /**
     * Whether all of what lies on a paper is glued, and nothing is meant to stay dry.
     *
     * @param paper on which it is glued, as it lies on the sheet of the panel that the join goes from, millimetres
     */
    public static boolean isAllGlued(Link.Glued link, FoldGraph graph, Geometry paper) {
        double glued = of(link, graph).stream()
                .filter(area -> area.panel() == link.from())
                .mapToDouble(area -> area.shape().getArea())
                .sum();
        double shared = Flat.common(new PlacedPanel(graph.panels().get(link.to()), link.motion(0)).shadow(), paper)
                .getArea();
        return glued >= NEARLY_ALL * shared;
    }

    private static Polygon polygon(List<Coordinate> corners) {
        return FACTORY.createPolygon(Rings.closed(corners, corner -> corner));
    }
}
