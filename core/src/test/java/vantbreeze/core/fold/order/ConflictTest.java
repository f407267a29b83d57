package vantbreeze.core.fold.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.plane.Flat;
import vantbreeze.core.length.Length;

class ConflictTest {

    private static FoldGraph strip(int[] widths, Fold... folds) {
        Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50));
        for (int i = 0; i < widths.length; i++) {
            strip.panel("Panel " + (i + 1), Length.ofMillimetres(widths[i]))
                    .fold(i < folds.length ? folds[i] : Fold.VALLEY);
        }
        return FoldGraph.of(Panels.of(strip.piece()));
    }

    /**
     * A narrow panel folded to the same side as its wide neighbours can't hold them both: 30, 10, 30 with two valleys.
     */
    @Test
    void panelsThatMustPassThroughOneAnotherAreNamed() {
        FoldGraph card = strip(new int[] {30, 10, 30, 5}, Fold.VALLEY, Fold.VALLEY);
        LayerOrders orders = LayerOrders.of(card);
        assertThat(orders.first()).isEmpty();
        assertThat(orders.count(10)).isZero();
        assertThat(orders.conflict()).containsExactly(0, 1, 2);
        assertThat(orders.conflictInWords().orElseThrow())
                .contains("Panel 1, Panel 2, Panel 3")
                .doesNotContain("Panel 4");
    }

    @Test
    void whereThereIsAnOrderNothingIsSaid() {
        assertThat(LayerOrders.of(strip(new int[] {30, 30, 30}, Fold.VALLEY, Fold.MOUNTAIN))
                        .conflictInWords())
                .isEmpty();
    }

    @Test
    void aHalfFoldedPoseHasNoOrder() {
        assertThatThrownBy(() -> LayerOrders.of(strip(new int[] {30, 30}), Pose.partly(0.5)))
                .hasMessageContaining("neither open nor folded flat");
    }

    /** The quick guess and the search are two ways to the same answer. */
    @Property(tries = 300)
    void theQuickOrderIsAmongThoseThatTheSearchFinds(
            @ForAll @Size(min = 2, max = 7) List<@IntRange(min = 1, max = 4) Integer> widths,
            @ForAll @Size(7) List<Fold> folds) {
        FoldGraph card = strip(widths.stream().mapToInt(w -> w * 10).toArray(), folds.toArray(new Fold[0]));
        LayerOrders orders = LayerOrders.of(card);
        List<LayerOrder> all = orders.all(100_000);
        assertThat(orders.count(100_000)).isEqualTo(all.size());
        assertThat(orders.first().isPresent()).isEqualTo(!all.isEmpty());
        orders.first().ifPresent(first -> assertThat(all).anyMatch(order -> agree(card, order, first)));
        assertThat(orders.conflict().isEmpty()).isEqualTo(!all.isEmpty());
    }

    private static boolean agree(FoldGraph card, LayerOrder one, LayerOrder other) {
        FoldedForm form = FoldedForm.of(card, Pose.closed());
        for (int a = 0; a < card.panels().size(); a++) {
            for (int b = 0; b < a; b++) {
                boolean overlap = Flat.overlap(
                        form.placed().get(a).shadow(), form.placed().get(b).shadow());
                if (overlap && one.isBelow(a, b) != other.isBelow(a, b)) {
                    return false;
                }
            }
        }
        return true;
    }
}
