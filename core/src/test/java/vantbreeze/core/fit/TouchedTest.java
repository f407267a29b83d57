package vantbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** What a measure is about is found by changing it. */
class TouchedTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static List<Structure> structures() {
        return WORKSHOP.catalogue().all();
    }

    /** A measure that is no panel's width and no piece's height is about some panel all the same. */
    @ParameterizedTest
    @MethodSource("structures")
    void everyMeasureIsAboutSomePanel(Structure structure) {
        Measures measures = structure.proportioned(Size.ofMillimetres(140, 150), Ruler.MM_1);
        int panels = FoldGraph.of(structure.assemble(measures)).panels().size();
        for (Parameter parameter : structure.asked(measures)) {
            if (parameter.panels().isEmpty() && parameter.pieces().isEmpty()) {
                assertThat(Touched.by(parameter.id(), structure, measures, structure.assemble(measures)))
                        .as(parameter.label())
                        .isNotEmpty()
                        .allMatch(panel -> panel >= 0 && panel < panels);
            }
        }
    }

    /** At either end of any measure nothing is asked that can't be built. */
    @ParameterizedTest
    @MethodSource("structures")
    void itIsToldAtTheEndsOfEveryMeasureToo(Structure structure) {
        Measures usual = structure.proportioned(Size.ofMillimetres(140, 150), Ruler.MM_1);
        for (Parameter moved : structure.asked(usual)) {
            Limits limits = structure.limits(moved.id(), usual);
            for (Length end : List.of(limits.least(), limits.most())) {
                Measures measures = usual.with(moved.id(), end);
                if (!structure.allows(measures)) {
                    continue;
                }
                for (Parameter parameter : structure.asked(measures)) {
                    assertThatCode(() -> Touched.by(parameter.id(), structure, measures, structure.assemble(measures)))
                            .as("%s, %s at %s", parameter.label(), moved.label(), end)
                            .doesNotThrowAnyException();
                }
            }
        }
    }

    /** Where a band sits is about the band, told by where it is glued. */
    @Test
    void aPlaceIsAboutWhatIsGluedThere() {
        Structure stage = WORKSHOP.structure("stage");
        Measures measures = stage.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1);
        FoldGraph graph = FoldGraph.of(stage.assemble(measures));
        assertThat(Touched.by("band-up", stage, measures, graph.assembly()))
                .isNotEmpty()
                .allMatch(panel -> graph.panels().get(panel).name().startsWith("Band"));
    }
}
