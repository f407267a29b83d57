package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import vantbreeze.core.check.Finding;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** Cards typed the way a maker types them, worked out and found to close. */
final class MakersCards {

    static final Workshop WORKSHOP = Workshop.standard();

    private MakersCards() {}

    static Plan plan(String structure, Size finished, Ruler ruler) {
        return Plan.of("Kite day", structure, WORKSHOP.structure(structure).proportioned(finished, ruler), ruler);
    }

    static Plan with(Plan plan, String... fieldsAndTexts) {
        Plan after = plan;
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            after = SetField.to(fieldsAndTexts[i], fieldsAndTexts[i + 1])
                    .on(after, WORKSHOP)
                    .plan();
        }
        return after;
    }

    /** Worked out, and found to close, to have an order and to move. */
    static WorkedPlan work(Plan plan) {
        WorkedPlan worked = WORKSHOP.work(plan);
        assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        assertThat(worked.form().fromBelow())
                .hasSameSizeAs(worked.form().graph().panels());
        assertThat(worked.form().motion().isRigid()).isTrue();
        assertThat(worked.form().motion().passings()).isEmpty();
        assertThat(worked.findings()).noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
        return worked;
    }

    static List<Length> scores(WorkedPiece piece) {
        return piece.scores().stream()
                .map(BoardScore::fromLeft)
                .distinct()
                .sorted()
                .toList();
    }

    static List<Length> mm(double... lengths) {
        return Arrays.stream(lengths).mapToObj(Length::nearest).toList();
    }

    static List<Length> inches(int[]... lengths) {
        return Arrays.stream(lengths)
                .map(one -> Length.ofInches(one[0], one[1], one[2]))
                .toList();
    }
}
