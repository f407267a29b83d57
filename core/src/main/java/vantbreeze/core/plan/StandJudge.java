package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.motion.Standing;

/** Whether a card that is displayed standing stands. */
record StandJudge(WorkedPlan worked, Words words) {

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (worked.structure().lies()) {
            return findings;
        }
        var graph = worked.form().graph();
        Standing standing = Standing.of(
                graph,
                worked.form().display(worked.structure().showing()),
                graph.pieceOf().stream()
                        .map(piece -> (double) worked.heft().stocks().get(piece).grammage())
                        .toList(),
                worked.layers().added());
        for (Standing.Hanging hanging : standing.hanging()) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "stand",
                    "%s hangs %s above the table: the card will rock. Glue it down to the base line."
                            .formatted(words.name(hanging.panel()), words.write(hanging.gap())),
                    null));
        }
        String falls =
                switch (standing.tips()) {
                    case STANDS -> null;
                    case FORWARDS -> "forwards";
                    case BACKWARDS -> "backwards";
                    case LEFT -> "to the left";
                    case RIGHT -> "to the right";
                };
        if (falls != null) {
            findings.add(new Finding(
                    Severity.NOTE,
                    "stand",
                    "Set up as shown, it tips %s. Open it less far, or weight its foot.".formatted(falls),
                    null));
        }
        return findings;
    }
}
