package vantbreeze.core.texts;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** What a finding offers to mend it mends it: each is taken, as the maker would, and what was found is gone. */
class MendsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static final List<String> ENVELOPES = List.of("c7", "c6", "a2", "a7", "c5", "c4", "sq6");

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    @ParameterizedTest
    @MethodSource("structures")
    void everyMendRemovesItsFinding(Structure structure) {
        for (Ruler ruler : List.of(Ruler.EIGHTHS, Ruler.MM_1)) {
            Size size = ruler.isInches() ? Size.ofMillimetres(101, 151) : Size.ofMillimetres(140, 108);
            plans(structure, structure.proportioned(size, ruler), ruler).forEach(MendsTest::mendsHold);
        }
    }

    /** With every measure at both its limits and off the marks, in envelopes small and large. */
    private static Stream<Plan> plans(Structure structure, Measures usual, Ruler ruler) {
        Plan plan = Plan.of("Kite day", structure.id(), usual, ruler).withSheet(ruler.isInches() ? "letter" : "a4");
        List<Plan> plans = new ArrayList<>(List.of(plan.withCardstock("card-350")));
        for (String envelope : ENVELOPES) {
            plans.add(plan.withEnvelope(envelope));
        }
        for (Parameter parameter : structure.asked(usual)) {
            Limits limits = structure.limits(parameter.id(), usual);
            Length now = structure.measure(parameter.id(), usual);
            for (Length other : List.of(
                    limits.least(ruler), limits.most(ruler).min(now.times(2)), now.plus(Length.ofMicrometres(2_700)))) {
                try {
                    plans.add(plan.changing(structure, parameter.id(), other));
                } catch (ValidationException refused) {
                    // another measure stands in the way: no card, nothing to find
                    assertThat(refused.getMessage()).endsWith(".");
                }
            }
        }
        return plans.stream();
    }

    /** One mark wider, some piece does not come out of the sheet: by trying. */
    @ParameterizedTest
    @MethodSource("structures")
    void aCardIsMadeNoNarrowerForItsSheetThanItMustBe(Structure structure) {
        Measures wide = structure.proportioned(Size.ofMillimetres(200, 120), Ruler.MM_1);
        Plan plan = Plan.of("Kite day", structure.id(), wide, Ruler.MM_1).withSheet("a4");
        WORKSHOP.work(plan).findings().stream()
                .filter(finding -> finding.kind().id().equals("sheet-too-small"))
                .flatMap(finding -> finding.mends().stream())
                .filter(mend -> mend.length() != null)
                .forEach(mend -> {
                    Length wider = requireNonNull(mend.length()).plus(Length.ofMillimetres(1));
                    assertThat(WORKSHOP.work(plan.changing(structure, Parameter.WIDTH, wider))
                                    .findings())
                            .as(structure.name())
                            .anyMatch(finding -> finding.kind().id().equals("sheet-too-small"));
                });
    }

    private static void mendsHold(Plan plan) {
        WorkedPlan worked = WORKSHOP.work(plan);
        for (Finding finding : worked.findings()) {
            for (Finding.Mend mend : finding.mends()) {
                String text = mend.length() == null
                        ? String.valueOf(mend.chosen())
                        : Figure.of(mend.length(), plan.ruler()).text();
                WorkedPlan mended = WORKSHOP.work(
                        SetField.to(mend.parameter(), text).on(plan, WORKSHOP).plan());
                assertThat(mended.findings())
                        .as("%s: %s — %s", worked.structure().name(), finding.text(), mend.label())
                        .noneMatch(left -> left.kind().equals(finding.kind())
                                && left.about().equals(finding.about()));
            }
        }
    }
}
