package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.paper.Cardstock;

/** The thickness of a card folded flat, part by part: the calipers of all that is stacked there, added up. */
public record BulkMap(List<BulkCell> cells) {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Panels nearer than this lie on one another, mm. */
    private static final double APART = 0.01;
    /** Less of a standing panel than this lies on the table. */
    private static final double STANDS = 0.5;
    /** Lines nearer than this are one, mm. */
    private static final PrecisionModel MICROMETRE = new PrecisionModel(1_000);

    public BulkMap {
        cells = List.copyOf(cells);
    }

    /** One sheet, or one thing on a sheet, where it lies on the table. */
    private record Laid(int panel, PreparedGeometry shape, double thickness) {}

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
        List<Geometry> shapes =
                laid.stream().map(one -> one.shape().getGeometry()).toList();
        for (Polygon cell : cells(shapes)) {
            Point inside = cell.getInteriorPoint();
            List<Laid> here =
                    laid.stream().filter(one -> one.shape().covers(inside)).toList();
            if (!here.isEmpty()) {
                // what reaches over a hole or an edge lies there without its panel, and in its panel's place
                List<Integer> stack =
                        order.stack(here.stream().map(Laid::panel).distinct().toList());
                cells.add(new BulkCell(
                        cell,
                        stack,
                        stack.stream()
                                .map(panel -> here.stream()
                                        .filter(one -> one.panel() == panel)
                                        .mapToDouble(Laid::thickness)
                                        .sum())
                                .toList(),
                        air(form, stack)));
            }
        }
        return new BulkMap(cells);
    }

    /** How far apart panels lie that are parallel to the table, mm; nil of a card that lies flat. */
    private static double air(FoldedForm form, List<Integer> panels) {
        DoubleSummaryStatistics heights = panels.stream()
                .mapToDouble(panel -> form.placed().get(panel).corners().get(0).getZ())
                .summaryStatistics();
        double apart = heights.getMax() - heights.getMin();
        return apart < APART ? 0 : apart;
    }

    /** Whether a panel stands on the table, and covers none of it. */
    private static boolean stands(FoldedForm form, int panel) {
        return Math.abs(form.placed().get(panel).motion().zz()) < STANDS;
    }

    /** The same at another place: so far across and up, millimetres. */
    public BulkMap moved(double x, double y) {
        AffineTransformation there = AffineTransformation.translationInstance(x, y);
        return new BulkMap(cells.stream()
                .map(cell -> new BulkCell(
                        (Polygon) there.transform(cell.shape()), cell.panels(), cell.heights(), cell.air()))
                .toList());
    }

    /**
     * Several that lie on or round one another as one stack, the innermost first: the panels of each are counted on
     * from those of the one before, which lies in its air.
     */
    public static BulkMap stacked(List<BulkMap> maps) {
        STRtree all = new STRtree();
        List<Geometry> shapes = new ArrayList<>();
        int first = 0;
        for (int turn = 0; turn < maps.size(); turn++) {
            int next = first;
            for (BulkCell cell : maps.get(turn).cells) {
                int from = first;
                Turn one = new Turn(
                        turn,
                        new BulkCell(
                                cell.shape(),
                                cell.panels().stream()
                                        .map(panel -> from + panel)
                                        .toList(),
                                cell.heights(),
                                cell.air()));
                all.insert(cell.shape().getEnvelopeInternal(), one);
                shapes.add(cell.shape());
                next = one.cell.panels().stream().mapToInt(panel -> panel + 1).reduce(next, Math::max);
            }
            first = next;
        }
        List<BulkCell> stacked = new ArrayList<>();
        for (Polygon cell : cells(shapes)) {
            Coordinate inside = cell.getInteriorPoint().getCoordinate();
            List<BulkCell> here = new ArrayList<>();
            ((List<?>) all.query(new Envelope(inside)))
                    .stream()
                            .map(Turn.class::cast)
                            .filter(one ->
                                    SimplePointInAreaLocator.locate(inside, one.cell.shape()) == Location.INTERIOR)
                            .sorted(Comparator.comparingInt(Turn::turn))
                            .forEach(one -> here.add(one.cell));
            if (!here.isEmpty()) {
                stacked.add(new BulkCell(
                        cell,
                        here.stream().flatMap(one -> one.panels().stream()).toList(),
                        here.stream().flatMap(one -> one.heights().stream()).toList(),
                        airLeft(here)));
            }
        }
        return new BulkMap(stacked);
    }

    /** A cell of one of several maps. */
    private record Turn(int turn, BulkCell cell) {}

    /** What these leave empty when each lies in the air of the next. */
    private static double airLeft(List<BulkCell> inTurn) {
        double air = 0;
        double paper = 0;
        for (BulkCell cell : inTurn) {
            air = Math.max(air, cell.air() - air - paper);
            paper += cell.thickness() - cell.air();
        }
        return air;
    }

    /**
     * Where it is thickest; the largest of equally thick parts. What is too thin to hold paper counts only when there
     * is nothing else.
     */
    public BulkCell worst() {
        return places().stream()
                .max(Comparator.comparingDouble((BulkCell cell) -> Math.round(cell.thickness() * 1e6))
                        .thenComparingDouble(cell -> cell.shape().getArea()))
                .orElseThrow();
    }

    /** The cells wide enough to hold paper; all of them when none is. */
    public List<BulkCell> places() {
        List<BulkCell> places = cells.stream().filter(BulkCell::isPlace).toList();
        return places.isEmpty() ? cells : places;
    }

    private static List<Laid> laid(FoldedForm form, List<Cardstock> stocks, List<Added> added) {
        FoldGraph graph = form.graph();
        List<Laid> laid = new ArrayList<>();
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            if (stands(form, panel)) {
                continue;
            }
            laid.add(new Laid(
                    panel,
                    PreparedGeometryFactory.prepare(form.placed().get(panel).shadow()),
                    stocks.get(graph.pieceOf().get(panel)).caliper().millimetres()));
        }
        for (Added one : added) {
            if (stands(form, one.panel())) {
                continue;
            }
            Geometry shape = form.placed().get(one.panel()).motion().shadow(one.shape());
            laid.add(new Laid(
                    one.panel(),
                    PreparedGeometryFactory.prepare(shape),
                    one.height().millimetres()));
        }
        return laid;
    }

    /**
     * The parts that all outlines cut one another into: noded on the grid of micrometres by snap rounding (Hobby 1999,
     * as in JTS).
     */
    private static List<Polygon> cells(List<Geometry> shapes) {
        Set<LineSegment> sides = new LinkedHashSet<>();
        for (Geometry shape : shapes) {
            for (Object ring : LinearComponentExtracter.getLines(shape)) {
                sides(((LineString) ring).getCoordinates(), sides);
            }
        }
        List<SegmentString> lines = new ArrayList<>();
        sides.forEach(side -> lines.add(new NodedSegmentString(new Coordinate[] {side.p0, side.p1}, null)));
        SnapRoundingNoder noder = new SnapRoundingNoder(MICROMETRE);
        noder.computeNodes(lines);
        Set<LineSegment> noded = new LinkedHashSet<>();
        for (Object line : noder.getNodedSubstrings()) {
            sides(((SegmentString) line).getCoordinates(), noded);
        }
        Polygonizer polygonizer = new Polygonizer();
        noded.forEach(line -> polygonizer.add(line.toGeometry(FACTORY)));
        List<Polygon> cells = new ArrayList<>();
        for (Object cell : polygonizer.getPolygons()) {
            cells.add((Polygon) ((Polygon) cell).norm());
        }
        // the polygonizer gives them in any order
        cells.sort(Polygon::compareTo);
        return cells;
    }

    /** The sides of a line, those that lie alike once: most panels of a closed card lie edge on edge. */
    private static void sides(Coordinate[] line, Set<LineSegment> sides) {
        for (int i = 0; i + 1 < line.length; i++) {
            LineSegment side = new LineSegment(onGrid(line[i]), onGrid(line[i + 1]));
            side.normalize();
            if (side.getLength() > 0) {
                sides.add(side);
            }
        }
    }

    private static Coordinate onGrid(Coordinate corner) {
        return new Coordinate(MICROMETRE.makePrecise(corner.x), MICROMETRE.makePrecise(corner.y));
    }
}
