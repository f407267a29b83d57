package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

class PanelsTest {

    private static Spot at(long x, long y) {
        return new Spot(Length.ofMillimetres(x), Length.ofMillimetres(y));
    }

    private static Crease crease(Fold fold, long x1, long y1, long x2, long y2) {
        return new Crease(new Stretch(at(x1, y1), at(x2, y2)), fold);
    }

    private static Piece square(List<Crease> creases, List<Stretch> slits) {
        return new Piece("square", List.of(at(0, 0), at(100, 0), at(100, 100), at(0, 100)), creases, slits, List.of());
    }

    @Test
    void crossingCreasesAreNoded() {
        Panels panels = Panels.of(square(
                List.of(
                        crease(Fold.VALLEY, 50, 0, 50, 100),
                        crease(Fold.MOUNTAIN, 0, 50, 50, 50),
                        crease(Fold.VALLEY, 50, 50, 100, 50)),
                List.of()));
        assertThat(panels.all()).hasSize(4);
        assertThat(panels.hinges()).hasSize(4);
        assertThat(panels.all().stream().mapToDouble(Panel::area).sum()).isCloseTo(10_000, within(1e-9));
    }

    /** A square folded in four shuts without a gap: three valleys and a mountain (Maekawa 1986: |M − V| = 2). */
    @Test
    void aLoopRoundAnInnerCrossingCloses() {
        Panels panels = Panels.of(square(
                List.of(
                        crease(Fold.VALLEY, 50, 0, 50, 100),
                        crease(Fold.MOUNTAIN, 0, 50, 50, 50),
                        crease(Fold.VALLEY, 50, 50, 100, 50)),
                List.of()));
        FoldedForm folded = FoldedForm.of(panels, Pose.closed());
        assertThat(folded.closureError()).isLessThan(1e-9);
        assertThat(folded.footprint()).isEqualTo(Size.ofMillimetres(50, 50));
    }

    @Test
    void aLoopThatCannotCloseSaysByHowMuch() {
        Panels panels = Panels.of(square(
                List.of(
                        crease(Fold.VALLEY, 50, 0, 50, 100),
                        crease(Fold.VALLEY, 0, 50, 100, 50),
                        crease(Fold.VALLEY, 0, 20, 50, 50)),
                List.of()));
        assertThat(FoldedForm.of(panels, Pose.closed()).closureError()).isGreaterThan(1);
    }

    @Test
    void aSlitPartsPanelsThatACreaseWouldHinge() {
        Panels panels = Panels.of(
                square(List.of(crease(Fold.VALLEY, 50, 0, 50, 100)), List.of(new Stretch(at(50, 0), at(50, 40)))));
        assertThat(panels.all()).hasSize(2);
        assertThat(panels.hinges())
                .singleElement()
                .satisfies(hinge -> assertThat(hinge.line().millimetres()).isCloseTo(60, within(1e-9)));
    }

    @Test
    void aCreaseThatEndsInsideAPanelIsReported() {
        Panels panels = Panels.of(square(List.of(crease(Fold.VALLEY, 50, 0, 50, 60)), List.of()));
        assertThat(panels.all()).hasSize(1);
        assertThat(panels.looseCreases()).containsExactly(new Stretch(at(50, 0), at(50, 60)));
    }

    @Test
    void slantedPanelsAgreeWithTheExactPartToAThousandthOfAMillimetre() {
        Panels panels = Panels.of(square(List.of(crease(Fold.VALLEY, 0, 0, 33, 100)), List.of()));
        assertThat(panels.all()).hasSize(2);
        FoldedForm folded = FoldedForm.of(panels, Pose.closed());
        double area = folded.placed().stream()
                .mapToDouble(placed -> {
                    var corners = placed.corners();
                    double twice = 0;
                    for (int i = 0; i < corners.size(); i++) {
                        var a = corners.get(i);
                        var b = corners.get((i + 1) % corners.size());
                        twice += a.getX() * b.getY() - b.getX() * a.getY();
                    }
                    return Math.abs(twice) / 2;
                })
                .sum();
        assertThat(area).isCloseTo(10_000, within(0.001));
    }
}
