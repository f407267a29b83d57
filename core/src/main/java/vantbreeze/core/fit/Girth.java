package vantbreeze.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.paper.Size;

/**
 * What an envelope has to go round: half the way round the stack, across and up, as a taut sheet goes, from edge to
 * edge and over what stands highest between them (half the perimeter of a convex hull; common practice says a thickness
 * of 1 mm takes 1 mm of the envelope, which is this for a stack that is as thick at its edges). A bump in the middle
 * takes less.
 *
 * @param across millimetres
 * @param up millimetres
 * @param thickness at the thickest, millimetres
 * @param where the thickest place is, in words that follow a thickness, like "in the middle"
 */
public record Girth(double across, double up, double thickness, String where) {

    /** Thicknesses nearer than this are one, mm. */
    private static final double ALIKE = 0.05;
    /** More of the card than this part of it is all of it. */
    private static final double MOST = 0.7;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Of a closed card; one whose panels can't lie on one another is taken as flat. */
    public static Girth of(ClosedCard closed) {
        return closed.bulk() == null ? flat(closed.footprint()) : of(closed.bulk());
    }

    private static Girth flat(Size footprint) {
        return new Girth(footprint.width().millimetres(), footprint.height().millimetres(), 0, "all over");
    }

    /** Of a closed stack. */
    public static Girth of(BulkMap bulk) {
        List<BulkCell> places = bulk.places();
        Envelope all = new Envelope();
        places.forEach(cell -> all.expandToInclude(cell.shape().getEnvelopeInternal()));
        BulkCell worst = bulk.worst();
        return new Girth(half(places, true), half(places, false), worst.thickness(), where(places, worst, all));
    }

    /**
     * Half the way round a cut as a taut sheet goes: half the perimeter of its convex hull, mm.
     *
     * @param profile corners of the cut: how far along, and how high over the table
     */
    public static double half(List<Coordinate> profile) {
        return new ConvexHull(profile.toArray(new Coordinate[0]), FACTORY)
                        .getConvexHull()
                        .getLength()
                / 2;
    }

    private static double half(List<BulkCell> places, boolean across) {
        List<Coordinate> profile = new ArrayList<>();
        for (BulkCell cell : places) {
            Envelope box = cell.shape().getEnvelopeInternal();
            for (double at : across
                    ? new double[] {box.getMinX(), box.getMaxX()}
                    : new double[] {box.getMinY(), box.getMaxY()}) {
                profile.add(new Coordinate(at, 0));
                profile.add(new Coordinate(at, cell.thickness()));
            }
        }
        return half(profile);
    }

    /** Thirds of the card, and all of it where the thickest place is most of it. */
    private static String where(List<BulkCell> places, BulkCell worst, Envelope all) {
        Envelope thick = new Envelope();
        places.stream()
                .filter(cell -> cell.thickness() > worst.thickness() - ALIKE)
                .forEach(cell -> thick.expandToInclude(cell.shape().getEnvelopeInternal()));
        if (thick.getArea() > MOST * all.getArea()) {
            return "all over";
        }
        double x = (thick.centre().x - all.getMinX()) / all.getWidth();
        double y = (thick.centre().y - all.getMinY()) / all.getHeight();
        Predicate<Double> low = part -> part < 1.0 / 3;
        Predicate<Double> high = part -> part > 2.0 / 3;
        String side = Stream.of(
                        low.test(y) ? "foot" : high.test(y) ? "head" : "",
                        low.test(x) ? "left" : high.test(x) ? "right" : "")
                .filter(word -> !word.isEmpty())
                .collect(Collectors.joining(" and "));
        return side.isEmpty() ? "in the middle" : "at the " + side;
    }
}
