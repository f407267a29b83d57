package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

class TableStepsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static WorkedPlan card(String structure) {
        Structure fold = WORKSHOP.structure(structure);
        return WORKSHOP.work(
                Plan.of("Kite day", structure, fold.proportioned(Size.ofMillimetres(140, 104), Ruler.MM_1), Ruler.MM_1)
                        .withSheet("a4"));
    }

    @Test
    void goesThroughAPieceInTheOrderOfTheWork() {
        List<TableStep> steps = TableSteps.of(card("z-fold"));
        assertThat(steps).extracting(TableStep::what).containsExactly("Cut", "Score, mountain", "Score, valley");
        // from which sheet it comes is said in one place only, where all of the card is cut
        assertThat(steps.get(0).note()).isNull();
        assertThat(steps.get(1).figures()).containsExactly(new TableStep.Shown(Length.ofMillimetres(70), null));
        assertThat(steps.get(2).line()).isEqualTo(new TableStep.Line(TableStep.LineKind.SCORE, 1));
    }

    /** Whatever the card: every score, slit, mark and glue area of each kind of piece once, copies cut together. */
    @Test
    void everyLineOfEveryPieceOnce() {
        for (Structure structure : WORKSHOP.catalogue().all()) {
            WorkedPlan card = card(structure.id());
            List<TableStep> steps = TableSteps.of(card);
            assertThat(steps.stream().filter(step -> step.what().startsWith("Cut")))
                    .hasSize(card.alike().size());
            long scores = card.alike().stream()
                    .mapToLong(copies -> copies.get(0).scores().size()
                            + copies.get(0).turned().size())
                    .sum();
            assertThat(steps.stream()
                            .filter(step -> step.line() != null && step.line().kind() != TableStep.LineKind.MARK))
                    .as(structure.name())
                    .hasSize((int) scores);
            assertThat(steps).allMatch(step -> step.piece() < card.alike().size());
        }
    }

    /** By hand: a leaf of the fan is a right triangle, the square of the exploding insert a sheet scored on slants. */
    @Test
    void whatIsNoRectangleSaysHowItIsCut() {
        WorkedPlan fan = card("concertina-fan");
        assertThat(TableSteps.howCut(fan, 0)).isEmpty();
        List<String> told = TableSteps.of(fan).stream().map(TableStep::told).toList();
        assertThat(told).anyMatch(text -> text.contains("cut from both top corners to the middle of the foot"));
        assertThat(told).anyMatch(text -> text.contains("two come from one rectangle, by its diagonal"));
        WorkedPlan silhouettes = card("graduated-silhouettes");
        assertThat(TableSteps.of(silhouettes).get(0).note()).contains("along its outline: print it at true size");
    }

    /** A score between rows says from where to where; one off the grooves says so; glue says on which side. */
    @Test
    void whatIsToldOnPaperSaysAll() {
        List<String> told =
                TableSteps.of(card("slit-tower")).stream().map(TableStep::told).toList();
        assertThat(told).anyMatch(text -> text.matches("Score, \\w+, at .*: .*; only from .* to .* from foot.*\\."));
        assertThat(told).anyMatch(text -> text.matches("Slit at .* from foot, from .* to .* from left.*\\."));
        assertThat(TableSteps.of(card("threaded-concertina")).stream().map(TableStep::told))
                .anyMatch(text -> text.matches("Slit at .* from left, from .* to .* from foot.*\\."));
        assertThat(TableSteps.of(card("gabled-concertina")).stream().map(TableStep::told))
                .anyMatch(text ->
                        text.matches("Score slanted, mountain, from .* from left and .* from foot to .* and .*\\."));
        assertThat(TableSteps.of(card("pocket")).stream().map(TableStep::told))
                .anyMatch(text -> text.startsWith("Glue: ") && text.contains("this side"))
                .anyMatch(text -> text.startsWith("Pencil mark ") && text.contains("from left"));
    }
}
