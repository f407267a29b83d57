package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/** Which cuts are alike, which only when one is turned over. */
class CutShapeTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Of no symmetry at all. */
    private static final Polygon SLANTED = polygon(0, 0, 60, 0, 48, 35, 0, 25);

    private static Polygon polygon(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new Coordinate(xy[2 * i % xy.length], xy[(2 * i + 1) % xy.length]);
        }
        return FACTORY.createPolygon(ring);
    }

    private static CutShape cut(Polygon shape, Side side, double up) {
        Length border = Length.ofMillimetres(3);
        return CutShape.of(new Layer(
                0,
                0,
                0,
                new Face(0, side),
                LayerChoice.of("paper-120", border),
                Cardstock.of("paper", 120),
                shape,
                border,
                border,
                up));
    }

    private static Polygon moved(Polygon shape, double degrees, double x, double y) {
        AffineTransformation turn = AffineTransformation.rotationInstance(Math.toRadians(degrees));
        return (Polygon)
                turn.compose(AffineTransformation.translationInstance(x, y)).transform(shape);
    }

    @Test
    void aRectangleIsItsOwnMirrorImage() {
        CutShape rectangle = cut(polygon(10, 10, 70, 10, 70, 40, 10, 40), Side.FACE, 90);
        assertThat(rectangle.isRectangle()).isTrue();
        assertThat(rectangle.size()).isEqualTo(Size.ofMillimetres(60, 30));
        assertThat(rectangle.mirrored().turnable()).isEqualTo(rectangle.turnable());
        assertThat(rectangle.mirrored().standing()).isEqualTo(rectangle.standing());
    }

    /** The other side of a panel, turned over like a page, is the mirror image of its decorated side. */
    @Test
    void theTwoSidesOfASlantedPanelAreMirrorImages() {
        CutShape face = cut(SLANTED, Side.FACE, 90);
        CutShape back = cut(SLANTED, Side.BACK, 90);
        assertThat(back.turnable())
                .isNotEqualTo(face.turnable())
                .isEqualTo(face.mirrored().turnable());
        assertThat(back.standing()).isEqualTo(face.mirrored().standing());
    }

    /** What is up on the sheet at the left is up when it is cut: width and height change places. */
    @Test
    void aPieceStandsAsItIsSeen() {
        assertThat(cut(polygon(0, 0, 60, 0, 60, 30, 0, 30), Side.FACE, 180).size())
                .isEqualTo(Size.ofMillimetres(30, 60));
        assertThat(cut(polygon(0, 0, 60, 0, 60, 30, 0, 30), Side.FACE, 270).size())
                .isEqualTo(Size.ofMillimetres(60, 30));
    }

    @Test
    void aRingIsNoDisc() {
        Polygon disc = (Polygon) FACTORY.createPoint(new Coordinate(0, 0)).buffer(20);
        Polygon ring = (Polygon)
                disc.difference(FACTORY.createPoint(new Coordinate(0, 0)).buffer(10));
        assertThat(cut(ring, Side.FACE, 90).turnable())
                .isNotEqualTo(cut(disc, Side.FACE, 90).turnable());
    }

    /**
     * However it lies on its sheet it is cut the same; plain paper whichever way it is turned, directional paper only
     * upright.
     */
    @Property(tries = 120)
    void whereItLiesOnItsSheetDoesNotMatter(
            @ForAll @IntRange(min = 0, max = 359) int degrees,
            @ForAll @DoubleRange(min = -300, max = 300) double x,
            @ForAll @DoubleRange(min = -300, max = 300) double y) {
        CutShape here = cut(SLANTED, Side.FACE, 90);
        CutShape there = cut(moved(SLANTED, degrees, x, y), Side.FACE, 90 + degrees);
        assertThat(there.polygon().equalsExact(here.polygon().copy(), 1e-6)
                        || there.polygon().norm().equalsExact(here.polygon().norm(), 1e-6))
                .isTrue();
        assertThat(cut(moved(SLANTED, 90, x, y), Side.FACE, 90).turnable()).isEqualTo(here.turnable());
        assertThat(cut(moved(SLANTED, 90, x, y), Side.FACE, 90).standing()).isNotEqualTo(here.standing());
    }
}
