package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

class ZFoldTest {

    private final ZFold zFold = new ZFold();

    /** Common practice, no source: 4¼ high, 11 long, scores 2¾ and 5½, footprint 5½ × 4¼, folds m v. */
    @Test
    void theZFoldOfTheHandbook() {
        Size finished = new Size(Length.ofInches(5, 1, 2), Length.ofInches(4, 1, 4));
        Panels panels = Panels.of(zFold.assemble(zFold.proportioned(finished, Ruler.EIGHTHS))
                .pieces()
                .get(0));
        assertThat(panels.piece().cutSize()).isEqualTo(new Size(Length.ofInches(11), Length.ofInches(4, 1, 4)));
        assertThat(BoardScore.of(panels))
                .extracting(BoardScore::fromLeft)
                .containsExactly(Length.ofInches(2, 3, 4), Length.ofInches(5, 1, 2));
        assertThat(BoardScore.of(panels)).extracting(BoardScore::fold).containsExactly(Fold.MOUNTAIN, Fold.VALLEY);
        assertThat(FoldedForm.of(panels, Pose.closed()).footprint()).isEqualTo(finished);
        assertThat(LayerOrders.of(FoldGraph.of(panels)).first().orElseThrow().fromBelow())
                .containsExactly(2, 1, 0);
    }

    @Property
    void closesToItsFinishedSizeWhateverTheLeg(
            @ForAll @IntRange(min = 40, max = 400) int width,
            @ForAll @IntRange(min = 40, max = 400) int height,
            @ForAll @IntRange(min = 10, max = 400) int leg) {
        Size finished = Size.ofMillimetres(width, height);
        Measures measures = zFold.proportioned(finished, Ruler.MM_1).with(ZFold.LEG, Length.ofMillimetres(leg));
        boolean allowed = zFold.limits(ZFold.LEG, measures).allow(Length.ofMillimetres(leg));
        Size folded = FoldedForm.of(Panels.of(zFold.assemble(measures).pieces().get(0)), Pose.closed())
                .footprint();
        assertThat(folded.equals(finished)).isEqualTo(allowed);
    }

    @Test
    void aLegThatWasHalfStaysHalfAndOnesOwnLegStays() {
        Measures halved = zFold.proportioned(Size.ofMillimetres(140, 100), Ruler.MM_1);
        assertThat(zFold.changed(halved, Parameter.WIDTH, Length.ofMillimetres(120))
                        .get(ZFold.LEG))
                .isEqualTo(Length.ofMillimetres(60));
        Measures own = halved.with(ZFold.LEG, Length.ofMillimetres(50));
        assertThat(zFold.changed(own, Parameter.WIDTH, Length.ofMillimetres(120))
                        .get(ZFold.LEG))
                .isEqualTo(Length.ofMillimetres(50));
    }
}
