package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** One structure more is one class: with it in the catalogue, everything else is there. */
class OneClassTest {

    private final Workshop standard = Workshop.standard();
    private final Workshop workshop = new Workshop(
            withTent(),
            standard.wraps(),
            standard.envelopes(),
            standard.sheets(),
            standard.cardstocks(),
            standard.tools());

    private static Catalogue withTent() {
        List<Structure> all = new ArrayList<>(Catalogue.full().all());
        all.add(new Tent());
        return new Catalogue(all);
    }

    @Test
    void aStructureOfTheTestSourcesIsPlannedLikeAnyOther() {
        Structure tent = workshop.structure("tent");
        List<Proposal> proposals =
                workshop.proposals(tent, Ruler.MM_1, standard.sheet("a4")).forEnvelope(standard.envelope("c6"));
        assertThat(proposals).isNotEmpty();
        Plan plan = Plan.of("Table for the judges", "tent", proposals.get(0).measures(), Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4");
        WorkedPlan worked = workshop.work(plan);
        assertThat(worked.footprint()).isEqualTo(proposals.get(0).finished());
        assertThat(worked.pieces().get(0).scores()).hasSize(1);
        assertThat(worked.form().fromBelow()).hasSize(2);
        assertThat(worked.form().motion().isRigid()).isTrue();
        assertThat(worked.closedCard().thickness()).isPositive();
        assertThat(worked.fit().goesIn()).isTrue();
    }

    @Test
    void itIsHeldUprightThoughItsSheetLiesOnItsSide() {
        Structure tent = new Tent();
        WorkedPlan worked = workshop.work(
                Plan.of("Judge", "tent", tent.proportioned(Size.ofMillimetres(120, 70), Ruler.MM_1), Ruler.MM_1));
        assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(140, 120));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(120, 70));
    }
}
