package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import vantbreeze.core.fold.plane.Rings;
import vantbreeze.core.length.Length;

/**
 * Finds the panels of a piece: its lines are noded on the grid of units by snap rounding (Hobby 1999, as in JTS), then
 * polygonized; a stretch of crease between two faces becomes a hinge.
 */
final class PanelFinder {

    private static final GeometryFactory GRID = new GeometryFactory(new PrecisionModel(1));
    private static final GeometryFactory MILLIMETRES = new GeometryFactory();

    private final Piece piece;
    private final Map<GridEdge, LineKind> edges = new LinkedHashMap<>();

    PanelFinder(Piece piece) {
        this.piece = piece;
    }

    /** What a noded line is. Where several lie on one another, the later kind wins: a cut ends a crease. */
    private record LineKind(int rank, @Nullable Fold fold) {
        static final LineKind SLIT = new LineKind(1, null);
        static final LineKind OUTLINE = new LineKind(2, null);

        static LineKind crease(Fold fold) {
            return new LineKind(0, fold);
        }

        boolean isCrease() {
            return rank == 0;
        }
    }

    Panels find() {
        node();
        Polygonizer polygonizer = new Polygonizer();
        edges.keySet().forEach(edge -> polygonizer.add(edge.line(GRID)));
        List<Panel> panels = panels(polygonizer);
        return new Panels(piece, panels, hinges(panels), loose(polygonizer, true), loose(polygonizer, false));
    }

    private void node() {
        List<SegmentString> lines = new ArrayList<>();
        ring(lines, piece.outline());
        piece.openings().forEach(opening -> ring(lines, opening));
        piece.slits().forEach(slit -> add(lines, slit, LineKind.SLIT));
        piece.creases().forEach(crease -> add(lines, crease.line(), LineKind.crease(crease.fold())));
        SnapRoundingNoder noder = new SnapRoundingNoder(new PrecisionModel(1));
        noder.computeNodes(lines);
        for (Object noded : noder.getNodedSubstrings()) {
            SegmentString string = (SegmentString) noded;
            for (int i = 0; i + 1 < string.size(); i++) {
                edges.merge(
                        GridEdge.of(string.getCoordinate(i), string.getCoordinate(i + 1)),
                        (LineKind) string.getData(),
                        (a, b) -> a.rank() >= b.rank() ? a : b);
            }
        }
    }

    private static void ring(List<SegmentString> lines, List<Spot> corners) {
        for (int i = 0; i < corners.size(); i++) {
            add(lines, new Stretch(corners.get(i), corners.get((i + 1) % corners.size())), LineKind.OUTLINE);
        }
    }

    private static void add(List<SegmentString> lines, Stretch stretch, LineKind kind) {
        if (!stretch.isNothing()) {
            lines.add(new NodedSegmentString(
                    new Coordinate[] {stretch.from().units(), stretch.to().units()}, kind));
        }
    }

    private List<Panel> panels(Polygonizer polygonizer) {
        @SuppressWarnings("unchecked")
        Collection<Polygon> found = polygonizer.getPolygons();
        List<Polygon> faces = new ArrayList<>(found);
        List<Polygon> holes =
                piece.openings().stream().map(PanelFinder::gridPolygon).toList();
        faces.removeIf(face -> holes.stream().anyMatch(hole -> hole.covers(face.getInteriorPoint())));
        faces.sort(Comparator.<Polygon>comparingDouble(
                        face -> face.getEnvelopeInternal().getMinX())
                .thenComparingDouble(face -> face.getEnvelopeInternal().getMinY())
                .thenComparingDouble(face -> face.getEnvelopeInternal().getMaxX())
                .thenComparingDouble(face -> face.getCentroid().getX())
                .thenComparingDouble(face -> face.getCentroid().getY()));
        List<Panel> panels = new ArrayList<>();
        for (Polygon face : faces) {
            panels.add(panel(panels.size(), face));
        }
        return panels;
    }

    private static Polygon gridPolygon(List<Spot> corners) {
        return GRID.createPolygon(Rings.closed(corners, Spot::units));
    }

    private Panel panel(int index, Polygon face) {
        List<Spot> corners = corners(face.getExteriorRing(), true);
        List<List<Spot>> holes = new ArrayList<>();
        for (int i = 0; i < face.getNumInteriorRing(); i++) {
            holes.add(corners(face.getInteriorRingN(i), false));
        }
        // the polygonizer gives them in any order
        holes.sort(Comparator.<List<Spot>, Length>comparing(hole -> hole.get(0).x())
                .thenComparing(hole -> hole.get(0).y()));
        String name = piece.panelNames().stream()
                .filter(named -> face.contains(GRID.createPoint(named.within().units())))
                .map(PanelName::name)
                .findFirst()
                .orElse("Panel " + (index + 1));
        Polygon shape = MILLIMETRES.createPolygon(
                ring(corners), holes.stream().map(PanelFinder::ring).toArray(LinearRing[]::new));
        return new Panel(index, name, corners, holes, shape);
    }

    /** The corners of a ring, begun at its leftmost, then lowest, and run through one way round. */
    private static List<Spot> corners(LineString ring, boolean counterClockwise) {
        Coordinate[] corners = ring.getCoordinates();
        Coordinate[] grid = fromLowestLeft(
                Orientation.isCCW(corners) == counterClockwise
                        ? corners
                        : ring.reverse().getCoordinates());
        return Arrays.stream(grid).limit(grid.length - 1L).map(Spot::ofUnits).toList();
    }

    private static LinearRing ring(List<Spot> corners) {
        return MILLIMETRES.createLinearRing(Rings.closed(corners, Spot::millimetres));
    }

    /** The same ring begun at its leftmost, then lowest corner: the polygonizer begins anywhere. */
    private static Coordinate[] fromLowestLeft(Coordinate[] ring) {
        int first = 0;
        for (int i = 1; i + 1 < ring.length; i++) {
            first = ring[i].compareTo(ring[first]) < 0 ? i : first;
        }
        Coordinate[] turned = new Coordinate[ring.length];
        for (int i = 0; i < ring.length; i++) {
            turned[i] = ring[(first + i) % (ring.length - 1)];
        }
        return turned;
    }

    private List<Hinge> hinges(List<Panel> panels) {
        Map<GridEdge, Panel> leftOf = new HashMap<>();
        List<Hinge> hinges = new ArrayList<>();
        for (Panel panel : panels) {
            panel.rings().forEach(ring -> hinges(panel, ring, leftOf, hinges));
        }
        hinges.sort(Comparator.comparingInt((Hinge hinge) -> hinge.left().index())
                .thenComparingInt(hinge -> hinge.right().index())
                .thenComparing(hinge -> hinge.line().from().x())
                .thenComparing(hinge -> hinge.line().from().y()));
        return hinges;
    }

    private void hinges(Panel panel, List<Spot> ring, Map<GridEdge, Panel> leftOf, List<Hinge> hinges) {
        for (int i = 0; i < ring.size(); i++) {
            Spot from = ring.get(i);
            Spot to = ring.get((i + 1) % ring.size());
            GridEdge edge = GridEdge.of(from.units(), to.units());
            LineKind kind = edges.get(edge);
            Fold fold = kind == null ? null : kind.fold();
            if (fold == null) {
                continue;
            }
            Panel first = leftOf.putIfAbsent(edge, panel);
            if (first != null && !first.equals(panel)) {
                hinges.add(new Hinge(first, panel, new Stretch(to, from), fold));
            }
        }
    }

    /** What ends inside a panel, or runs to a hole in it and has the same panel on both its sides. */
    private List<Stretch> loose(Polygonizer polygonizer, boolean creases) {
        List<Stretch> loose = new ArrayList<>();
        addLoose(polygonizer.getDangles(), creases, loose);
        addLoose(polygonizer.getCutEdges(), creases, loose);
        return loose;
    }

    private void addLoose(Collection<?> undivided, boolean creases, List<Stretch> loose) {
        for (Object edge : undivided) {
            Coordinate[] line = ((LineString) edge).getCoordinates();
            LineKind kind = edges.get(GridEdge.of(line[0], line[line.length - 1]));
            if (kind != null && kind.rank() != LineKind.OUTLINE.rank() && kind.isCrease() == creases) {
                loose.add(new Stretch(Spot.ofUnits(line[0]), Spot.ofUnits(line[line.length - 1])));
            }
        }
    }
}
