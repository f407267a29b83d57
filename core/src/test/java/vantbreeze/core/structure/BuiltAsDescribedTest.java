package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Effort;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** What the trade says of each structure, read off the worked plan: common practice, no source. */
class BuiltAsDescribedTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan(String id) {
        Structure structure = WORKSHOP.structure(id);
        return Plan.of("Kite day", id, structure.proportioned(Size.ofMillimetres(150, 120), Ruler.MM_1), Ruler.MM_1);
    }

    private static Plan choosing(Plan plan, String choice, String value) {
        return plan.choosing(WORKSHOP.structure(plan.structureId()), choice, value);
    }

    private static WorkedPlan work(String id) {
        return WORKSHOP.work(plan(id));
    }

    /** Where the middle of a panel is in a frame. */
    private static Vector3D middle(WorkedPlan worked, Frame frame, String panel) {
        var graph = worked.form().graph();
        int index = graph.panels().stream().map(p -> p.name()).toList().indexOf(panel);
        var centroid = graph.panels().get(index).shape().getCentroid();
        return frame.panels().get(index).apply(centroid.getX(), centroid.getY(), 0);
    }

    private static Frame first(WorkedPlan worked) {
        return worked.form().motion().frames().get(0);
    }

    /** Open, one looks at the inside: the cover at the left, the back at the right; closed, the cover is on top. */
    @Test
    void aSideFoldsCoverLiesOnItsBack() {
        WorkedPlan worked = work("side-fold");
        var panels = worked.form().graph().panels();
        assertThat(panels.get(0).name()).isEqualTo("Cover");
        int uppermost = worked.form().fromBelow().get(panels.size() - 1);
        assertThat(panels.get(uppermost).name()).isEqualTo("Cover");
    }

    @Test
    void everyTierStandsItsTwoSpringsBeforeTheLastAndAllFeetAreOnTheLine() {
        WorkedPlan worked = work("tiered-stage");
        double spring = worked.plan().measures().get(TieredStage.SPRING).millimetres();
        for (int tier = 1; tier <= 3; tier++) {
            assertThat(middle(worked, first(worked), "Tier %d front".formatted(tier))
                            .getZ())
                    .isCloseTo(2 * tier * spring, within(1e-6));
        }
        assertThat(worked.form().closed().placed()).allSatisfy(panel -> assertThat(
                        panel.shadow().getEnvelopeInternal().getMinY())
                .isCloseTo(0, within(1e-9)));
    }

    @Test
    void theBookFloatsTwoStrutPanelsAboveItsBaseAndItsFoldOverTheCentreLine() {
        WorkedPlan worked = work("floating-book");
        double strut = worked.plan().measures().get(FloatingBook.STRUT).millimetres();
        Vector3D left = middle(worked, first(worked), "Left page");
        Vector3D right = middle(worked, first(worked), "Right page");
        assertThat(left.getZ()).isCloseTo(2 * strut, within(1e-6));
        assertThat((left.getX() + right.getX()) / 2).isCloseTo(75, within(1e-6));
    }

    @Test
    void theArchComesDownAtTheFarEdgeOfTheBook() {
        WorkedPlan worked = WORKSHOP.work(choosing(plan("floating-book"), "over", "acetate"));
        double page = worked.plan().measures().get(FloatingBook.PAGE).millimetres();
        Vector3D tab = middle(worked, first(worked), "Far tab");
        // 7 mm long on a ruler of millimetres, it lies under the page's edge
        assertThat(tab.getX()).isCloseTo(75 + page - 3.5, within(0.01));
        assertThat(tab.getZ())
                .isCloseTo(middle(worked, first(worked), "Right page").getZ(), within(0.01));
    }

    @Test
    void thePillarsStandSquareAndTheWallsParallel() {
        WorkedPlan worked = work("pillar-card");
        double side = worked.plan().measures().get(PillarCard.PILLAR).millimetres();
        Vector3D front = middle(worked, first(worked), "First half of front wall");
        Vector3D back = middle(worked, first(worked), "Second half of back wall");
        assertThat(front.subtract(back).length()).isCloseTo(side * Math.sqrt(2), within(1e-6));
        Vector3D one = middle(worked, first(worked), "Right pillar 1");
        assertThat(one.subtract(middle(worked, first(worked), "Right pillar 3")).length())
                .isCloseTo(side, within(1e-6));
        assertThat(worked.form().graph().panels().stream()
                        .filter(panel -> panel.name().equals("Right pillar 5"))
                        .findFirst()
                        .orElseThrow()
                        .width())
                .isEqualTo(worked.plan().measures().get(PillarCard.PILLAR).minus(Length.ofMillimetres(1)));
    }

    /** Each side covers the same depth and the same drop. */
    @Test
    void theStairsEndWhereTheWallDoes() {
        for (int steps = 2; steps <= 4; steps++) {
            WorkedPlan worked = WORKSHOP.work(choosing(plan("step-card"), "steps", String.valueOf(steps)));
            double tread = worked.plan().measures().get(StepCard.TREAD).millimetres();
            Vector3D last = middle(worked, first(worked), "Tread " + steps);
            assertThat(last.getZ()).isCloseTo((steps - 0.5) * tread, within(1e-6));
            assertThat(middle(worked, first(worked), "Front").getZ()).isCloseTo(steps * tread, within(1e-6));
        }
    }

    @Property(tries = 40)
    void theInnerSecondScoreFollowsFromTheOthers(
            @ForAll @IntRange(min = 40, max = 70) int leg, @ForAll @IntRange(min = 5, max = 35) int shift) {
        Structure fold = new OffsetZ();
        Measures measures = fold.proportioned(Size.ofMillimetres(150, 120), Ruler.MM_1)
                .with(OffsetZ.SHIFT, Length.ofMillimetres(shift))
                .with(OffsetZ.LEG, Length.ofMillimetres(leg));
        WorkedPlan worked = WORKSHOP.work(Plan.of("Kite day", fold.id(), measures, Ruler.MM_1));
        // by hand: what lies between first and second score is the same inside and out
        assertThat(worked.pieces().get(0).scores())
                .filteredOn(score -> score.fold() == Fold.VALLEY
                        && score.start().isPositive()
                        && score.stop().isShorterThan(Length.ofMillimetres(120)))
                .extracting(BoardScore::fromLeft)
                .containsExactly(Length.ofMillimetres(2L * leg + shift));
    }

    @Test
    void everySlitOfTheTowerEndsOnAScore() {
        WorkedPiece piece = work("slit-gatefold").pieces().get(0);
        List<Length> scores = piece.scores().stream().map(BoardScore::fromLeft).toList();
        for (Stretch slit : piece.panels().piece().slits()) {
            assertThat(scores).contains(slit.from().x(), slit.to().x());
        }
        assertThat(piece.panels().looseSlits()).isEmpty();
    }

    @Test
    void theStripsStickOutAsFarAsAskedAndAreDrawnInToOpen() {
        WorkedPlan worked = work("threaded-concertina");
        double push = worked.plan().measures().get(ThreadedConcertina.PUSH).millimetres();
        var tail = worked.form().closed().placed().stream()
                .filter(panel -> panel.panel().name().equals("Low left tail"))
                .findFirst()
                .orElseThrow();
        var base = worked.form().closed().placed().stream()
                .filter(panel -> panel.panel().name().equals("Back"))
                .findFirst()
                .orElseThrow();
        assertThat(base.shadow().getEnvelopeInternal().getMinX()
                        - tail.shadow().getEnvelopeInternal().getMinX())
                .isCloseTo(push, within(1e-6));
        // symmetrical: what the left front comes forward, the right does
        assertThat(middle(worked, first(worked), "Left flap").getZ())
                .isCloseTo(middle(worked, first(worked), "Right flap").getZ(), within(1e-6))
                .isGreaterThan(5);
    }

    @Test
    void aConcertinaInTwoHalvesLiesAsTheSameStack() {
        Plan one = choosing(plan("concertina"), "panels", "7");
        WorkedPlan chained = WORKSHOP.work(choosing(one, "made", "chained"));
        assertThat(chained.footprint()).isEqualTo(WORKSHOP.work(one).footprint());
        assertThat(chained.pieces()).extracting(piece -> piece.scores().size()).containsExactly(4, 2);
    }

    @Test
    void graduatedPanelsAreNarrowerStepByStep() {
        Plan plan = plan("concertina").changing(new Concertina(), Concertina.STEP, Length.ofMillimetres(9));
        WorkedPlan worked = WORKSHOP.work(plan);
        assertThat(worked.form().graph().panels())
                .extracting(panel -> panel.width().millimetres())
                .containsExactly(150.0, 141.0, 132.0, 123.0, 114.0, 105.0);
        assertThat(worked.footprint().width()).isEqualTo(Length.ofMillimetres(150));
    }

    @Test
    void theSilhouettesShareTheirFeetAndHideBehindTheFirst() {
        WorkedPlan worked = work("graduated-silhouettes");
        var shadows = worked.form().closed().placed().stream()
                .map(panel -> panel.shadow())
                .toList();
        for (var shadow : shadows) {
            assertThat(shadow.getEnvelopeInternal().getMinY()).isCloseTo(0, within(1e-9));
            assertThat(shadows.get(0).buffer(0.1).covers(shadow)).isTrue();
        }
    }

    @Test
    void swingInsertsMoveWithTheStage() {
        WorkedPlan worked = WORKSHOP.work(choosing(plan("stage"), "inserts", "both"));
        double depth = worked.plan().measures().get(StageCard.DEPTH).millimetres();
        assertThat(middle(worked, first(worked), "Left plane").getZ()).isCloseTo(depth, within(1e-6));
        assertThat(middle(worked, first(worked), "Right plane").getZ()).isCloseTo(depth, within(1e-6));
    }

    @Test
    void partsThatNoLongerFitAChoiceAreBroughtToTheNearestMark() {
        Plan tiers = choosing(plan("tiered-stage"), "tiers", "6");
        assertThat(tiers.measures().get(TieredStage.FALL)).isEqualTo(Length.ofMillimetres(19));
        assertThat(tiers.measures().get(Parameter.WIDTH)).isEqualTo(Length.ofMillimetres(150));
        assertThatThrownBy(() -> choosing(plan("stage"), "tiers", "3"))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("nothing called \"tiers\"");
        assertThatThrownBy(() -> choosing(plan("concertina"), "panels", "99"))
                .hasMessageContaining("Panels can't be \"99\"");
    }

    @Test
    void howHardACardIsFollowsFromWhatThereIsToDo() {
        assertThat(Effort.of(work("side-fold"))).isEqualTo(Effort.EASY);
        assertThat(Effort.of(work("stage"))).isEqualTo(Effort.SOME_PRACTICE);
        assertThat(Effort.of(work("pillar-card"))).isEqualTo(Effort.PATIENCE);
        assertThat(Effort.folds(work("ring-lock"))).isEqualTo(2);
    }
}
