package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

/** The largest upright rectangle of what is left beside glue; all by hand. */
class PlainRectangleTest {

    private static Polygon read(String text) throws ParseException {
        return (Polygon) new WKTReader().read(text);
    }

    /** An L, a T upside down, a notch, a hole in the middle and one near the foot. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    POLYGON((0 0, 90 0, 90 60, 10 60, 10 8, 0 8, 0 0))                        | 10 | 90 | 0 | 60
                    POLYGON((0 0, 90 0, 90 20, 60 20, 60 70, 30 70, 30 20, 0 20, 0 0))        | 30 | 60 | 0 | 70
                    POLYGON((0 0, 40 0, 40 5, 50 5, 50 0, 90 0, 90 60, 0 60, 0 0))            |  0 | 90 | 5 | 60
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (20 20, 30 20, 30 40, 20 40, 20 20)) | 30 | 90 | 0 | 60
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (40 2, 50 2, 50 6, 40 6, 40 2))    |  0 | 90 | 6 | 60
                    """)
    void besideGlue(String text, double left, double right, double foot, double head) throws ParseException {
        Envelope box = PlainRectangle.in(read(text)).get(0).getEnvelopeInternal();
        assertThat(box.getMinX()).isCloseTo(left, within(0.02));
        assertThat(box.getMaxX()).isCloseTo(right, within(0.02));
        assertThat(box.getMinY()).isCloseTo(foot, within(0.02));
        assertThat(box.getMaxY()).isCloseTo(head, within(0.02));
    }

    @Test
    @SuppressWarnings("ReferenceEquality") // the very same
    void whatIsPlainStays() throws ParseException {
        for (String plain : new String[] {
            "POLYGON((0 0, 50 0, 0 80, 0 0))",
            "POLYGON((0 0, 60 0, 40 30, 10 30, 0 0))",
            "POLYGON((0 0, 9 0, 9 9, 0 9, 0 0))"
        }) {
            Polygon shape = read(plain);
            assertThat(PlainRectangle.in(shape)).hasSize(1);
            assertThat(PlainRectangle.in(shape).get(0) == shape).as(plain).isTrue();
        }
    }

    /** Struts down the middle, or a band across: what lies on the other side is dressed too; beside an L nothing is. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (40 10, 50 10, 50 50, 40 50, 40 10)) | 0 40 0 60, 50 90 0 60
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (20 25, 70 25, 70 32, 20 32, 20 25)) | 0 90 32 60, 0 90 0 25
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (30 10, 40 10, 40 50, 30 50, 30 10)) | 40 90 0 60, 0 30 0 60
                    POLYGON((0 0, 90 0, 90 30, 40 30, 40 80, 0 80, 0 0))                       | 0 40 0 80
                    POLYGON((0 0, 90 0, 90 60, 0 60, 0 0), (10 10, 20 10, 20 50, 10 50, 10 10)) | 20 90 0 60
                    """)
    void acrossAJoint(String text, String boxes) throws ParseException {
        assertThat(PlainRectangle.in(read(text)).stream().map(PlainRectangleTest::written))
                .containsExactly(boxes.split(", "));
    }

    private static String written(Polygon rectangle) {
        Envelope box = rectangle.getEnvelopeInternal();
        return "%.0f %.0f %.0f %.0f".formatted(box.getMinX(), box.getMaxX(), box.getMinY(), box.getMaxY());
    }

    /** In a circle the largest is a square, two of its radii squared; of the grid of a curve it is nearly so. */
    @Test
    void inACircle() {
        Polygon circle = (Polygon)
                new GeometryFactory().createPoint(new Coordinate(50, 50)).buffer(40, 16);
        Envelope box = PlainRectangle.in(circle).get(0).getEnvelopeInternal();
        assertThat(circle.buffer(0.02).covers(new GeometryFactory().toGeometry(box)))
                .isTrue();
        assertThat(box.getArea()).isBetween(0.9 * 2 * 40 * 40, 2.0 * 40 * 40 + 0.1);
    }
}
