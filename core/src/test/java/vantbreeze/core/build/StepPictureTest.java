package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Structure;

/** What each step looks like. */
class StepPictureTest {

    private static double area(StepPicture picture, Seen seen) {
        return picture.patches().stream()
                .filter(patch -> patch.seen() == seen)
                .map(Patch::shape)
                .mapToDouble(Geometry::getArea)
                .sum();
    }

    /** Where a step may not go, what covers it by then is seen: behind the band of a stage no layer is laid. */
    @Test
    void whatStandsInTheWayIsSeen() {
        BuildPlan building = KiteCards.dressed("stage").of(BuildPlan.STAGE);
        List<BuildStep> steps = building.steps();
        BuildStep laid = steps.stream()
                .filter(step ->
                        step.id().kind() == StepKind.LAY && step.id().of().equals("Card base, Back, face"))
                .findFirst()
                .orElseThrow();
        String after = steps.get(steps.size() - 1).id().text();
        MovedStep move = new MovedStep(laid.id().text(), after);
        assertThat(building.objection(move)).isPresent();
        StepPicture refused = building.refused(move);
        assertThat(area(refused, Seen.PAPER)).isGreaterThan(1);
        assertThat(area(refused, Seen.LIT_LAYER))
                .isLessThan(area(building.picture(steps.indexOf(laid), 0), Seen.LIT_LAYER));
        MovedStep nowhere = new MovedStep(
                laid.id().text(), steps.get(steps.indexOf(laid) + 1).id().text());
        assertThatThrownBy(() -> building.refused(nowhere)).hasMessage("Nothing stands in its way there.");
    }

    /** On paper there is one picture for all that is scored: every line of it is lit, and none is drawn twice. */
    @Test
    void allLinesOfAStepAreLitAtOnce() {
        BuildPlan building = KiteCards.dressed("stage").of(BuildPlan.STAGE);
        for (int i = 0; i < building.steps().size(); i++) {
            BuildStep step = building.steps().get(i);
            if (step.id().kind() == StepKind.SCORE) {
                List<StepPicture.Stroke> strokes = building.overview(i).strokes();
                assertThat(strokes).filteredOn(StepPicture.Stroke::isLit).hasSameSizeAs(step.readings());
                assertThat(strokes).hasSameSizeAs(building.picture(i, 0).strokes());
            }
        }
    }

    /** A strip of another paper: where it is threaded it is seen, from whichever side of the card that is. */
    @Test
    void whatIsThreadedIsSeen() {
        Plan plan = KiteCards.bare(KiteCards.WORKSHOP.structure("threaded-concertina"))
                .plan();
        for (String strip : List.of("Low strip", "High strip")) {
            plan = plan.withSupplies(plan.supplies().withCardstock(PieceId.of(strip), "paper-120"));
        }
        BuildPlan building = KiteCards.WORKSHOP.work(plan).of(BuildPlan.STAGE);
        int threaded = 0;
        for (int i = 0; i < building.steps().size(); i++) {
            if (building.steps().get(i).id().kind() == StepKind.THREAD) {
                threaded++;
                assertThat(building.picture(i, 0).patches().stream()
                                .filter(patch -> patch.stockId().equals("paper-120"))
                                .mapToDouble(patch -> patch.shape().getArea())
                                .sum())
                        .as(building.steps().get(i).what())
                        .isGreaterThan(500);
            }
        }
        assertThat(threaded).isEqualTo(4);
    }

    /**
     * Where pencil marks are rubbed out that side of its piece is seen, a paper of its own telling it from the others.
     */
    @Test
    void whereMarksAreRubbedOutIsSeen() {
        int asked = 0;
        for (Structure structure : KiteCards.WORKSHOP.catalogue().all()) {
            WorkedPlan card = KiteCards.bare(structure);
            FoldGraph graph = card.form().graph();
            List<BuildStep> steps = card.of(BuildPlan.STAGE).steps();
            for (int i = 0; i < steps.size(); i++) {
                if (steps.get(i).id().kind() == StepKind.RUB_OUT
                        && steps.get(i).subject() instanceof BuildStep.OfFace one) {
                    asked++;
                    int piece = graph.pieceOf().get(one.face().panel());
                    Plan told = card.plan()
                            .withSupplies(card.plan()
                                    .supplies()
                                    .withCardstock(
                                            PieceId.all(card.of(Stages.ASSEMBLY).pieces())
                                                    .get(piece),
                                            "card-220"));
                    // another paper may put the steps in another order
                    BuildPlan other = KiteCards.WORKSHOP.work(told).of(BuildPlan.STAGE);
                    StepPicture picture = other.picture(
                            other.steps().stream()
                                    .map(BuildStep::id)
                                    .toList()
                                    .indexOf(steps.get(i).id()),
                            0);
                    assertThat(picture.patches().stream()
                                    .filter(patch -> patch.stockId().equals("card-220")
                                            && patch.otherSide() == (one.face().side() == Side.BACK))
                                    .mapToDouble(patch -> patch.shape().getArea())
                                    .sum())
                            .as("%s: %s", structure.name(), steps.get(i).what())
                            .isGreaterThan(100);
                }
            }
        }
        assertThat(asked).isGreaterThan(10);
    }

    /** Whatever the structure: paper is seen nowhere twice, and what is meant is seen. */
    @TestFactory
    Stream<DynamicTest> everyStepOfEveryStructure() {
        return KiteCards.eachStructure(StepPictureTest::looksRight);
    }

    private static void looksRight(Structure structure) {
        WorkedPlan card = KiteCards.dressed(structure);
        BuildPlan building = card.of(BuildPlan.STAGE);
        List<BuildStep> steps = building.steps();
        for (int i = 0; i < steps.size(); i++) {
            BuildStep step = steps.get(i);
            StepPicture picture = building.picture(i, 0);
            boolean isDrawn = !(step.subject() instanceof BuildStep.OfPaper)
                    && step.id().kind() != StepKind.WRITE
                    && step.id().kind() != StepKind.SEND;
            assertThat(picture.patches().isEmpty()).as(step.what()).isEqualTo(!isDrawn);
            nothingTwice(picture, step);
            if (step.id().kind() == StepKind.LAY) {
                assertThat(area(picture, Seen.LIT_LAYER)).as(step.what()).isGreaterThan(1);
            }
            if (step.id().kind() == StepKind.GLUE) {
                assertThat(area(picture, Seen.GLUE)).as(step.what()).isGreaterThan(1);
                TurnedPictureTest.coversAsMuchFromBehind(building, i, new Turn(i * 47 % 180 - 90, i * 31 % 60 - 30));
            }
            boolean hasLines = !step.readings().isEmpty()
                    && !step.readings().get(0).lines().isEmpty();
            assertThat(picture.strokes().stream().anyMatch(StepPicture.Stroke::isLit))
                    .as(step.what())
                    .isEqualTo(hasLines);
        }
    }

    private static void nothingTwice(StepPicture picture, BuildStep step) {
        List<Polygon> paper = picture.patches().stream()
                .filter(patch -> patch.seen() == Seen.PAPER)
                .map(Patch::shape)
                .toList();
        for (int one = 0; one < paper.size(); one++) {
            for (int other = one + 1; other < paper.size(); other++) {
                assertThat(paper.get(one).intersection(paper.get(other)).getArea())
                        .as(step.what())
                        .isLessThan(1);
            }
        }
    }

    /** By hand: turned over top to bottom the left edge stays left, and what was a valley is a mountain. */
    @Test
    void turnedOverTopToBottom() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("z-fold"));
        BuildPlan building = card.of(BuildPlan.STAGE);
        int again = IntStream.range(0, building.steps().size())
                .filter(i -> building.steps().get(i).id().kind() == StepKind.SCORE_AGAIN)
                .findFirst()
                .orElseThrow();
        StepPicture face = building.picture(again - 1, 1);
        StepPicture back = building.picture(again, 0);
        StepPicture.Stroke there = lit(face);
        StepPicture.Stroke here = lit(back);
        assertThat(here.start().x).isCloseTo(there.start().x, offset(1e-9));
        assertThat(here.start().y).isCloseTo(-there.start().y, offset(1e-9));
        assertThat(there.fold()).isEqualTo(vantbreeze.core.fold.Fold.VALLEY);
        assertThat(here.fold()).isEqualTo(vantbreeze.core.fold.Fold.MOUNTAIN);
    }

    private static StepPicture.Stroke lit(StepPicture picture) {
        return picture.strokes().stream()
                .filter(StepPicture.Stroke::isLit)
                .findFirst()
                .orElseThrow();
    }

    /** By hand: square from before, a place is where it is, and 5 mm up is 5 mm nearer. */
    @Test
    void fromSquareBefore() {
        Eye eye = Eye.at(Rigid.NONE, Side.FACE, Eye.Tilt.SQUARE);
        assertThat(eye.see(Rigid.NONE, 3, 4).x).isCloseTo(3, offset(1e-9));
        assertThat(eye.see(Rigid.NONE, 3, 4).y).isCloseTo(4, offset(1e-9));
        Rigid raised = Rigid.NONE.shifted(0, 0, 5);
        assertThat(eye.near(raised, new org.locationtech.jts.geom.Coordinate(1, 1))
                        - eye.near(Rigid.NONE, new org.locationtech.jts.geom.Coordinate(1, 1)))
                .isCloseTo(5, offset(1e-9));
        // from behind left is right
        assertThat(Eye.at(Rigid.NONE, Side.BACK, Eye.Tilt.SQUARE).see(Rigid.NONE, 3, 4).x)
                .isCloseTo(-3, offset(1e-9));
    }
}
