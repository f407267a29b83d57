package vantbreeze.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.check.WayOut;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** A way out of a refusal that is offered at a click goes. */
class WaysOutTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static List<Structure> structures() {
        return WORKSHOP.catalogue().all();
    }

    /** Every measure of every structure, typed below and beyond its limits, with every other one typed as it is. */
    @ParameterizedTest
    @MethodSource("structures")
    void everyWayGoes(Structure structure) {
        int refusals = 0;
        int ways = 0;
        for (Ruler ruler : List.of(Ruler.MM_1, Ruler.EIGHTHS)) {
            Plan plan =
                    Plan.of("Kite", structure.id(), structure.proportioned(Size.ofMillimetres(140, 150), ruler), ruler);
            Plan typed = plan;
            for (Parameter parameter : structure.asked(plan.measures())) {
                typed = typed.withMeasures(
                        typed.measures().with(parameter.id(), structure.measure(parameter.id(), plan.measures())));
            }
            for (Plan before : List.of(plan, typed)) {
                for (Parameter parameter : structure.asked(before.measures())) {
                    Limits limits = structure.limits(parameter.id(), before.measures());
                    Length now = structure.measure(parameter.id(), before.measures());
                    for (Length to : List.of(
                            limits.least().minus(ruler.division()),
                            limits.most().plus(ruler.division()),
                            now.plus(limits.most().min(now.times(3))).dividedBy(2),
                            now.plus(limits.least()).dividedBy(2))) {
                        try {
                            set(before, parameter.id(), to);
                        } catch (ValidationException refused) {
                            refusals++;
                            for (WayOut way : refused.ways()) {
                                ways++;
                                assertThatCode(() -> new Together(way.steps().stream()
                                                        .map(step -> SetField.to(step.field(), step.text()))
                                                        .toList())
                                                .on(before, WORKSHOP))
                                        .as("%s; %s", refused.getMessage(), way.label())
                                        .doesNotThrowAnyException();
                            }
                        }
                    }
                }
            }
        }
        assertThat(refusals).isPositive();
        assertThat(ways).as("of %s refusals", refusals).isGreaterThanOrEqualTo(refusals / 2);
    }

    @Test
    void onlyMeasuresAreSetTogetherAndNotWhatIsHeld() {
        Plan plan = Plan.of(
                "Kite",
                "stage",
                WORKSHOP.structure("stage").proportioned(Size.ofMillimetres(140, 150), Ruler.MM_1),
                Ruler.MM_1);
        assertThatThrownBy(() -> new Together(List.of())).hasMessageContaining("Say what to change");
        assertThatThrownBy(() -> new Together(List.of(SetField.to("name", "Kite night"))).on(plan, WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Only measures can be set together");
        Together wider = new Together(List.of(SetField.to("width", "150"), SetField.to("wall", "20")));
        assertThat(wider.on(plan, WORKSHOP).plan().measures().get("wall")).isEqualTo(Length.ofMillimetres(20));
        assertThatThrownBy(() -> wider.on(plan.withLock("wall", true), WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("locked");
        assertThatThrownBy(() -> new Together(List.of(SetField.to("wall", "1"))).on(plan, WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("can't be under");
    }

    private static void set(Plan plan, String measure, Length to) {
        Length typed = to.isNegative() ? Length.ZERO : to;
        SetField.to(measure, Figure.of(typed, plan.ruler()).text()).on(plan, WORKSHOP);
    }
}
