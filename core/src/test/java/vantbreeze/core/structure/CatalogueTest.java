package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Faults;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

class CatalogueTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static Stream<Structure> all() {
        return Catalogue.full().all().stream();
    }

    private static Length in(String text) {
        return MeasureReader.of(Ruler.EIGHTHS).read(text);
    }

    private static WorkedPlan work(Structure structure, Measures measures, Ruler ruler) {
        return WORKSHOP.work(new Plan("Kite day", structure.id(), measures, ruler, null, null, ""));
    }

    private static List<Length> scores(WorkedPlan worked) {
        return worked.pieces().get(0).scores().stream().map(BoardScore::fromLeft).toList();
    }

    /** Common practice, no source: 8½ × 5½, scores 2⅛ from each end, footprint 4¼ × 5½. */
    @Test
    void theGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure gatefold = new Gatefold();
        WorkedPlan worked = work(gatefold, gatefold.proportioned(new Size(in("4 1/4"), in("5 1/2")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8 1/2"), in("5 1/2")));
        assertThat(scores(worked)).containsExactly(in("2 1/8"), in("6 3/8"));
    }

    /** Common practice, no source: 21.0 × 14.8 cm, scores 5.25 cm from each end. */
    @Test
    void theMetricGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure gatefold = new Gatefold();
        WorkedPlan worked = work(gatefold, gatefold.proportioned(Size.ofMillimetres(105, 148), Ruler.MM_HALF), Ruler.MM_HALF);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(210, 148));
        assertThat(scores(worked).get(0)).isEqualTo(Length.ofMicrometres(52_500));
    }

    /** Common practice, no source: 4 × 6 finished: 12 × 6, scores 2, 4, 8, 10; 6 × 4 finished wants 18 long. */
    @Test
    void theFoldBackGateOfTheHandbookFromItsFinishedSize() {
        Structure gate = new FoldBackGate();
        WorkedPlan worked = work(gate, gate.proportioned(new Size(in("4"), in("6")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("12"), in("6")));
        assertThat(scores(worked)).containsExactly(in("2"), in("4"), in("8"), in("10"));
        WorkedPlan wide = work(gate, gate.proportioned(new Size(in("6"), in("4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(wide.pieces().get(0).cut().width()).isEqualTo(in("18"));
    }

    /** Common practice, no source: 8 × 4¼, scores 1¼ and 2½ from both ends, band 5½ long, footprint 5½ × 4¼. */
    @Test
    void theStageOfTheHandbookFromItsFinishedSize() {
        Structure stage = new Stage();
        Size finished = new Size(in("5 1/2"), in("4 1/4"));
        WorkedPlan worked = work(stage, stage.proportioned(finished, Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8"), in("4 1/4")));
        assertThat(scores(worked)).containsExactly(in("1 1/4"), in("2 1/2"), in("5 1/2"), in("6 3/4"));
        assertThat(worked.pieces().get(1).cut().width()).isEqualTo(in("5 1/2"));
        assertThat(worked.footprint()).isEqualTo(finished);
    }

    /** Common practice, no source: 29.7 cm strip, scores 5 and 10 cm from each end, bridge 9.7 cm long, footprint 14.7 cm wide. */
    @Test
    void theBridgeOfTheHandbookFromItsFinishedSize() {
        Structure bridge = new Bridge();
        WorkedPlan worked = work(bridge, bridge.proportioned(Size.ofMillimetres(147, 105), Ruler.MM_1), Ruler.MM_1);
        assertThat(worked.pieces().get(0).cut().width()).isEqualTo(Length.ofMillimetres(297));
        assertThat(scores(worked)).extracting(Length::millimetres).containsExactly(50.0, 100.0, 197.0, 247.0);
        assertThat(worked.pieces().get(1).cut().width()).isEqualTo(Length.ofMillimetres(97));
        assertThat(worked.footprint().width()).isEqualTo(Length.ofMillimetres(147));
    }

    /** Common practice, no source: base as the Z-fold; band 1¼ × 11 scored 5½ and 8¼. */
    @Test
    void theDoubleZFoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new DoubleZFold();
        WorkedPlan worked = work(fold, fold.proportioned(new Size(in("5 1/2"), in("4 1/4")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(scores(worked)).containsExactly(in("2 3/4"), in("5 1/2"));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(new Size(in("11"), in("1 1/4")));
        assertThat(worked.pieces().get(1).scores()).extracting(BoardScore::fromLeft).containsExactly(in("5 1/2"), in("8 1/4"));
    }

    /** Common practice, no source: 5 × 10 base; strip 1¾ × 10, in quarters. */
    @Test
    void theWFoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new WFold();
        WorkedPlan worked = work(fold, fold.proportioned(new Size(in("5"), in("5")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("10"), in("5")));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(new Size(in("10"), in("1 3/4")));
        assertThat(worked.pieces().get(1).scores()).extracting(BoardScore::fromLeft).containsExactly(in("2 1/2"), in("5"), in("7 1/2"));
    }

    /** Common practice, no source: 5½ × 11 twice, scores 2¾ from each end; the flat centre is a square of 5½ ÷ √2 = 3.889. */
    @Test
    void theExplodingGatefoldOfTheHandbookFromItsFinishedSize() {
        Structure fold = new ExplodingGatefold();
        WorkedPlan worked = work(fold, fold.proportioned(new Size(in("5 1/2"), in("5 1/2")), Ruler.EIGHTHS), Ruler.EIGHTHS);
        assertThat(worked.pieces()).hasSize(2).allSatisfy(piece ->
                assertThat(piece.cut()).isEqualTo(new Size(in("11"), in("5 1/2"))));
        assertThat(scores(worked)).containsExactly(in("2 3/4"), in("8 1/4"));
        double square = worked.pieces().get(1).panels().named("Square").orElseThrow().area();
        assertThat(Math.sqrt(square) / 25.4).isCloseTo(3.889, within(0.0005));
    }

    /** Common practice, no source: 8½ × 5½ scored 4¼; square 3 in, ⅝ from each edge; the diagonal from 3⅝ to 3⅝. */
    @Test
    void theCornerFlipOfTheHandbookFromItsFinishedSize() {
        Structure flip = new CornerFlip();
        Measures measures = flip.proportioned(new Size(in("4 1/4"), in("5 1/2")), Ruler.EIGHTHS)
                .with(CornerFlip.SQUARE, in("3")).with(CornerFlip.MARGIN, in("5/8"));
        WorkedPlan worked = work(flip, measures, Ruler.EIGHTHS);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(new Size(in("8 1/2"), in("5 1/2")));
        assertThat(worked.pieces().get(0).panels().piece().creases()).anySatisfy(crease -> {
            assertThat(crease.line().from().x()).isEqualTo(in("8 1/2").minus(in("3 5/8")));
            assertThat(crease.line().from().y()).isEqualTo(in("5 1/2"));
        });
        List<DrawnMark> marks = DrawnMark.of(worked.pieces().get(0).panels().piece());
        assertThat(marks).hasSize(4);
        // from 3 in from the open edge and ⅝ down, to 3 in down: the lower end is named first
        assertThat(marks.get(0)).isEqualTo(new DrawnMark(new Spot(in("5 1/2"), in("2 1/2")), new Spot(in("5 1/2"), in("4 7/8")), null));
        assertThat(marks.get(2).fold()).isEqualTo(Fold.MOUNTAIN);
    }

    @Property(tries = 120)
    void everyStructureClosesToItsFinishedSizeHasAnOrderAndMoves(@ForAll @IntRange(min = 70, max = 300) int width,
            @ForAll @IntRange(min = 70, max = 300) int height, @ForAll @IntRange(max = 9) int which) {
        Structure structure = Catalogue.full().all().get(which);
        Size finished = Size.ofMillimetres(width, height);
        Measures measures = structure.proportioned(finished, Ruler.MM_HALF);
        WorkedPlan worked = work(structure, measures, Ruler.MM_HALF);
        Size square = Size.ofMillimetres(Math.min(width, height), Math.min(width, height));
        assertThat(worked.footprint()).as(structure.name()).isEqualTo(structure instanceof ExplodingGatefold ? square : finished);
        assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        assertThat(worked.form().fromBelow()).hasSameSizeAs(worked.form().graph().panels());
        assertThat(worked.form().motion().isRigid()).isTrue();
        assertThat(worked.form().motion().passings()).as(structure.name()).isEmpty();
        assertThat(worked.findings()).noneMatch(finding -> finding.severity() == Finding.Severity.WRONG);
        worked.pieces().forEach(piece -> assertThat(Faults.of(piece.panels().piece()).all()).isEmpty());
    }

    /** Measures that no limit forbids, as a plan from a file may have them, are still judged by the fold engine. */
    @Test
    void aCardThatCannotFoldIsToldInWords() {
        Structure fold = new ExplodingGatefold();
        Measures square = fold.proportioned(Size.ofMillimetres(120, 120), Ruler.MM_1);
        assertThat(work(fold, square, Ruler.MM_1).findings()).isEmpty();
        assertThat(work(fold, square.with(Parameter.HEIGHT, Length.ofMillimetres(60)), Ruler.MM_1).findings())
                .anySatisfy(finding -> {
                    assertThat(finding.severity()).isEqualTo(Finding.Severity.WRONG);
                    assertThat(finding.text()).contains("one would have to pass through another").contains("of Insert");
                })
                .anySatisfy(finding -> assertThat(finding.text()).contains("meet on the way to closed"));
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyLimitIsTheLastThatClosesAndBeyondItTheReasonIsGiven(Structure structure) {
        Measures measures = structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_HALF);
        Plan plan = new Plan("Kite day", structure.id(), measures, Ruler.MM_HALF, null, null, "");
        for (Parameter parameter : structure.parameters()) {
            Limits limits = structure.limits(parameter.id(), measures);
            for (Length edge : List.of(limits.least(), limits.most())) {
                WorkedPlan worked = WORKSHOP.work(plan.changing(structure, parameter.id(), edge));
                assertThat(worked.form().closed().closureError()).as("%s at %s", parameter.label(), edge).isLessThan(0.001);
                assertThat(worked.footprint().width()).isEqualTo(worked.plan().measures().get(Parameter.WIDTH));
            }
            Length beyond = limits.most().plus(Length.ofMillimetres(1));
            assertThatThrownBy(() -> plan.changing(structure, parameter.id(), beyond)).isInstanceOf(Refusal.class)
                    .hasMessageContaining(limits.mostBecause());
            Length below = limits.least().minus(Length.ofMillimetres(1));
            assertThatThrownBy(() -> plan.changing(structure, parameter.id(), below)).isInstanceOf(Refusal.class)
                    .hasMessageContaining(limits.leastBecause());
        }
        assertThatThrownBy(() -> structure.limits("spine", measures)).hasMessageContaining("no measure");
    }
}
