package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;

/**
 * A closed stack cut straight across, so that a loop drawn over it there lies on what it shows.
 *
 * @param low where it begins, mm up the closed card
 * @param high where it ends
 * @param parts how thick it is where across, from the left
 */
record Slice(double low, double high, List<Part> parts) {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Slices are no higher than this, mm: what is slanted changes little within it. */
    private static final double HIGHEST = 2;

    /** Corners nearer than this are one, mm. */
    private static final double ALIKE = 0.05;

    Slice {
        parts = List.copyOf(parts);
    }

    /**
     * A part that is equally thick.
     *
     * @param from its left end, mm
     * @param to its right end
     * @param thickness mm
     */
    record Part(double from, double to, double thickness) {}

    /** Of a stack, from its foot to its head, cut where anything on it begins or ends. */
    static List<Slice> of(BulkMap bulk) {
        List<BulkCell> cells = bulk.places();
        TreeSet<Double> cuts = new TreeSet<>();
        cells.forEach(cell -> {
            for (Coordinate corner : cell.shape().getCoordinates()) {
                cuts.add(Math.round(corner.y / ALIKE) * ALIKE);
            }
        });
        List<Slice> slices = new ArrayList<>();
        double low = cuts.first();
        for (double cut : cuts.tailSet(low, false)) {
            int count = Math.max(1, (int) Math.ceil((cut - low) / HIGHEST));
            for (int i = 0; i < count; i++) {
                slices.add(at(low + (cut - low) * i / count, low + (cut - low) * (i + 1) / count, cells));
            }
            low = cut;
        }
        return slices;
    }

    private static Slice at(double low, double high, List<BulkCell> cells) {
        double middle = (low + high) / 2;
        List<Part> parts = new ArrayList<>();
        for (BulkCell cell : cells) {
            Envelope box = cell.shape().getEnvelopeInternal();
            if (box.getMinY() > middle || box.getMaxY() < middle) {
                continue;
            }
            Geometry across = cell.shape().intersection(FACTORY.createLineString(new Coordinate[] {
                new Coordinate(box.getMinX() - 1, middle), new Coordinate(box.getMaxX() + 1, middle)
            }));
            for (int i = 0; i < across.getNumGeometries(); i++) {
                Envelope part = across.getGeometryN(i).getEnvelopeInternal();
                if (part.getWidth() > ALIKE) {
                    parts.add(new Part(part.getMinX(), part.getMaxX(), cell.thickness()));
                }
            }
        }
        parts.sort(Comparator.comparingDouble(Part::from));
        return new Slice(low, high, parts);
    }

    /** Half the way round it as a taut loop goes: half the perimeter of its convex hull, mm. */
    double half() {
        Coordinate[] corners = parts.stream()
                .flatMap(part -> Stream.of(
                        new Coordinate(part.from(), 0),
                        new Coordinate(part.to(), 0),
                        new Coordinate(part.from(), part.thickness()),
                        new Coordinate(part.to(), part.thickness())))
                .toArray(Coordinate[]::new);
        return new ConvexHull(corners, FACTORY).getConvexHull().getLength() / 2;
    }

    /** How much thicker than another slice it is at the same place, at the most, mm. */
    double risesOver(Slice other) {
        double rises = 0;
        for (Part here : parts) {
            for (Part there : other.parts) {
                if (Math.min(here.to, there.to) - Math.max(here.from, there.from) > 1) {
                    rises = Math.max(rises, here.thickness - there.thickness);
                }
            }
        }
        return rises;
    }
}
