package vantbreeze.core.fold.plane;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Location;

/**
 * Where a segment runs through the inside of a shape of any form: it is cut at every side of the shape, and each part
 * is inside when its middle is.
 *
 * @param begins how far along the segment it runs in, 0 to 1
 * @param ends how far along it runs out
 */
public record Chord(double begins, double ends) {

    /** Two cuts nearer than this part of the segment are one. */
    private static final double SAME = 1e-12;

    /**
     * The chords of a segment, in turn.
     *
     * @param margin a part whose middle is no farther than this from a side runs along it, not through; mm
     */
    public static List<Chord> of(Coordinate from, Coordinate to, Geometry shape, double margin) {
        List<LineSegment> sides = sides(shape);
        LineSegment line = new LineSegment(from, to);
        double[] cuts = DoubleStream.concat(
                        DoubleStream.of(0, 1),
                        sides.stream().mapToDouble(side -> cut(line, side)).filter(at -> at > SAME && at < 1 - SAME))
                .sorted()
                .toArray();
        List<Chord> chords = new ArrayList<>();
        for (int i = 0; i + 1 < cuts.length; i++) {
            Coordinate middle = line.pointAlong((cuts[i] + cuts[i + 1]) / 2);
            if (cuts[i + 1] - cuts[i] < SAME
                    || SimplePointInAreaLocator.locate(middle, shape) != Location.INTERIOR
                    || (margin > 0 && sides.stream().anyMatch(side -> side.distance(middle) <= margin))) {
                continue;
            }
            int last = chords.size() - 1;
            if (last >= 0 && cuts[i] - chords.get(last).ends < SAME) {
                chords.set(last, new Chord(chords.get(last).begins, cuts[i + 1]));
            } else {
                chords.add(new Chord(cuts[i], cuts[i + 1]));
            }
        }
        return chords;
    }

    /**
     * How far along {@code line} the line through {@code side} cuts it within that side; not a number where it does
     * not.
     */
    private static double cut(LineSegment line, LineSegment side) {
        double lineX = line.p1.x - line.p0.x;
        double lineY = line.p1.y - line.p0.y;
        double sideX = side.p1.x - side.p0.x;
        double sideY = side.p1.y - side.p0.y;
        double cross = lineX * sideY - lineY * sideX;
        double offX = side.p0.x - line.p0.x;
        double offY = side.p0.y - line.p0.y;
        double alongSide = (offX * lineY - offY * lineX) / cross;
        // a corner that lies on the line is cut by one of its two sides at least, whatever is rounded
        return alongSide >= -1e-9 && alongSide <= 1 + 1e-9 ? (offX * sideY - offY * sideX) / cross : Double.NaN;
    }

    private static List<LineSegment> sides(Geometry shape) {
        Geometry boundary = shape.getBoundary();
        List<LineSegment> sides = new ArrayList<>();
        for (int i = 0; i < boundary.getNumGeometries(); i++) {
            Coordinate[] ring = boundary.getGeometryN(i).getCoordinates();
            for (int j = 0; j + 1 < ring.length; j++) {
                sides.add(new LineSegment(ring[j], ring[j + 1]));
            }
        }
        return sides;
    }
}
