package vantbreeze.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Structure;

/** Every card can be tried in scrap, smaller, and has steps then too. */
class TrialInScrapTest {

    @Test
    void everyStructureAtHalfSizeOrTheLeastThatFolds() {
        int halves = 0;
        for (Structure structure : KiteCards.WORKSHOP.catalogue().all()) {
            WorkedPlan card = KiteCards.dressed(structure);
            Plan trial = TrialInScrap.of(card.plan(), KiteCards.WORKSHOP);
            WorkedPlan worked = KiteCards.WORKSHOP.work(trial);
            assertThat(trial.name()).isEqualTo("Trial: Kite day");
            assertThat(worked.layers().all()).as(structure.name()).isEmpty();
            assertThat(worked.of(BuildPlan.STAGE).stuck()).as(structure.name()).isEmpty();
            double part = worked.footprint().width().millimetres()
                    / card.footprint().width().millimetres();
            assertThat(part).as(structure.name()).isBetween(0.4, 1.0);
            halves += part < 0.62 ? 1 : 0;
        }
        assertThat(halves).isGreaterThan(10);
    }
}
