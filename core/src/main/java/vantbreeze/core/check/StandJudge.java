package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.motion.Standing;

/** Whether a card that is displayed standing stands. */
record StandJudge(CheckedCard card, Words words) {

    private static final Kind ROCKS = Kind.check("rocks");
    private static final Kind TIPS = Kind.check("tips");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        if (card.structure().lies()) {
            return findings;
        }
        var graph = card.form().graph();
        Standing standing = Standing.of(
                graph,
                card.form().display(card.structure().showing()),
                graph.pieceOf().stream()
                        .map(piece -> (double) card.stocks().get(piece).grammage())
                        .toList(),
                card.layers().added());
        for (Standing.Hanging hanging : standing.hanging()) {
            findings.add(ROCKS.of(
                    "stand",
                    "%s hangs %s above the table: the card will rock. Glue it lower, on the base line."
                            .formatted(words.name(hanging.panel()), words.estimate(hanging.gap()))));
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
            findings.add(TIPS.of(
                    "stand", "Set up as shown, it tips %s. Open it less far, or weight its foot.".formatted(falls)));
        }
        return findings;
    }
}
