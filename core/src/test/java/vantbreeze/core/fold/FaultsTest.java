package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.core.fold.Cards.at;
import static vantbreeze.core.fold.Cards.crease;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.Fault.Kind;

class FaultsTest {

    private static Piece piece(List<Crease> creases, List<Stretch> slits) {
        return new Piece("piece", Cards.rectangle(100, 60), creases, slits, List.of());
    }

    private static Faults faults(List<Crease> creases, List<Stretch> slits) {
        return Faults.of(piece(creases, slits));
    }

    @Test
    void aSelfCrossingOutlineIsNamedWithItsPlace() {
        Faults faults = Faults.of(new Piece(
                "bow", List.of(at(0, 0), at(100, 60), at(100, 0), at(0, 60)), List.of(), List.of(), List.of()));
        assertThat(faults.has(Kind.OUTLINE_CROSSES_ITSELF)).isTrue();
        assertThat(faults.all().get(0).where()).containsExactly(at(50, 30));
    }

    @Test
    void noOutlineAtAll() {
        assertThat(Faults.of(new Piece("line", List.of(at(0, 0), at(5, 5)), List.of(), List.of(), List.of()))
                        .has(Kind.NO_OUTLINE))
                .isTrue();
        assertThat(Faults.of(new Piece("flat", List.of(at(0, 0), at(5, 0), at(9, 0)), List.of(), List.of(), List.of()))
                        .has(Kind.NO_OUTLINE))
                .isTrue();
    }

    @Test
    void aCreaseOfNoLength() {
        assertThat(faults(List.of(crease(Fold.VALLEY, at(50, 10), at(50, 10))), List.of())
                        .has(Kind.NO_LENGTH))
                .isTrue();
    }

    @Test
    void aCreaseThatRunsOffThePiece() {
        assertThat(faults(List.of(crease(Fold.VALLEY, at(50, -10), at(50, 60))), List.of())
                        .has(Kind.OUTSIDE))
                .isTrue();
    }

    @Test
    void aSlitAllRoundLeavesAPanelFree() {
        Faults faults = faults(
                List.of(),
                List.of(
                        new Stretch(at(20, 20), at(40, 20)),
                        new Stretch(at(40, 20), at(40, 40)),
                        new Stretch(at(40, 40), at(20, 40)),
                        new Stretch(at(20, 40), at(20, 20))));
        assertThat(faults.has(Kind.CUT_FREE)).isTrue();
    }

    @Test
    void looseEnds() {
        assertThat(faults(List.of(crease(Fold.VALLEY, at(50, 0), at(50, 40))), List.of())
                        .has(Kind.LOOSE_CREASE))
                .isTrue();
        assertThat(faults(List.of(), List.of(new Stretch(at(50, 0), at(50, 40))))
                        .has(Kind.LOOSE_SLIT))
                .isTrue();
    }

    @Test
    void contradictoryFolds() {
        assertThat(faults(
                                List.of(
                                        crease(Fold.VALLEY, at(50, 0), at(50, 60)),
                                        crease(Fold.MOUNTAIN, at(50, 20), at(50, 60))),
                                List.of())
                        .has(Kind.CONTRADICTORY_FOLDS))
                .isTrue();
    }

    @Test
    void aJoinOfAPanelWithItself() {
        Join join = Join.of(
                new PanelRef(0, "Panel 1"),
                Side.FACE,
                new PanelRef(0, "Panel 1"),
                Side.BACK,
                Attachment.at(at(0, 0), at(0, 0)));
        assertThatThrownBy(() -> FoldGraph.of(Assembly.of(piece(List.of(), List.of()), join)))
                .hasMessageContaining("can't be glued to itself");
        Join nowhere = Join.of(
                new PanelRef(0, "Panel 1"),
                Side.FACE,
                new PanelRef(0, "Wing"),
                Side.BACK,
                Attachment.at(at(0, 0), at(0, 0)));
        assertThatThrownBy(() -> FoldGraph.of(Assembly.of(piece(List.of(), List.of()), nowhere)))
                .hasMessageContaining("\"Wing\"");
    }

    @Test
    void tenThousandCreasesAreRefusedWithoutAHang() {
        List<Crease> many = new ArrayList<>();
        for (int i = 1; i <= 10_000; i++) {
            many.add(crease(Fold.VALLEY, at(i * 0.009, 0), at(i * 0.009, 60)));
        }
        // a guard against a hang, not a measurement
        Faults faults = Assertions.assertTimeoutPreemptively(Duration.ofSeconds(20), () -> faults(many, List.of()));
        assertThat(faults.has(Kind.TOO_MANY_LINES)).isTrue();
    }

    @Test
    void aGoodPieceHasNone() {
        assertThat(faults(List.of(crease(Fold.VALLEY, at(50, 0), at(50, 60))), List.of())
                        .isEmpty())
                .isTrue();
    }
}
