package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.locationtech.jts.geom.Coordinate;

/** Creases that lie along each other: on one line, over some length, the same way or against it (elementary). */
class FlatCreaseTest {

    /** A point so far along and so far to the left of a line through (x, y) that is turned by {@code angle}. */
    private record Line(double x, double y, double angle) {
        Coordinate at(double along, double aside) {
            double cosine = Math.cos(angle);
            double sine = Math.sin(angle);
            return new Coordinate(x + along * cosine - aside * sine, y + along * sine + aside * cosine);
        }
    }

    private static int alongside(Line line, double from, double to, double fromAside, double toAside) {
        return FlatCrease.alongside(line.at(0, 0), line.at(100, 0), line.at(from, fromAside), line.at(to, toAside));
    }

    @Property
    void onOneLineTheyRunTheSameWayOrAgainstEachOther(
            @ForAll @DoubleRange(min = -400, max = 400) double x,
            @ForAll @DoubleRange(min = -400, max = 400) double y,
            @ForAll @DoubleRange(max = 6.2) double angle,
            @ForAll @DoubleRange(min = -80, max = 95) double from,
            @ForAll @DoubleRange(min = 85, max = 300) double length) {
        Line line = new Line(x, y, angle);
        assertThat(alongside(line, from, from + length, 0, 0)).isEqualTo(1);
        assertThat(alongside(line, from + length, from, 0, 0)).isEqualTo(-1);
        FlatCrease one = new FlatCrease(0, 1, true, line.at(0, 0), line.at(100, 0));
        FlatCrease other = new FlatCrease(2, 3, true, line.at(from, 0), line.at(from + length, 0));
        assertThat(one.liesAlong(other)).isTrue();
        assertThat(one.liesAlong(new FlatCrease(2, 3, true, other.to(), other.from())))
                .isFalse();
    }

    @Property
    void besideOrBehindEachOtherTheyDoNot(
            @ForAll @DoubleRange(min = -400, max = 400) double x,
            @ForAll @DoubleRange(min = -400, max = 400) double y,
            @ForAll @DoubleRange(max = 6.2) double angle,
            @ForAll @DoubleRange(min = 1, max = 60) double far) {
        Line line = new Line(x, y, angle);
        // to the left and to the right, or leaving the line at one end
        assertThat(alongside(line, 10, 90, far, far)).isZero();
        assertThat(alongside(line, 10, 90, -far, -far)).isZero();
        assertThat(alongside(line, 10, 90, 0, far)).isZero();
        assertThat(alongside(line, 10, 90, far, 0)).isZero();
        // one begins where the other ends, or later
        assertThat(alongside(line, 100, 100 + far, 0, 0)).isZero();
        assertThat(alongside(line, 100 + far, 300, 0, 0)).isZero();
        assertThat(alongside(line, -far, 0, 0, 0)).isZero();
        assertThat(alongside(line, -300, -far, 0, 0)).isZero();
    }
}
