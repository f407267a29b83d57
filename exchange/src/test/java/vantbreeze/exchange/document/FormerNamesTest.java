package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/** Documents that name panels as they were once called open with their layers where they lay. */
class FormerNamesTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    @ParameterizedTest
    @CsvSource({
        "ring-lock, Ring left",
        "ring-lock, Disc right",
        "offset-z, 'Second leg, foot'",
        "fold-back-gate, 'Left wing, front'",
        "threaded-concertina, 'Right wing, inner'",
        "pillar-card, 'Front wall, second half'",
        "pillar-card, Left 4",
        "exploding-gatefold, Panel 2",
        "exploding-gatefold, Panel 11",
        "slit-gatefold, 'Right tower 1, outer'"
    })
    void everyFormerNameIsThatOfAPanelNow(String structure, String former) {
        Structure kind = WORKSHOP.structure(structure);
        Measures measures = kind.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1);
        List<String> panels = FoldGraph.of(kind.assemble(measures)).panels().stream()
                .map(Panel::name)
                .toList();
        assertThat(panels).doesNotContain(former).contains(FormerNames.now(structure, former));
    }

    @Test
    void whatIsNoFormerNameStays() {
        assertThat(FormerNames.now("z-fold", "Ring left")).isEqualTo("Ring left");
        assertThat(FormerNames.now("never-ending", "Left 1")).isEqualTo("Left 1");
    }

    @Test
    void aCardThatWasDressedThenIsDressedNow() {
        Structure gate = WORKSHOP.structure("fold-back-gate");
        Plan plan = Plan.of("Gate", gate.id(), gate.proportioned(Size.ofMillimetres(100, 140), Ruler.MM_1), Ruler.MM_1)
                .withDressing(new Dressing(List.of(Dressed.of(
                        new FaceName(0, "Left front", Side.FACE),
                        List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3)))))));
        String then = PlanDocument.write(plan).replace("\"Left front\"", "\"Left wing, front\"");
        assertThat(then).contains("Left wing, front");
        WorkedPlan opened = WORKSHOP.work(PlanDocument.read(then));
        assertThat(opened.plan()).isEqualTo(plan);
        assertThat(opened.layers().all()).hasSize(1);
    }
}
