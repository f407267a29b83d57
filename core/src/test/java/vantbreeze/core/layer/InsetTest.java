package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** The offset of JTS against formulas worked by hand. */
class InsetTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon polygon(double... xy) {
        return FACTORY.createPolygon(ring(xy));
    }

    private static Coordinate[] ring(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new Coordinate(xy[2 * i % xy.length], xy[(2 * i + 1) % xy.length]);
        }
        return ring;
    }

    private static Polygon only(List<Polygon> polygons) {
        assertThat(polygons).hasSize(1);
        return polygons.get(0);
    }

    /** Elementary: what is left of a triangle is alike to it, its inscribed circle smaller by the border. */
    @Property(tries = 200)
    void aTriangleKeepsItsShape(
            @ForAll @DoubleRange(min = 40, max = 200) double base,
            @ForAll @DoubleRange(min = 40, max = 200) double height,
            @ForAll @DoubleRange(min = -0.4, max = 1.4) double apex,
            @ForAll @DoubleRange(min = 0.5, max = 6) double border) {
        Polygon triangle = polygon(0, 0, base, 0, apex * base, height);
        double area = base * height / 2;
        double inradius = 2 * area / triangle.getLength();
        assertThat(only(Inset.of(triangle, border)).getArea())
                .isCloseTo(area * Math.pow((inradius - border) / inradius, 2), within(1e-6 * area));
    }

    /**
     * By hand: a trapezium's parallel sides come in by the border; its legs by the border over the cosine of their
     * slant.
     */
    @Property(tries = 200)
    void aTrapeziumAsByHand(
            @ForAll @DoubleRange(min = 60, max = 200) double foot,
            @ForAll @DoubleRange(min = 0, max = 20) double slant,
            @ForAll @DoubleRange(min = 40, max = 120) double height,
            @ForAll @DoubleRange(min = 0.5, max = 6) double border) {
        Polygon trapezium = polygon(0, 0, foot, 0, foot - slant, height, slant, height);
        double leg = Math.hypot(slant, height);
        double inAtLeg = border * leg / height;
        double widthAtFoot = foot - 2 * slant * border / height - 2 * inAtLeg;
        double widthAtHead = foot - 2 * slant * (height - border) / height - 2 * inAtLeg;
        double area = (widthAtFoot + widthAtHead) / 2 * (height - 2 * border);
        assertThat(only(Inset.of(trapezium, border)).getArea()).isCloseTo(area, within(1e-6 * foot * height));
    }

    /**
     * By hand: a ring loses its border outside and inside. Drawn with so many corners its area is short by the factor
     * of the polygon.
     */
    @Property(tries = 50)
    void aRingLosesItsBorderTwice(
            @ForAll @DoubleRange(min = 30, max = 60) double outer,
            @ForAll @DoubleRange(min = 12, max = 18) double width,
            @ForAll @DoubleRange(min = 0.5, max = 5) double border) {
        int corners = 360;
        double inner = outer - width;
        LinearRing hole = FACTORY.createLinearRing(ring(round(inner, corners)));
        Polygon drawn =
                FACTORY.createPolygon(FACTORY.createLinearRing(ring(round(outer, corners))), new LinearRing[] {hole});
        double area = Math.PI * (Math.pow(outer - border, 2) - Math.pow(inner + border, 2));
        assertThat(only(Inset.of(drawn, border)).getArea()).isCloseTo(area, within(0.002 * area));
    }

    private static double[] round(double radius, int corners) {
        double[] xy = new double[2 * corners];
        for (int i = 0; i < corners; i++) {
            xy[2 * i] = radius * Math.cos(2 * Math.PI * i / corners);
            xy[2 * i + 1] = radius * Math.sin(2 * Math.PI * i / corners);
        }
        return xy;
    }

    @Test
    void aBorderThatEatsItLeavesNothing() {
        assertThat(Inset.of(polygon(0, 0, 20, 0, 20, 80, 0, 80), 10)).isEmpty();
        assertThat(Inset.of(polygon(0, 0, 20, 0, 20, 80, 0, 80), 9.9)).hasSize(1);
    }

    @Test
    void aWaistNarrowerThanTwoBordersPartsIt() {
        Polygon hourglass = polygon(0, 0, 40, 0, 22, 40, 40, 80, 0, 80, 18, 40);
        assertThat(Inset.of(hourglass, 4)).hasSize(2);
    }
}
