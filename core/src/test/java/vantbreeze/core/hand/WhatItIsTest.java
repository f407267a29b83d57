package vantbreeze.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Draw;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** A card that is drawn free, taken as the structure that it is. */
class WhatItIsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan bound(String id) {
        return Plan.of(
                "Kite day",
                id,
                WORKSHOP.structure(id).proportioned(Size.ofMillimetres(140, 110), Ruler.MM_1),
                Ruler.MM_1);
    }

    private static Plan drawn(int width, int... scores) {
        Plan plan = Drafting.bare("Kite day", Size.ofMillimetres(width, 90), Ruler.MM_1);
        for (int score : scores) {
            Spot foot = new Spot(Length.ofMillimetres(Math.abs(score)), Length.ZERO);
            Spot head = new Spot(foot.x(), Length.ofMillimetres(90));
            plan = new Drafting(WORKSHOP, plan)
                    .scored(0, new Stretch(foot, head), score < 0 ? Fold.MOUNTAIN : Fold.VALLEY);
        }
        return plan;
    }

    /** Loosened and taken back it is the card it was, dressed as it was. */
    @ParameterizedTest
    @ValueSource(
            strings = {"stage", "bridge", "z-fold", "tiered-stage", "slit-tower", "tucked-gatefold", "pillar-card"})
    void looseAndTakenBack(String id) {
        Plan plan = bound(id);
        var graph = WORKSHOP.work(plan).form().graph();
        FaceName face = FaceName.of(new Face(1, Side.FACE), graph);
        Plan dressed = plan.withDressing(
                Dressing.NONE.with(Dressed.of(face, List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3))))));
        Plan loose = new Draw.Loosen().on(dressed, WORKSHOP).plan();

        Plan taken = new Draw.TakeAs(id).on(loose, WORKSHOP).plan();

        assertThat(taken.isFree()).isFalse();
        assertThat(WORKSHOP.work(taken).footprint())
                .isEqualTo(WORKSHOP.work(plan).footprint());
        assertThat(taken.measures().choices().entrySet())
                .containsAll(plan.measures().choices().entrySet());
        assertThat(taken.measures().byId()).containsAllEntriesOf(plan.measures().byId());
        assertThat(taken.dressing()).isEqualTo(dressed.dressing());
    }

    @Test
    void inASentence() {
        WhatItIs drawn = new WhatItIs(WORKSHOP, drawn(260, -60, 110));
        assertThat(drawn.all()).extracting(drawn::inWords).contains("This is a Z-fold.");
        assertThat(new WhatItIs(WORKSHOP, bound("stage")).all()).isEmpty();
        assertThat(new WhatItIs(WORKSHOP, drawn(300, 30, 60, 110, 170, 230)).all())
                .isEmpty();
    }

    @Test
    void whatItIsNotItIsNotTakenAs() {
        assertThatThrownBy(() -> new WhatItIs(WORKSHOP, drawn(260, -60, 110)).takenAs("stage"))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("not that any more");
    }
}
