package vantbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Gatefold;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.StageCard;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ZFold;

class ResizingTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Measures usual(Structure structure, long width, long height) {
        return structure.proportioned(Size.ofMillimetres(width, height), Ruler.MM_1);
    }

    private static WorkedPlan work(Structure structure, Measures measures) {
        return WORKSHOP.work(Plan.of("Kite day", structure.id(), measures, Ruler.MM_1));
    }

    static List<Structure> all() {
        return Catalogue.full().all();
    }

    @Test
    void aPartOfOnesOwnGrowsWithTheCardAndAUsualOneStaysUsual() {
        Measures before = usual(new ZFold(), 120, 90).with(ZFold.LEG, Length.ofMillimetres(40));
        assertThat(Resizing.of(new ZFold(), before, Ruler.MM_1)
                        .to(Size.ofMillimetres(180, 90))
                        .get(ZFold.LEG))
                .isEqualTo(Length.ofMillimetres(60));
        Measures half = usual(new Gatefold(), 120, 90);
        assertThat(Resizing.of(new Gatefold(), half, Ruler.MM_1)
                        .to(Size.ofMillimetres(170, 90))
                        .get(Gatefold.FLAP))
                .isEqualTo(Length.ofMillimetres(85));
        Measures band = usual(new StageCard(), 150, 105).with(StageCard.BAND, Length.ofMillimetres(21));
        assertThat(Resizing.of(new StageCard(), band, Ruler.MM_1)
                        .to(Size.ofMillimetres(150, 210))
                        .get(StageCard.BAND))
                .isEqualTo(Length.ofMillimetres(42));
    }

    /** C6 takes 162 × 114: ¼ in and ⅛ in are kept free. */
    @Test
    void aCardGrowsIntoItsEnvelopeTheWayItLies() {
        Envelope c6 = Envelopes.published().find("c6").orElseThrow();
        Measures upright =
                Resizing.of(new ZFold(), usual(new ZFold(), 60, 90), Ruler.MM_1).into(c6);
        assertThat(work(new ZFold(), upright).footprint()).isEqualTo(Size.ofMillimetres(110, 155));
        Measures lying =
                Resizing.of(new ZFold(), usual(new ZFold(), 90, 60), Ruler.MM_1).into(c6);
        assertThat(work(new ZFold(), lying).footprint()).isEqualTo(Size.ofMillimetres(154, 110));
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyStructureFitsEveryCommonEnvelopeAfterwards(Structure structure) {
        for (String id : List.of("c6", "a7", "dl", "b6")) {
            Envelope envelope = Envelopes.published().find(id).orElseThrow();
            WorkedPlan worked = work(
                    structure,
                    Resizing.of(structure, usual(structure, 150, 120), Ruler.MM_1)
                            .into(envelope));
            assertThat(EnvelopeFit.of(worked.footprint(), envelope).verdict())
                    .as("%s in %s: %s", structure.name(), id, worked.footprint())
                    .isIn(EnvelopeFit.Verdict.FITS, EnvelopeFit.Verdict.LOOSE);
            assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        }
    }

    @Property(tries = 150)
    void whateverTheSizeTheCardClosesToItOnTheRulersMarks(
            @ForAll @IntRange(max = 29) int which,
            @ForAll @IntRange(min = 100, max = 280) int width,
            @ForAll @IntRange(min = 100, max = 280) int height) {
        Structure structure = all().get(which);
        Measures after =
                Resizing.of(structure, usual(structure, 150, 120), Ruler.MM_1).to(Size.ofMillimetres(width, height));
        WorkedPlan worked = work(structure, after);
        assertThat(worked.form().closed().closureError()).as(structure.name()).isLessThan(0.001);
        structure.asked(after).forEach(parameter -> assertThat(
                        Ruler.MM_1.marks(structure.measure(parameter.id(), after)))
                .as(parameter.label())
                .isTrue());
    }

    @Test
    void turningTwiceGivesBackTheUsualCard() {
        Measures lying = usual(new StageCard(), 150, 104);
        Measures upright = Resizing.of(new StageCard(), lying, Ruler.MM_1).turned();
        assertThat(work(new StageCard(), upright).footprint()).isEqualTo(Size.ofMillimetres(104, 150));
        assertThat(Resizing.of(new StageCard(), upright, Ruler.MM_1).turned()).isEqualTo(lying);
    }
}
