package vantbreeze.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.GabledConcertina;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** A card made to fill an envelope goes into it, or it is said what stands in the way. */
class IntoEnvelopeTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final int SIZES = 40;

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    private static Plan plan(Structure structure, Size finished, Ruler ruler) {
        return Plan.of("Kite day", structure.id(), structure.proportioned(finished, ruler), ruler);
    }

    private static Envelope envelope(Size inside) {
        return new Envelope("own", "My envelope", inside, Envelope.Source.OWN);
    }

    /** With every part as the maker wants it, somewhere within its limits. */
    private static Plan ofOnesOwn(Structure structure, Random random) {
        boolean inches = random.nextBoolean();
        Ruler ruler = inches ? Ruler.SIXTEENTHS : Ruler.MM_1;
        Size finished = Size.ofMillimetres(90 + random.nextInt(120), 90 + random.nextInt(120));
        Plan plan = plan(structure, finished, ruler);
        for (Parameter parameter : structure.asked(plan.measures())) {
            Limits limits = structure.limits(parameter.id(), plan.measures());
            if (parameter.isPart() && random.nextBoolean()) {
                double span = limits.most().minus(limits.least()).millimetres();
                Length own = limits.least().plus(Length.nearest(span * random.nextDouble()));
                Length marked = limits.nearest(ruler.nearest(own).length(), ruler);
                if (limits.allow(marked)) {
                    plan = plan.changing(structure, parameter.id(), marked);
                }
            }
        }
        return plan;
    }

    @ParameterizedTest
    @MethodSource("structures")
    void aCardGoesIntoTheEnvelopeItWasMadeForOrIsRefused(Structure structure) {
        Random random = new Random(structure.id().hashCode());
        int made = 0;
        for (int size = 0; size < SIZES; size++) {
            Plan plan = ofOnesOwn(structure, random);
            Envelope envelope = envelope(Size.ofMillimetres(100 + random.nextInt(170), 80 + random.nextInt(120)));
            try {
                WorkedPlan worked = WORKSHOP.work(new Drafting(WORKSHOP, plan).into(envelope));
                assertThat(EnvelopeFit.of(worked.footprint(), envelope).goesIn())
                        .as("%s in %s: %s", structure.name(), envelope.inside(), worked.footprint())
                        .isTrue();
                assertThat(worked.form().closed().closureError()).isLessThan(0.001);
                made++;
            } catch (ValidationException refused) {
                assertThat(refused.getMessage()).contains("My envelope").endsWith(".");
            }
        }
        assertThat(made).as(structure.name()).isGreaterThan(SIZES / 2);
    }

    /** By hand: a gable runs up, so it grows as 7 ⅛ to 6; the card is as high as the envelope lets it be. */
    @Test
    void aGableGrowsWithTheHeightOfTheCard() {
        Structure gabled = WORKSHOP.structure("gabled-concertina");
        Plan plan = plan(gabled, new Size(Length.ofInches(2, 0, 1), Length.ofInches(6, 0, 1)), Ruler.SIXTEENTHS)
                .changing(gabled, GabledConcertina.GABLE, Length.ofInches(2, 0, 1));
        Envelope envelope = envelope(new Size(Length.ofInches(5, 1, 4), Length.ofInches(7, 1, 4)));
        WorkedPlan worked = WORKSHOP.work(new Drafting(WORKSHOP, plan).into(envelope));
        assertThat(worked.footprint()).isEqualTo(new Size(Length.ofInches(5, 1, 8), Length.ofInches(7, 0, 1)));
        assertThat(worked.plan().measures().get(GabledConcertina.GABLE).millimetres() / 25.4)
                .isCloseTo(2 * 7 / 6.0, within(1 / 32.0));
    }

    @Test
    void whatStandsInTheWayIsSaid() {
        Structure gabled = WORKSHOP.structure("gabled-concertina");
        Plan plan = plan(gabled, Size.ofMillimetres(60, 150), Ruler.MM_1);
        assertThatThrownBy(() -> new Drafting(WORKSHOP, plan).into(envelope(Size.ofMillimetres(11, 9))))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("can't be made small enough for My envelope")
                .hasMessageContaining("can't be under");
        Plan locked = plan.withLock(Parameter.HEIGHT, true);
        assertThatThrownBy(() -> new Drafting(WORKSHOP, locked).into(envelope(Size.ofMillimetres(120, 100))))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Unlock");
    }
}
