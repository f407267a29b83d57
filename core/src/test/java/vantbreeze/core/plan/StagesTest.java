package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.check.Judges;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ZFold;

class StagesTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan() {
        return Plan.of(
                "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1), Ruler.MM_1);
    }

    /** One more stage is one value: it follows from the others, once. */
    @Test
    void oneMoreStageIsOneValue() {
        AtomicInteger times = new AtomicInteger();
        Stage<Integer> scores = new Stage<>("scores", plan -> {
            times.incrementAndGet();
            return plan.pieces().stream()
                    .mapToInt(piece -> piece.scores().size())
                    .sum();
        });
        WorkedPlan worked = WORKSHOP.work(plan());
        assertThat(worked.of(scores)).isEqualTo(2);
        assertThat(worked.of(scores)).isEqualTo(2);
        assertThat(times).hasValue(1);
    }

    /** One more finding is one kind and one judge. */
    @Test
    void oneMoreFindingIsOneJudge() {
        Kind windy = Kind.tip("windy");
        Finding.Severity worst = Judges.usual()
                .and((card, words) -> List.of(windy.of(
                        "fold",
                        "In the wind a card of %s flies."
                                .formatted(words.write(card.footprint().width())))))
                .findings(WORKSHOP.work(plan()))
                .stream()
                .filter(finding -> finding.kind().equals(windy))
                .peek(finding -> assertThat(finding.text()).isEqualTo("In the wind a card of 126 mm flies."))
                .findFirst()
                .orElseThrow()
                .severity();
        assertThat(worst).isEqualTo(Finding.Severity.TIP);
    }

    /** Nothing is worked out that is not looked at: a stage that would fail does not, until it is asked for. */
    @Test
    void whatIsNotLookedAtIsNotWorkedOut() {
        WorkedPlan worked = WORKSHOP.work(plan());
        Stage<Integer> broken = new Stage<>("broken", plan -> {
            throw new IllegalStateException("asked for");
        });
        assertThat(worked.pieces()).isNotEmpty();
        assertThatThrownBy(() -> worked.of(broken)).hasMessage("asked for");
        assertThat(worked.findings()).isNotNull();
    }

    /** What the maker must know before anything is worked out is told at once. */
    @Test
    void whatCanNotBeIsRefusedBeforeAnyStage() {
        assertThatThrownBy(() -> WORKSHOP.work(plan().withSheet("felt"))).isInstanceOf(ValidationException.class);
        assertThatThrownBy(() -> WORKSHOP.work(plan().withEnvelope("felt"))).isInstanceOf(ValidationException.class);
        assertThatThrownBy(() -> WORKSHOP.work(plan().withCardstock("felt"))).isInstanceOf(ValidationException.class);
        assertThatThrownBy(() ->
                        WORKSHOP.work(plan().withMeasures(plan().measures().with("leg", Length.ofMillimetres(900)))))
                .isInstanceOf(ValidationException.class);
    }

    /** With other layers only what depends on them is worked out anew; the answers are those of a plan begun so. */
    @Test
    void otherLayersLeaveTheRestAlone() {
        for (Structure structure :
                List.of(WORKSHOP.structure("z-fold"), WORKSHOP.structure("stage"), WORKSHOP.structure("gatefold"))) {
            Plan bare = Plan.of(
                    "Kite day",
                    structure.id(),
                    structure.proportioned(Size.ofMillimetres(140, 104), Ruler.MM_1),
                    Ruler.MM_1);
            WorkedPlan worked = WORKSHOP.work(bare);
            var dressing = new Suggestion(WORKSHOP, worked)
                    .dressing(List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3))));
            WorkedPlan changed = worked.withDressing(dressing);
            WorkedPlan anew = WORKSHOP.work(bare.withDressing(dressing)).whole();
            assertThat(changed.form()).isSameAs(worked.form());
            assertThat(changed.pieces()).isSameAs(worked.pieces());
            assertThat(changed.findings()).isEqualTo(anew.findings());
            assertThat(changed.closedCard().thickness())
                    .isEqualTo(anew.closedCard().thickness());
            assertThat(changed.cuts().pieces()).isEqualTo(anew.cuts().pieces());
        }
    }
}
