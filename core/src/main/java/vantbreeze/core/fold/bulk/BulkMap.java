package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.math.Vector3D;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.paper.Cardstock;

/** The thickness of a card folded flat, part by part: the calipers of all that is stacked there, added up. */
public record BulkMap(List<BulkCell> cells) {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Lines nearer than this are one, mm. */
    private static final PrecisionModel MICROMETRE = new PrecisionModel(1_000);

    public BulkMap {
        cells = List.copyOf(cells);
    }

    /** One sheet, or one thing on a sheet, where it lies on the table. */
    private record Laid(int panel, PreparedGeometry shape, double thickness, boolean isPanel) { }

    /**
     * The map of {@code form}.
     *
     * @param stocks the cardstock of each piece
     * @param added what lies on the panels besides
     * @param order the order in which panels are named in each cell
     */
    public static BulkMap of(FoldedForm form, List<Cardstock> stocks, List<Added> added, LayerOrder order) {
        List<Laid> laid = laid(form, stocks, added);
        List<BulkCell> cells = new ArrayList<>();
        for (Polygon cell : cells(laid)) {
            Point inside = cell.getInteriorPoint();
            List<Laid> here = laid.stream().filter(one -> one.shape().covers(inside)).toList();
            if (!here.isEmpty()) {
                List<Integer> stack = order.stack(here.stream().filter(Laid::isPanel).map(Laid::panel).toList());
                cells.add(new BulkCell(cell, stack, stack.stream()
                        .map(panel -> here.stream().filter(one -> one.panel() == panel).mapToDouble(Laid::thickness).sum()).toList()));
            }
        }
        return new BulkMap(cells);
    }

    /** Where it is thickest; the largest of equally thick parts. */
    public BulkCell worst() {
        return cells.stream().max(Comparator.comparingDouble((BulkCell cell) -> Math.round(cell.thickness() * 1e6))
                .thenComparingDouble(cell -> cell.shape().getArea())).orElseThrow();
    }

    private static List<Laid> laid(FoldedForm form, List<Cardstock> stocks, List<Added> added) {
        FoldGraph graph = form.graph();
        List<Laid> laid = new ArrayList<>();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            laid.add(new Laid(panel, PreparedGeometryFactory.prepare(form.placed().get(panel).shadow()),
                    stocks.get(graph.pieceOf().get(panel)).caliper().millimetres(), true));
        }
        for (Added one : added) {
            Geometry shape = placed(form.placed().get(one.panel()).motion(), one.area());
            laid.add(new Laid(one.panel(), PreparedGeometryFactory.prepare(shape), one.height().millimetres(), false));
        }
        return laid;
    }

    private static List<Polygon> cells(List<Laid> laid) {
        List<Geometry> outlines = laid.stream().map(one -> one.shape().getGeometry().norm()).distinct().map(Geometry::getBoundary).toList();
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(UnaryUnionNG.union(outlines, FACTORY, MICROMETRE));
        List<Polygon> cells = new ArrayList<>();
        for (Object cell : polygonizer.getPolygons()) {
            cells.add((Polygon) ((Polygon) cell).norm());
        }
        // the polygonizer gives them in any order
        cells.sort(Comparator.naturalOrder());
        return cells;
    }

    private static Polygon placed(Rigid motion, List<Spot> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            Vector3D at = motion.apply(corners.get(i % corners.size()));
            ring[i] = new Coordinate(at.getX(), at.getY());
        }
        return FACTORY.createPolygon(ring);
    }
}
