package vantbreeze.core.fold.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.Cards;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.motion.MissingMeasure.Outcome;
import vantbreeze.core.length.Length;

class MotionTest {

    private static Frame frame(FoldGraph card, Pose pose) {
        return Motion.between(card, pose, pose, 1).frames().get(0);
    }

    @Test
    void theInnerScoreOfAnInvertedZFollowsFromTheOthers() {
        Outcome outcome = MissingMeasure.solve(x -> Cards.invertedZ(x[0]), Pose.closed(), 100);
        assertThat(outcome).isEqualTo(new Outcome.Found(List.of(95.0)));
    }

    @Test
    void severalMeasuresAreFoundWhereEachHasItsLoop() {
        Outcome outcome = MissingMeasure.solve(x -> Cards.twoInnerRows(x[0], x[1]), Pose.closed(), 100, 97);
        assertThat(outcome).isEqualTo(new Outcome.Found(List.of(95.0, 90.0)));
    }

    @Test
    void aMeasureThatNothingDependsOnIsFree() {
        Outcome outcome = MissingMeasure.solve(
                x -> {
                    Strip strip = Strip.ofHeight("side fold", Length.nearest(x[0]))
                            .panel("Back", Length.ofMillimetres(50))
                            .fold(Fold.VALLEY)
                            .panel("Cover", Length.ofMillimetres(50));
                    return FoldGraph.of(Panels.of(strip.piece()));
                },
                Pose.closed(),
                80);
        assertThat(outcome).isEqualTo(new Outcome.Free());
    }

    @Test
    void whereNothingClosesTheGapIsSaid() {
        // the band of a stage that is too short for both wings, however wide the wings' scores stand from the foot
        Outcome outcome = MissingMeasure.solve(x -> Cards.invertedZ(97), Pose.closed(), 10);
        assertThat(outcome).isInstanceOfSatisfying(Outcome.NothingCloses.class, no -> assertThat(no.gap())
                .isCloseTo(4, within(1e-6)));
    }

    @Property(tries = 60)
    void aShearedParallelogramIsAsWideAsByHand(@ForAll @DoubleRange(min = 1, max = 179) double angle) {
        FoldGraph stage = Cards.stage();
        double wall = 31.75;
        Motion motion = Motion.between(
                stage, Pose.of(Cards.STAGE_FLAT), Pose.of(new double[] {-angle, angle, 180 - angle, angle - 180}), 12);
        assertThat(motion.isRigid()).isTrue();
        int band = stage.find(new PanelRef(1, "Band")).orElseThrow();
        var corner = motion.frames().get(12).panels().get(band).apply(0, 0, 0);
        // the left wall turns about the back's edge at 63.5 mm; the wing goes on outwards from its front
        assertThat(corner.getX()).isCloseTo(63.5 - wall * Math.cos(Math.toRadians(angle)) - wall, within(1e-6));
        assertThat(corner.getZ()).isCloseTo(wall * Math.sin(Math.toRadians(angle)), within(1e-6));
    }

    @Test
    void aDrivenHingeGoesEvenlyAndTheOthersFollow() {
        Motion motion = Motion.between(Cards.explodingGate(), Pose.closed(), Pose.open(), 20, Set.of(0, 1));
        assertThat(motion.isRigid()).isTrue();
        for (int i = 0; i <= 20; i++) {
            assertThat(motion.frames().get(i).degrees().get(0)).isCloseTo(180 - 9.0 * i, within(1e-9));
        }
    }

    @Test
    void aPoseThatRigidPanelsCannotReachIsSaid() {
        FoldGraph tube = Cards.tube();
        Motion motion = Motion.between(
                tube, Pose.of(Cards.TUBE_SQUARE), Pose.of(new double[] {-60, -60, -60, -60}), 10, Set.of(0, 1, 2, 3));
        assertThat(motion.isRigid()).isFalse();
        assertThat(motion.firstBent()).hasValue(1);
    }

    @Test
    void panelsThatPassThroughOneAnotherOnTheWayAreFound() {
        Strip strip = Strip.ofHeight("strip", Length.ofMillimetres(50))
                .panel("Left", Length.ofMillimetres(60))
                .fold(Fold.VALLEY)
                .panel("Middle", Length.ofMillimetres(30))
                .fold(Fold.VALLEY)
                .panel("Right", Length.ofMillimetres(60));
        Motion motion = Motion.between(FoldGraph.of(Panels.of(strip.piece())), Pose.open(), Pose.closed(), 40);
        assertThat(motion.passings()).singleElement().satisfies(passing -> {
            assertThat(Set.of(passing.one(), passing.other())).isEqualTo(Set.of(0, 2));
            assertThat(passing.frame()).isBetween(20, 39);
        });
    }

    @Test
    void aTubeStandsOnItsEdgesAndAFlatSheetDoesNot() {
        FoldGraph tube = Cards.tube();
        List<Double> light = Collections.nCopies(tube.panels().size(), 200.0);
        Standing standing = Standing.of(tube, frame(tube, Pose.of(Cards.TUBE_SQUARE)), light);
        assertThat(standing.tips()).isEqualTo(Standing.Tips.STANDS);
        assertThat(standing.base().getArea()).isCloseTo(400, within(1e-6));
        assertThat(standing.hanging()).isEmpty();
        FoldGraph gate = Cards.gate();
        assertThat(Standing.of(gate, frame(gate, Pose.open()), List.of(200.0, 200.0, 200.0))
                        .tips())
                .isNotEqualTo(Standing.Tips.STANDS);
        assertThat(Standing.of(gate, frame(gate, Pose.partly(0.5)), List.of(200.0, 200.0, 200.0))
                        .tips())
                .isEqualTo(Standing.Tips.STANDS);
    }

    @Test
    void aHeavyFrontTipsForwards() {
        FoldGraph gate = Cards.gate();
        // flaps of lead, half-way closed: still over their own feet; a back of lead behind light flaps: over the back
        // edge
        Standing heavyBack = Standing.of(gate, frame(gate, Pose.partly(0.05)), List.of(1.0, 10_000.0, 1.0));
        assertThat(heavyBack.tips()).isEqualTo(Standing.Tips.BACKWARDS);
    }

    @Test
    void aFootOffTheBaseLineIsNamedWithItsGap() {
        FoldGraph stage = Cards.stage();
        // the band is glued half an inch above the foot, which no one would take for a foot
        Standing standing =
                Standing.of(stage, frame(stage, Pose.of(Cards.STAGE_STANDING)), Collections.nCopies(6, 250.0));
        assertThat(standing.hanging()).isEmpty();
        assertThat(standing.touching()).hasSize(5);
        FoldGraph low = Cards.stageWithBandAt(1.5);
        Standing rocking = Standing.of(low, frame(low, Pose.of(Cards.STAGE_STANDING)), Collections.nCopies(6, 250.0));
        assertThat(rocking.hanging()).singleElement().satisfies(foot -> {
            assertThat(low.name(foot.panel())).isEqualTo("Band");
            assertThat(foot.gap()).isCloseTo(1.5, within(1e-9));
        });
    }

    /** A frame that is asked for alone, and out of turn, is the one that lies between the others. */
    @Test
    void framesAreTheSameInWhicheverOrderTheyAreAskedFor() {
        FoldGraph card = Cards.explodingGate();
        List<Pose> poses = List.of(Pose.open(), Pose.partly(0.5), Pose.closed());
        Motion whole = Motion.through(card, poses, 8).leaning(20);
        Motion picked = Motion.through(card, poses, 8).leaning(20);
        assertThat(picked.length()).isEqualTo(17).isEqualTo(whole.frames().size());
        for (int index : new int[] {13, 0, 16, 8, 5, 9}) {
            assertThat(picked.frame(index)).isEqualTo(whole.frames().get(index));
        }
    }
}
