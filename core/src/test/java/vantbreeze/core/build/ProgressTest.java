package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.WorkedPlan;

/** How far a card is built, while its plan changes. */
class ProgressTest {

    private static final Ruler RULER = Ruler.MM_1;

    private static WorkedPlan stage() {
        return KiteCards.bare(KiteCards.WORKSHOP.structure("stage"));
    }

    private static List<BuildStep> steps(WorkedPlan card) {
        return card.of(BuildPlan.STAGE).steps();
    }

    @Test
    void itGoesOnAtTheFirstThingThatIsNotDone() {
        List<BuildStep> steps = steps(stage());
        Progress progress = Progress.NONE.withDone(steps.get(0), RULER).withDone(steps.get(1), RULER);
        assertThat(progress.among(steps, RULER).step()).isEqualTo(2);
        assertThat(progress.at(steps.get(3).id(), 1).among(steps, RULER))
                .extracting(Progress.Standing::step, Progress.Standing::reading)
                .containsExactly(3, Math.min(1, steps.get(3).readings().size() - 1));
    }

    @Test
    void whatIsDoneAtOtherFiguresIsTold() {
        WorkedPlan before = stage();
        Progress progress = Progress.NONE;
        for (BuildStep step : steps(before)) {
            progress = progress.withDone(step, RULER);
        }
        WorkedPlan after = KiteCards.WORKSHOP.work(
                before.plan().changing(before.structure(), "height", Length.ofMillimetres(100)));
        Progress.Standing standing = progress.among(steps(after), RULER);
        assertThat(standing.done()).hasSameSizeAs(steps(after));
        assertThat(standing.changed())
                .anyMatch(words ->
                        words.startsWith("“Cut 300 g/m² card") && words.contains("112") && words.contains("100"));
        assertThat(standing.changed()).noneMatch(words -> words.contains("Score Card base”"));
    }

    @Test
    void whatIsGoneIsTold() {
        List<BuildStep> stage = steps(stage());
        Progress progress = Progress.NONE.withDone(stage.get(stage.size() - 3), RULER);
        List<BuildStep> other = steps(KiteCards.bare(KiteCards.WORKSHOP.structure("z-fold")));
        Progress.Standing standing = progress.among(other, RULER);
        assertThat(standing.done()).isEmpty();
        assertThat(standing.gone()).singleElement().asString().contains("is not in the plan any more");
    }

    @Test
    void whatHasSetIsForgotten() {
        BuildStep first = steps(stage()).get(0);
        Progress progress = Progress.NONE.withDone(first, RULER).withSetting(first.id(), Instant.EPOCH);
        assertThat(progress.setting()).hasSize(1);
        assertThat(progress.withSetting(first.id(), null).setting()).isEmpty();
        assertThat(Progress.NONE.among(List.of(), RULER).step()).isEqualTo(-1);
    }
}
