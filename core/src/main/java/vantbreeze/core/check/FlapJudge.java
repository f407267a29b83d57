package vantbreeze.core.check;

import java.util.List;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.fold.folding.FlapLaps;

/** Says where flaps that should meet lie on each other. */
record FlapJudge(CheckedCard card, Words words) {

    private static final Kind LAP = Kind.note("flaps-lap");

    List<Finding> findings() {
        return new FlapLaps(
                        card.form().graph(), card.form().closed(), card.form().flat())
                .all().stream()
                        .map(lap -> LAP.of(
                                "fold",
                                "%s is %s too wide: it lies on %s. Make one of them narrower by that."
                                        .formatted(
                                                words.name(lap.other()),
                                                words.write(lap.width()),
                                                words.name(lap.one()))))
                        .toList();
    }
}
