package vantbreeze.core.plan;

import java.util.List;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;

/** Says where flaps that should meet lie on each other. */
record FlapJudge(WorkedPlan worked, Words words) {

    List<Finding> findings() {
        return new FlapLaps(
                        worked.form().graph(),
                        worked.form().closed(),
                        worked.form().flat())
                .all().stream()
                        .map(lap -> new Finding(
                                Severity.NOTE,
                                "fold",
                                "%s is %s too wide: it lies on %s. Make one of them narrower by that."
                                        .formatted(
                                                words.name(lap.other()),
                                                words.write(lap.width()),
                                                words.name(lap.one())),
                                null))
                        .toList();
    }
}
