package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
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
        assertThat(rectangle.mirrored().like(rectangle, true)).isTrue();
        assertThat(rectangle.mirrored().like(rectangle, false)).isTrue();
    }

    /** The other side of a panel, turned over like a page, is the mirror image of its decorated side. */
    @Test
    void theTwoSidesOfASlantedPanelAreMirrorImages() {
        CutShape face = cut(SLANTED, Side.FACE, 90);
        CutShape back = cut(SLANTED, Side.BACK, 90);
        assertThat(back.like(face, true)).isFalse();
        assertThat(back.like(face.mirrored(), true)).isTrue();
        assertThat(back.like(face.mirrored(), false)).isTrue();
    }

    /** What is up on the sheet at the left is up when it is cut: width and height change places. */
    @Test
    void aPieceStandsAsItIsSeen() {
        assertThat(cut(polygon(0, 0, 60, 0, 60, 30, 0, 30), Side.FACE, 180).size())
                .isEqualTo(Size.ofMillimetres(30, 60));
        assertThat(cut(polygon(0, 0, 60, 0, 60, 30, 0, 30), Side.FACE, 270).size())
                .isEqualTo(Size.ofMillimetres(60, 30));
    }

    /** What is a third of a degree off square is meant square; two degrees are meant. */
    @Test
    void nearlySquareIsSquare() {
        Polygon piece = polygon(0, 0, 60, 0, 60, 30, 0, 30);
        assertThat(cut(piece, Side.FACE, 90.3).size()).isEqualTo(Size.ofMillimetres(60, 30));
        assertThat(cut(piece, Side.FACE, 179.7).size()).isEqualTo(Size.ofMillimetres(30, 60));
        CutShape leaning = cut(piece, Side.FACE, 92);
        assertThat(leaning.isRectangle()).isFalse();
        assertThat(leaning.size().width()).isGreaterThan(Length.ofMillimetres(60));
    }

    @Test
    void aRingIsNoDisc() {
        Polygon disc = (Polygon) FACTORY.createPoint(new Coordinate(0, 0)).buffer(20);
        Polygon ring = (Polygon)
                disc.difference(FACTORY.createPoint(new Coordinate(0, 0)).buffer(10));
        assertThat(cut(ring, Side.FACE, 90).like(cut(disc, Side.FACE, 90), true))
                .isFalse();
    }

    /**
     * However it lies on its sheet it is cut the same, whatever its size, on no ruler's marks: plain paper whichever
     * way it is turned, directional paper only upright.
     */
    @Property(tries = 300)
    void whereItLiesOnItsSheetDoesNotMatter(
            @ForAll("sizes") double width,
            @ForAll("sizes") double height,
            @ForAll @IntRange(max = 359) int degrees,
            @ForAll @DoubleRange(min = -300, max = 300) double x,
            @ForAll @DoubleRange(min = -300, max = 300) double y) {
        Polygon slanted = polygon(0, 0, width, 0, 0.8 * width, height + 10.1, 0, height);
        CutShape here = cut(slanted, Side.FACE, 90);
        CutShape there = cut(moved(slanted, degrees, x, y), Side.FACE, 90 + degrees);
        assertThat(there.like(here, false)).isTrue();
        assertThat(here.like(there, false)).isTrue();
        CutShape turned = cut(moved(slanted, 90, x, y), Side.FACE, 90);
        assertThat(turned.like(here, true)).isTrue();
        assertThat(turned.like(here, false)).isFalse();
    }

    /** The sizes of cards and their mats: micrometres, and all that stand on marks of sixteenths. */
    @Provide
    Arbitrary<Double> sizes() {
        return Arbitraries.oneOf(
                Arbitraries.integers().between(1_000, 300_000).map(micrometres -> micrometres / 1000.0),
                Arbitraries.integers().between(1, 190).map(sixteenths -> sixteenths * 25.4 / 16));
    }

    /** What a ruler tells apart is told apart: a quarter of a millimetre at any one corner, or two sides exchanged. */
    @Property(tries = 300)
    void whatDiffersIsToldApart(
            @ForAll("sizes") double width,
            @ForAll("sizes") double height,
            @ForAll @IntRange(max = 7) int which,
            @ForAll boolean turned) {
        double[] corners = {0, 0, width, 0, 0.8 * width, height + 10.1, 0, height};
        CutShape here = cut(polygon(corners), Side.FACE, 90);
        corners[which] += which == 0 || which == 1 || which == 6 ? -0.25 : 0.25;
        assertThat(cut(polygon(corners), Side.FACE, 90).like(here, turned)).isFalse();
    }

    /** Of the same edges in the same turns, a parallelogram and a kite of one area are no congruent shapes. */
    @Test
    void edgesAloneDoNotMakeAShape() {
        CutShape leaning = cut(polygon(0, 0, 40, 0, 55, 20, 15, 20), Side.FACE, 90);
        CutShape upright = cut(polygon(0, 0, 40, 0, 40, 25, 0, 25), Side.FACE, 90);
        CutShape flatter = cut(polygon(0, 0, 40, 0, 60, 15, 20, 15), Side.FACE, 90);
        assertThat(leaning.like(upright, true)).isFalse();
        assertThat(leaning.like(flatter, true)).isFalse();
        assertThat(leaning.like(leaning, true)).isTrue();
    }

    /** Two cards with a window are alike only when their windows lie at the same place, turned or not. */
    @Test
    void windowsAtOtherPlacesTellCutsApart() {
        Polygon left = windowed(5);
        assertThat(cut(left, Side.FACE, 90).like(cut(windowed(5), Side.FACE, 90), false))
                .isTrue();
        assertThat(cut(left, Side.FACE, 90).like(cut(windowed(7), Side.FACE, 90), true))
                .isFalse();
        // turned by half a turn, a window 5 mm from the left is one 5 mm from the right
        assertThat(cut(left, Side.FACE, 90).like(cut(windowed(35), Side.FACE, 90), true))
                .isTrue();
        assertThat(cut(left, Side.FACE, 90).like(cut(windowed(35), Side.FACE, 90), false))
                .isFalse();
        assertThat(cut(left, Side.FACE, 90).like(cut(polygon(0, 0, 60, 0, 60, 40, 0, 40), Side.FACE, 90), true))
                .isFalse();
    }

    /** A sheet of 60 × 40 mm with a window of 20 × 20 mm half-way up, so far from its left edge. */
    private static Polygon windowed(double from) {
        return (Polygon) polygon(0, 0, 60, 0, 60, 40, 0, 40)
                .difference(polygon(from, 10, from + 20, 10, from + 20, 30, from, 30));
    }
}
