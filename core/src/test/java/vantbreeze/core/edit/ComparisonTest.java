package vantbreeze.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.ZFold;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

class ComparisonTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan(Ruler ruler) {
        return Plan.of(
                        "Kite",
                        "corner-flip",
                        WORKSHOP.structure("corner-flip").proportioned(Size.ofMillimetres(110, 150), ruler),
                        ruler)
                .withEnvelope("c6")
                .withSheet("a4");
    }

    @Test
    void likePlansDoNotDiffer() {
        assertThat(Comparison.of(WORKSHOP.work(plan(Ruler.MM_1)), WORKSHOP.work(plan(Ruler.MM_1)))
                        .differences())
                .isEmpty();
    }

    @Test
    void whatChangedIsToldInFigures() {
        WorkedPlan before = WORKSHOP.work(plan(Ruler.MM_1));
        WorkedPlan after = WORKSHOP.work(plan(Ruler.MM_1)
                .changing(WORKSHOP.structure("corner-flip"), "height", Length.ofMillimetres(144))
                .withEnvelope((String) null));
        assertThat(Comparison.of(before, after).differences())
                .contains(
                        new Difference("Finished height", "150 mm", "144 mm"),
                        new Difference("Envelope", "C6", "none"),
                        new Difference("Card base, cut", "220 × 150 mm", "220 × 144 mm"));
    }

    @Test
    void ownStockIsUsedByPlans() {
        Tools tools = new Tools(
                new Board("Long board", Length.ofInches(0, 1, 8), Length.ofInches(16)),
                new Board("Fine board", Length.ofMillimetres(1), Length.ofMillimetres(400)),
                Length.ofInches(15),
                true);
        OwnStock own = new OwnStock(
                tools,
                List.of(new Envelope("own-1", "Kite envelope", Size.ofMillimetres(160, 115), Envelope.Source.OWN)),
                List.of(new StockSheet("own-2", "Offcut", Size.ofMillimetres(230, 160))),
                Map.of(
                        "own-3",
                        new Cardstock(
                                "Short grain",
                                300,
                                Length.ofMicrometres(400),
                                Cardstock.Grain.SHORT,
                                Cardstock.Pattern.PLAIN,
                                Cardstock.WHITE)),
                Set.of());
        WorkedPlan worked = WORKSHOP.with(own)
                .work(plan(Ruler.MM_1).withEnvelope("own-1").withSheet("own-2").withCardstock("own-3"));
        assertThat(worked.fit().envelope().name()).isEqualTo("Kite envelope");
        assertThat(worked.closedCard().thickness()).isGreaterThanOrEqualTo(0.8);
        assertThat(worked.findings())
                .extracting(Finding::text)
                .noneMatch(text -> text.contains("does not reach"))
                .noneMatch(text -> text.contains("The trimmer cuts"));
        assertThatThrownBy(() -> new OwnStock(
                        tools, List.of(own.envelopes().get(0), own.envelopes().get(0)), List.of(), Map.of(), Set.of()))
                .hasMessageContaining("same id");
    }

    @Test
    void theGrainOfACardIsMinded() {
        Cardstock shortGrain = new Cardstock(
                "Short",
                300,
                Length.ofMicrometres(400),
                Cardstock.Grain.SHORT,
                Cardstock.Pattern.PLAIN,
                Cardstock.WHITE);
        OwnStock own = new OwnStock(Tools.usual(), List.of(), List.of(), Map.of("own-3", shortGrain), Set.of());
        Plan side = Plan.of(
                        "Kite",
                        "side-fold",
                        WORKSHOP.structure("side-fold").proportioned(Size.ofMillimetres(100, 150), Ruler.MM_1),
                        Ruler.MM_1)
                .withSheet("a4");
        boolean usual = WORKSHOP.work(side).findings().stream()
                .anyMatch(finding -> finding.text().contains("across the grain"));
        boolean turned = WORKSHOP.with(own).work(side.withCardstock("own-3")).findings().stream()
                .anyMatch(finding -> finding.text().contains("across the grain"));
        assertThat(usual).isNotEqualTo(turned);
    }

    /** Every decision is compared, by the name the maker knows it by. */
    @Test
    void everyDecisionIsCompared() {
        Workshop workshop = Workshop.standard();
        Plan before = Plan.of(
                "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1), Ruler.MM_1);
        Plan after = before.withName("Kite night")
                .withEnvelope("c6")
                .withSheet("a4")
                .withCardstock("card-350")
                .withNotes("lanterns");
        assertThat(Comparison.of(workshop.work(before), workshop.work(after)).differences())
                .extracting(Difference::what)
                .contains("Name", "Envelope", "Sheet", "Card", "Notes")
                .doesNotContain("Ruler");
    }
}
