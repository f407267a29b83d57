package vantbreeze.core.fold.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.fold.motion.Standing.Tips;
import vantbreeze.core.length.Length;

/** A card tips about the edge of its hull that its centre of mass is beyond; what lies on it weighs. */
class TippingTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** What an angle of 100 mm to the right and 40 mm to the front stands on, seen from above. */
    private static final Geometry ANGLE = FACTORY.createPolygon(
            new Coordinate[] {new Coordinate(0, 0), new Coordinate(100, 0), new Coordinate(0, 40), new Coordinate(0, 0)
            });

    /** By hand: x / 100 + z / 40 = 1 is its slanted edge, whose outward normal points more to the front than right. */
    @ParameterizedTest
    @CsvSource({
        "20, 10, STANDS",
        // beyond the slanted edge, though within the rectangle round it
        "97, 15, FORWARDS",
        "60, 30, FORWARDS",
        "50, -3, BACKWARDS",
        "-3, 20, LEFT",
        "110, -2, RIGHT",
        // so near to an edge that a breath tips it over that edge
        "40, 0.3, BACKWARDS",
        "0.3, 15, LEFT",
        "50, 19.8, FORWARDS"
    })
    void aCardTipsOverTheEdgeThatItsCentreIsBeyond(double x, double z, Tips tips) {
        assertThat(Standing.tips(new Vector3D(x, 30, z), ANGLE)).isEqualTo(tips);
    }

    @Test
    void whatStandsOnALineTipsToTheSideThatItLeansTo() {
        Geometry line = FACTORY.createLineString(new Coordinate[] {new Coordinate(0, 0), new Coordinate(100, 0)});
        assertThat(Standing.tips(new Vector3D(50, 30, 2), line)).isEqualTo(Tips.FORWARDS);
        assertThat(Standing.tips(new Vector3D(50, 30, -2), line)).isEqualTo(Tips.BACKWARDS);
        assertThat(Standing.tips(new Vector3D(50, 30, 0), line)).isEqualTo(Tips.FORWARDS);
    }

    /**
     * By hand: two panels of 100 × 100 mm of 300 g/m², 3 g each, at a right angle have their centre 25 mm from either.
     * 294 g in the middle of the first bring it to 0.5 mm from that.
     */
    @Test
    void whatLiesOnACardWeighsOnHowItStands() {
        FoldGraph card = FoldGraph.of(Panels.of(Strip.ofHeight("Angle", Length.ofMillimetres(100))
                .panel("Back", Length.ofMillimetres(100))
                .fold(Fold.VALLEY)
                .panel("Side", Length.ofMillimetres(100))
                .piece()));
        Pose square = Pose.of(new double[] {90});
        Frame frame = Motion.between(card, square, square, 1).frame(0);
        List<Double> grammage = List.of(300.0, 300.0);
        Standing bare = Standing.of(card, frame, grammage);
        assertThat(bare.tips()).isEqualTo(Tips.STANDS);
        Polygon middle = (Polygon) FACTORY.toGeometry(new Envelope(40, 60, 40, 60));
        Added lead = new Added("lead", 0, Side.FACE, middle, Length.ofMillimetres(2), 294 * 4);
        Standing weighted = Standing.of(card, frame, grammage, List.of(lead));
        assertThat(weighted.tips()).isNotEqualTo(Tips.STANDS);
        double sum = 6 + 294 * 4;
        // the panel that is weighted lies across or along: its middle is 50 mm along it
        assertThat(distance(weighted.centre(), bare)).isLessThan(3 * 50 / sum + 1e-9);
    }

    /** How far a centre is from the line that a panel stands on: one of the legs of the triangle of a square angle. */
    private static double distance(Vector3D centre, Standing bare) {
        Coordinate[] base = bare.base().getCoordinates();
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i + 1 < base.length; i++) {
            if (Math.abs(base[i].distance(base[i + 1]) - 100) < 1e-6) {
                nearest = Math.min(
                        nearest,
                        new LineSegment(base[i], base[i + 1]).distance(new Coordinate(centre.getX(), centre.getZ())));
            }
        }
        return nearest;
    }
}
