package vantbreeze.core.fold.plane;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Chords and overlaps beside JTS's general overlay, which tells the same of any shapes and takes longer. */
class FlatTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A star about the origin: one corner every so many degrees, each as far out as told. */
    private static Polygon star(List<Double> reaches) {
        Coordinate[] ring = new Coordinate[reaches.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            double angle = 2 * Math.PI * (i % reaches.size()) / reaches.size();
            double reach = reaches.get(i % reaches.size());
            ring[i] = new Coordinate(reach * Math.cos(angle), reach * Math.sin(angle));
        }
        return FACTORY.createPolygon(ring);
    }

    private static double length(Coordinate from, Coordinate to, Geometry shape) {
        return Chord.of(from, to, shape, 0).stream()
                        .mapToDouble(passage -> passage.ends() - passage.begins())
                        .sum()
                * from.distance(to);
    }

    @Property(tries = 400)
    void aSegmentRunsThroughAStarAsFarAsJtsSays(
            @ForAll @Size(min = 5, max = 12) List<@DoubleRange(min = 2, max = 20) Double> reaches,
            @ForAll @DoubleRange(min = -25, max = 25) double x,
            @ForAll @DoubleRange(min = -25, max = 25) double y,
            @ForAll @DoubleRange(min = -25, max = 25) double toX,
            @ForAll @DoubleRange(min = -25, max = 25) double toY) {
        Polygon star = star(reaches);
        Coordinate from = new Coordinate(x, y);
        Coordinate to = new Coordinate(toX, toY + 0.1);
        double beside = FACTORY.createLineString(new Coordinate[] {from, to})
                .intersection(star)
                .getLength();
        assertThat(length(from, to, star)).isCloseTo(beside, within(1e-6));
    }

    @Property(tries = 400)
    void starsOverlapWhereJtsSaysSo(
            @ForAll @Size(min = 5, max = 12) List<@DoubleRange(min = 2, max = 20) Double> one,
            @ForAll @Size(min = 5, max = 12) List<@DoubleRange(min = 2, max = 20) Double> other,
            @ForAll @DoubleRange(min = 0, max = 40) double apart) {
        Polygon first = star(one);
        Geometry second =
                AffineTransformation.translationInstance(apart, apart / 3).transform(star(other));
        assertThat(Flat.overlap(first, second))
                .isEqualTo(first.intersection(second).getArea() > Flat.LEAST_AREA);
    }

    /**
     * Wherever the sheet lies, and however its corners are rounded, a line that sets out from an inner corner begins
     * there.
     */
    @Property(tries = 400)
    void aLineFromAnInnerCornerBeginsThere(
            @ForAll @DoubleRange(min = 1, max = 90) double wide,
            @ForAll @DoubleRange(min = 1, max = 90) double high,
            @ForAll @DoubleRange(min = 0, max = 360) double degrees) {
        Coordinate[] ring = {
            at(0, 0), at(2 * wide, 0), at(2 * wide, 2 * high), at(wide, 2 * high), at(wide, high), at(0, high), at(0, 0)
        };
        Geometry panel =
                AffineTransformation.rotationInstance(Math.toRadians(degrees)).transform(FACTORY.createPolygon(ring));
        Coordinate[] corners = panel.getCoordinates();
        Coordinate beyond = at(2 * corners[4].x - corners[3].x, 2 * corners[4].y - corners[3].y);
        assertThat(Chord.of(corners[4], beyond, panel, 1e-6))
                .hasSize(1)
                .first()
                .extracting(Chord::begins)
                .isEqualTo(0.0);
    }

    @Test
    void aLineThroughAnInnerCornerGoesOn() {
        // a panel with a step in its left edge: the line from the step's corner upwards meets the corner of a notch on
        // its way
        Polygon panel = FACTORY.createPolygon(
                new Coordinate[] {at(0, 0), at(40, 0), at(40, 60), at(0, 60), at(0, 40), at(10, 30), at(0, 30), at(0, 0)
                });
        assertThat(Chord.of(at(10, 0), at(10, 60), panel, 1e-6)).containsExactly(new Chord(0, 1));
        assertThat(length(at(5, 0), at(5, 70), panel)).isCloseTo(30 + 25, within(1e-9));
    }

    @Test
    void aHoleInterruptsAPassageAndASideIsNone() {
        Geometry ring = FACTORY.createPoint(at(0, 0))
                .buffer(20, 16)
                .difference(FACTORY.createPoint(at(0, 0)).buffer(10, 16));
        assertThat(Chord.of(at(-30, 0), at(30, 0), ring, 0)).hasSize(2);
        assertThat(length(at(-30, 0), at(30, 0), ring)).isCloseTo(20, within(1e-9));
        Polygon square = FACTORY.createPolygon(new Coordinate[] {at(0, 0), at(10, 0), at(10, 10), at(0, 10), at(0, 0)});
        assertThat(Chord.of(at(0, 0), at(10, 0), square, Flat.NEAR)).isEmpty();
    }

    private static Coordinate at(double x, double y) {
        return new Coordinate(x, y);
    }
}
