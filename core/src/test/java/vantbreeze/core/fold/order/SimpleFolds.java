package vantbreeze.core.fold.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;

/**
 * Makes crease patterns that fold flat for certain: a square is folded over, all layers together, along one line after
 * another, upright, level or at 45° so that every crossing falls on the grid of exact places.
 */
public final class SimpleFolds {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int SIDE = 64;
    private static final int FOLDS = 14;

    private record Layer(Polygon sheet, AffineTransformation place, boolean turned) {}

    private SimpleFolds() {}

    /** A square folded a few times; at most {@code most} panels. A part of the creases may go either way. */
    public static Piece piece(long seed, int most, double unassigned) throws Exception {
        Random random = new Random(seed);
        List<Layer> layers = List.of(new Layer(square(), new AffineTransformation(), false));
        List<Crease> creases = new ArrayList<>();
        for (int fold = 0; fold < FOLDS; fold++) {
            List<Crease> added = new ArrayList<>();
            List<Layer> folded = fold(layers, random, added, unassigned);
            if (folded.size() <= most) {
                layers = folded;
                creases.addAll(added);
            }
        }
        return new Piece("folded " + seed, corners(square()), creases, List.of(), List.of());
    }

    private static List<Layer> fold(List<Layer> layers, Random random, List<Crease> creases, double unassigned)
            throws Exception {
        int[][] directions = {{1, 0}, {0, 1}, {1, 1}, {1, -1}};
        int[] normal = directions[random.nextInt(4)];
        double offset = random.nextInt(2 * SIDE) - SIDE / 2.0;
        Coordinate on = new Coordinate(
                offset * normal[0] / (normal[0] * normal[0] + normal[1] * normal[1]),
                offset * normal[1] / (double) (normal[0] * normal[0] + normal[1] * normal[1]));
        Coordinate along = new Coordinate(on.x - normal[1], on.y + normal[0]);
        AffineTransformation mirror = AffineTransformation.reflectionInstance(on.x, on.y, along.x, along.y);
        LineString line = FACTORY.createLineString(new Coordinate[] {
            new Coordinate(on.x - 400 * (along.x - on.x), on.y - 400 * (along.y - on.y)),
            new Coordinate(on.x + 400 * (along.x - on.x), on.y + 400 * (along.y - on.y))
        });
        List<Layer> folded = new ArrayList<>();
        for (Layer layer : layers) {
            Geometry sheetLine = layer.place().getInverse().transform(line);
            // every exact place here is a multiple of a quarter millimetre
            sheetLine.apply((CoordinateFilter)
                    c -> c.setCoordinate(new Coordinate(Math.rint(c.x * 4) / 4, Math.rint(c.y * 4) / 4)));
            for (Polygon part : split(layer.sheet(), sheetLine)) {
                Coordinate middle =
                        layer.place().transform(part.getInteriorPoint()).getCoordinate();
                boolean over = (middle.x - on.x) * normal[0] + (middle.y - on.y) * normal[1] > 0;
                AffineTransformation place =
                        over ? new AffineTransformation(layer.place()).compose(mirror) : layer.place();
                folded.add(new Layer(part, place, over != layer.turned()));
            }
            Geometry crease = sheetLine.intersection(layer.sheet());
            if (crease.getLength() > 1e-6) {
                Coordinate[] ends = crease.getCoordinates();
                Fold assigned = random.nextDouble() < unassigned
                        ? Fold.UNASSIGNED
                        : layer.turned() ? Fold.MOUNTAIN : Fold.VALLEY;
                creases.add(new Crease(new Stretch(spot(ends[0]), spot(ends[ends.length - 1])), assigned));
            }
        }
        return folded;
    }

    private static List<Polygon> split(Polygon polygon, Geometry line) {
        Geometry edges = polygon.getBoundary().union(line);
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(edges);
        List<Polygon> parts = new ArrayList<>();
        for (Object part : polygonizer.getPolygons()) {
            if (polygon.contains(((Polygon) part).getInteriorPoint())) {
                parts.add((Polygon) part);
            }
        }
        return parts;
    }

    private static Polygon square() {
        return FACTORY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(SIDE, 0),
            new Coordinate(SIDE, SIDE),
            new Coordinate(0, SIDE),
            new Coordinate(0, 0)
        });
    }

    private static List<Spot> corners(Polygon polygon) {
        List<Spot> corners = new ArrayList<>();
        Coordinate[] ring = polygon.getCoordinates();
        for (int i = 0; i + 1 < ring.length; i++) {
            corners.add(spot(ring[i]));
        }
        return corners;
    }

    private static Spot spot(Coordinate c) {
        return new Spot(Length.nearest(c.x), Length.nearest(c.y));
    }
}
