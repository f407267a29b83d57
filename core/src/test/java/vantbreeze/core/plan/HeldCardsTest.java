package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.fold.order.HardPatterns;
import vantbreeze.core.fold.order.Ordering.Verdict;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Ruler;

/** Cards whose order is hard to find: nobody waits for it while a line is held, and what is not known is said so. */
class HeldCardsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan map(int side, double unassigned) {
        return Plan.of(
                "Map of the kite field",
                FreeCard.of(Assembly.of(HardPatterns.map(side, side, new Random(4), unassigned))),
                Ruler.MM_1);
    }

    private static List<String> wrong(WorkedPlan worked) {
        return worked.findings().stream()
                .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                .map(Finding::text)
                .toList();
    }

    @Test
    void whichPanelsAreInTheWayIsToldWhenTheLineIsLetGo() {
        Plan map = map(6, 0.2);
        assertThat(wrong(WORKSHOP.glimpse(map, map)))
                .singleElement()
                .asString()
                .contains("can't all fold")
                .doesNotContain("Panel ");
        assertThat(wrong(WORKSHOP.work(map)))
                .singleElement()
                .asString()
                .contains("can't all fold")
                .contains("Panel ");
    }

    /** A map of a hundred panels is drawn by a guess while it is held, as thick as it is: the sum of all its cards. */
    @Test
    void whatTakesLongToDecideIsDrawnByAGuessMeanwhile() {
        Plan map = map(10, 0.9);
        WorkedPlan held = WORKSHOP.glimpse(map, map);
        assertThat(held.form().ordering().verdict()).isEqualTo(Verdict.NOT_DECIDED);
        assertThat(held.form().fromBelow()).hasSize(100);
        assertThat(held.closedCard().thickness()).isCloseTo(100 * 0.36, within(1e-6));
        assertThat(wrong(held)).isEmpty();
        WorkedPlan worked = WORKSHOP.work(map);
        assertThat(worked.form().ordering().verdict()).isEqualTo(Verdict.FOUND);
        assertThat(worked.closedCard().thickness()).isEqualTo(held.closedCard().thickness());
    }

    /**
     * What can't be decided at all is a finding of its own; nothing is concluded from the guess that it is drawn by.
     */
    @Test
    void whatCantBeDecidedIsSaid() {
        WorkedPlan worked = WORKSHOP.work(map(6, 0.9));
        assertThat(worked.form().ordering().verdict()).isEqualTo(Verdict.FOUND);
        Folding hasty = worked.form().within(10);
        WorkedPlan undecided = worked.given(Stages.FORM, hasty);
        assertThat(hasty.ordering().verdict()).isEqualTo(Verdict.NOT_DECIDED);
        assertThat(undecided.findings())
                .anyMatch(finding -> finding.severity() == Finding.Severity.CHECK
                        && finding.text().contains("can't be told"))
                .noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
        assertThat(undecided.findings()).noneMatch(finding -> finding.text().contains("wraps"));
    }
}
