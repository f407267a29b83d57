package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.EndView;

/**
 * A closed stack cut straight across, so that a loop drawn over it there lies on what it shows.
 *
 * @param low where it begins, mm up the closed card
 * @param high where it ends
 * @param parts how thick it is where across, from the left
 */
record Slice(double low, double high, List<EndView.Thick> parts) {

    /** Slices are no higher than this, mm: what is slanted changes little within it. */
    private static final double HIGHEST = 2;

    /** Corners nearer than this are one, mm: a curve has many, and nobody feels a step of this. */
    private static final double ALIKE = 0.4;

    Slice {
        parts = List.copyOf(parts);
    }

    /** Of a stack, from its foot to its head, cut where anything on it begins or ends. */
    static List<Slice> of(BulkMap bulk) {
        List<BulkCell> cells = bulk.places();
        TreeSet<Double> cuts = new TreeSet<>();
        cells.forEach(cell -> {
            for (Coordinate corner : cell.shape().getCoordinates()) {
                cuts.add(corner.y);
            }
        });
        List<Slice> slices = new ArrayList<>();
        double low = cuts.first();
        for (double cut : cuts.tailSet(low, false)) {
            if (cut - low < ALIKE && cut < cuts.last()) {
                continue;
            }
            int count = Math.max(1, (int) Math.ceil((cut - low) / HIGHEST));
            for (int i = 0; i < count; i++) {
                slices.add(at(low + (cut - low) * i / count, low + (cut - low) * (i + 1) / count, cells));
            }
            low = cut;
        }
        return slices;
    }

    private static Slice at(double low, double high, List<BulkCell> cells) {
        return new Slice(low, high, EndView.at((low + high) / 2, cells).profile());
    }

    /** Half the way round it as a taut loop goes, mm. */
    double half() {
        return Girth.half(parts.stream()
                .flatMap(part -> Stream.of(
                        new Coordinate(part.from(), 0),
                        new Coordinate(part.to(), 0),
                        new Coordinate(part.from(), part.thickness()),
                        new Coordinate(part.to(), part.thickness())))
                .toList());
    }

    /** From its left end to its right, mm; nil where there is nothing. */
    double width() {
        return parts.isEmpty()
                ? 0
                : parts.get(parts.size() - 1).to() - parts.get(0).from();
    }

    /** How much thicker than another slice it is at the same place, at the most, mm. */
    double risesOver(Slice other) {
        double rises = 0;
        for (EndView.Thick here : parts) {
            for (EndView.Thick there : other.parts) {
                if (Math.min(here.to(), there.to()) - Math.max(here.from(), there.from()) > 1) {
                    rises = Math.max(rises, here.thickness() - there.thickness());
                }
            }
        }
        return rises;
    }
}
