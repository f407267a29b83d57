package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/** Where a layer is parted along a slit's line. */
class SlitCutsTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon polygon(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = new Coordinate(xy[2 * i % xy.length], xy[(2 * i + 1) % xy.length]);
        }
        return FACTORY.createPolygon(ring);
    }

    private static LineString line(double x0, double y0, double x1, double y1) {
        return FACTORY.createLineString(new Coordinate[] {new Coordinate(x0, y0), new Coordinate(x1, y1)});
    }

    /**
     * By hand: the corner that a corner flip turns over, a square of 30 with a small triangle at two of its corners.
     */
    @Test
    void theCornerOfAFlipIsASquareAndTwoTriangles() {
        Polygon corner = polygon(0, 0, 36, 0, 30, 6, 30, 30, 6, 30, 0, 36);
        List<Polygon> parts = SlitCuts.of(corner, List.of(line(36, 0, 30, 6), line(6, 30, 0, 36)));
        assertThat(parts).hasSize(3);
        assertThat(parts.stream().mapToDouble(Polygon::getArea).max().orElse(0)).isCloseTo(900, within(1e-6));
        assertThat(parts.stream().mapToDouble(Polygon::getArea).sum()).isCloseTo(corner.getArea(), within(1e-6));
    }

    @Test
    void anOutlineThatBendsInIsLeftWhole() {
        Polygon kite = polygon(0, 40, 20, 60, 40, 40, 24, 10, 24, 0, 16, 0, 16, 10);
        assertThat(SlitCuts.of(kite, List.of())).containsExactly(kite);
        assertThat(SlitCuts.of(kite, List.of(line(0, 40, 20, 60)))).containsExactly(kite);
    }

    @Test
    void twoFoldsThatMeetInACornerPartNothing() {
        Polygon notched = polygon(0, 0, 40, 0, 40, 20, 20, 20, 20, 40, 0, 40);
        assertThat(SlitCuts.of(notched, List.of(line(40, 20, 20, 20), line(20, 20, 20, 40))))
                .containsExactly(notched);
    }

    @Test
    void oneSlitAndOneFoldPartItAlongTheSlit() {
        Polygon notched = polygon(0, 0, 40, 0, 40, 20, 20, 20, 20, 40, 0, 40);
        List<Polygon> parts = SlitCuts.of(notched, List.of(line(40, 20, 20, 20)));
        assertThat(parts).hasSize(2).extracting(Polygon::getArea).containsExactlyInAnyOrder(400.0, 800.0);
    }

    /** Rows that fold at different places are parted alike at the left of a sheet and, mirrored, at its right. */
    @Property(tries = 300)
    void slitRowsArePartedAlikeAtLeftAndRight(
            @ForAll @Size(min = 2, max = 5) List<@IntRange(min = 4, max = 15) Integer> widths,
            @ForAll @Size(5) List<@IntRange(min = 10, max = 40) Integer> heights) {
        List<Double> corners = new ArrayList<>(List.of(0.0, 0.0));
        List<LineString> folds = new ArrayList<>();
        List<LineString> mirrored = new ArrayList<>();
        double up = 0;
        for (int i = 0; i < widths.size(); i++) {
            double across = 10 * widths.get(i);
            double head = up + heights.get(i);
            corners.addAll(List.of(across, up, across, head));
            folds.add(line(across, up, across, head));
            mirrored.add(line(200 - across, up, 200 - across, head));
            up = head;
        }
        corners.addAll(List.of(0.0, up));
        Polygon left = polygon(corners.stream().mapToDouble(Double::doubleValue).toArray());
        Polygon right = polygon(IntStream.range(0, corners.size())
                .mapToDouble(i -> i % 2 == 0 ? 200 - corners.get(i) : corners.get(i))
                .toArray());
        assertThat(areas(SlitCuts.of(right, mirrored))).isEqualTo(areas(SlitCuts.of(left, folds)));
    }

    private static List<Long> areas(List<Polygon> parts) {
        return parts.stream()
                .map(part -> Math.round(part.getArea() * 100))
                .sorted()
                .toList();
    }
}
