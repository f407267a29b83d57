package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Structure;

/** The order of what is free: little turning over, the fence set once for pieces alike. */
class StepSenseTest {

    @TestFactory
    Stream<DynamicTest> whatIsDressedFlatIsTurnedOverOnce() {
        return KiteCards.eachStructure(StepSenseTest::turnsLittle);
    }

    /** While nothing is glued a sheet has two sides: each is dressed at one go, so it is turned over once. */
    private static void turnsLittle(Structure structure) {
        WorkedPlan card = KiteCards.dressed(structure);
        Map<Integer, Side> up = new HashMap<>();
        Map<Integer, Integer> turns = new HashMap<>();
        for (BuildStep step : card.of(BuildPlan.STAGE).steps()) {
            boolean isJoined = step.id().kind() == StepKind.GLUE || step.id().kind() == StepKind.THREAD;
            if (isJoined) {
                break;
            }
            if (step.id().kind() == StepKind.LAY && step.subject() instanceof BuildStep.OfFace one) {
                Face face = one.face();
                int piece = card.form().graph().pieceOf().get(face.panel());
                Side before = up.put(piece, face.side());
                if (before != null && before != face.side()) {
                    turns.merge(piece, 1, Integer::sum);
                }
            }
        }
        assertThat(turns.values()).as(structure.name()).allMatch(count -> count <= 1);
    }

    /** By hand: the struts of a floating book are scored and folded one after the other, then the book. */
    @Test
    void piecesAlikeAreScoredOneAfterAnother() {
        List<String> told = KiteCards.dressed("floating-book").of(BuildPlan.STAGE).steps().stream()
                .map(BuildStep::what)
                .toList();
        for (String work : List.of("Score", "Fold")) {
            int left = told.indexOf(work + " Left strut");
            int right = told.indexOf(work + " Right strut");
            assertThat(left).as(work).isNotNegative();
            assertThat(Math.abs(left - right)).as(told.toString()).isEqualTo(1);
        }
    }
}
