package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Rectangles brought to a ruler's marks: smaller only, and only away from a fold. */
class UprightTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Length NONE = Length.ZERO;

    private static Upright panel(long width, long height) {
        return new Upright(NONE, NONE, Length.ofUnits(width), Length.ofUnits(height));
    }

    private static LineString fold(double x0, double y0, double x1, double y1) {
        return FACTORY.createLineString(new Coordinate[] {new Coordinate(x0, y0), new Coordinate(x1, y1)});
    }

    private static Length mm(long micrometres) {
        return Length.ofMicrometres(micrometres);
    }

    /** By hand: 70.3 mm less twice 3 mm is 64.3; the mark below is 64, and the 0.3 goes to the fold at the right. */
    @Test
    void whatRoundingFreesGoesToTheFold() {
        Upright panel = new Upright(NONE, NONE, mm(70_300), mm(100_000));
        Upright layer = panel.inset(mm(3_000), Ruler.MM_1, List.of(fold(70.3, 0, 70.3, 100)));
        assertThat(layer.size()).isEqualTo(Size.ofMillimetres(64, 94));
        assertThat(panel.borders(layer)).containsExactly(mm(3_000), mm(3_000), mm(3_300), mm(3_000));
    }

    @Test
    void atTheLeftAsAtTheRight() {
        Upright panel = new Upright(NONE, NONE, mm(70_300), mm(100_000));
        Upright layer = panel.inset(mm(3_000), Ruler.MM_1, List.of(fold(0, 0, 0, 100)));
        assertThat(panel.borders(layer)).containsExactly(mm(3_300), mm(3_000), mm(3_000), mm(3_000));
    }

    @Test
    void betweenTwoFoldsOrNoneItIsShared() {
        Upright panel = new Upright(NONE, NONE, mm(70_300), mm(100_000));
        List<LineString> both = List.of(fold(0, 0, 0, 100), fold(70.3, 0, 70.3, 100));
        for (List<LineString> folds : List.of(both, List.<LineString>of())) {
            assertThat(panel.borders(panel.inset(mm(3_000), Ruler.MM_1, folds)))
                    .containsExactly(mm(3_150), mm(3_000), mm(3_150), mm(3_000));
        }
    }

    @Test
    void aBorderThatEatsItLeavesNone() {
        assertThat(panel(80_000, 400_000).inset(mm(5_000), Ruler.MM_1, List.of()))
                .isNull();
    }

    /** A strip thinner than a mark of the ruler is left as it is rather than rounded away. */
    @Test
    void whatIsThinnerThanAMarkStays() {
        Upright layer = new Upright(NONE, NONE, mm(6_000), mm(90_000)).inset(mm(1_000), Ruler.MM_5, List.of());
        assertThat(layer.size().width()).isEqualTo(mm(4_000));
    }

    /** Whatever the panel: on marks, within its borders, and never less than a mark smaller than it could be. */
    @Property(tries = 300)
    void everyRectangleIsOnMarksAndKeepsItsBorder(
            @ForAll @LongRange(min = 200_000, max = 2_000_000) long width,
            @ForAll @LongRange(min = 200_000, max = 2_000_000) long height,
            @ForAll @IntRange(min = 0, max = 9_000) int border,
            @ForAll Ruler ruler) {
        Upright panel = panel(width, height);
        Upright layer = panel.inset(mm(border), ruler, List.of());
        assertThat(ruler.marks(layer.size().width()) && ruler.marks(layer.size().height()))
                .isTrue();
        assertThat(panel.borders(layer)).allMatch(one -> !one.isShorterThan(mm(border)));
        Length spare = panel.size()
                .width()
                .minus(mm(border).times(2))
                .minus(layer.size().width());
        assertThat(spare.isNegative()).isFalse();
        assertThat(spare.isShorterThan(ruler.division())).isTrue();
    }

    @Test
    void onlyARectangleThatStandsSquareIsOne() {
        Polygon slanted = FACTORY.createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(50, 0),
            new Coordinate(40, 30),
            new Coordinate(0, 30),
            new Coordinate(0, 0)
        });
        assertThat(Upright.of(slanted)).isNull();
        assertThat(Upright.of(panel(400_000, 240_000).polygon(slanted))).isEqualTo(panel(400_000, 240_000));
    }

    @Test
    void aSizeOfItsOwnLiesInTheMiddle() {
        Upright middle = panel(800_000, 400_000).middle(Size.ofMillimetres(20, 30));
        assertThat(middle).isEqualTo(new Upright(mm(40_000), mm(10_000), mm(60_000), mm(40_000)));
    }
}
