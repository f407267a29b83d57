package vantbreeze.core.texts;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** What a sentence about a limit allows is allowed, and one mark beyond it is not; what it offers is taken. */
class LimitsSaidTest {

    private static final Pattern SAID = Pattern.compile("can't be (under|over) ([^:]+):");

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    @ParameterizedTest
    @MethodSource("structures")
    void everyLimitIsTriedAtTheValueItNames(Structure structure) {
        for (Ruler ruler : Ruler.values()) {
            for (Size size : List.of(Size.ofMillimetres(141, 107), Size.ofMillimetres(118, 153))) {
                Measures measures = structure.proportioned(size, ruler);
                Plan plan = Plan.of("Kite day", structure.id(), measures, ruler);
                structure.asked(measures).forEach(parameter -> tried(structure, plan, parameter));
            }
        }
    }

    private static void tried(Structure structure, Plan plan, Parameter parameter) {
        Limits limits = structure.limits(parameter.id(), plan.measures());
        Length step = plan.ruler().division();
        for (Length beyond : List.of(limits.least().minus(step), limits.most().plus(step))) {
            try {
                plan.changing(structure, parameter.id(), beyond);
            } catch (ValidationException refused) {
                Matcher said = SAID.matcher(refused.getMessage());
                assertThat(said.find()).as(refused.getMessage()).isTrue();
                Length named = MeasureReader.of(plan.ruler()).read(said.group(2).replace("≈ ", ""));
                boolean isLeast = said.group(1).equals("under");
                if (!said.group(2).startsWith("≈")) {
                    assertThat(limits.allow(named))
                            .as("%s: %s", structure.name(), refused.getMessage())
                            .isTrue();
                    assertThat(limits.allow(isLeast ? named.minus(step) : named.plus(step)))
                            .as("%s, one mark beyond: %s", structure.name(), refused.getMessage())
                            .isFalse();
                }
                refused.ways().forEach(way -> way.steps().forEach(one -> assertThat(plan.changing(
                                structure,
                                one.field(),
                                MeasureReader.of(plan.ruler()).read(one.text())))
                        .as(way.label())
                        .isNotNull()));
            }
        }
    }
}
