package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.order.Ordering;

/** Whether a card is ready to be cut, and what nobody has checked. */
public final class Readiness {

    private Readiness() {}

    /** One sentence or two; empty where something must be fixed or checked first. */
    public static Optional<String> of(CheckedCard card, List<Finding> findings) {
        if (findings.stream().anyMatch(finding -> finding.severity() != Severity.TIP)) {
            return Optional.empty();
        }
        List<String> holds = new ArrayList<>(List.of("closes"));
        List<String> open = new ArrayList<>();
        if (card.structure().goesInEnvelope()) {
            (card.fit() == null ? open : holds).add(card.fit() == null ? "no envelope" : "goes in its envelope");
        }
        (card.sheet() == null ? open : holds).add(card.sheet() == null ? "no sheet" : "comes from its sheet");
        boolean sure = card.form().ordering().verdict() == Ordering.Verdict.FOUND;
        String it = "It %s.".formatted(Words.list(holds));
        if (open.isEmpty() && sure) {
            return Optional.of(it + " Ready to cut.");
        }
        return Optional.of(
                open.isEmpty()
                        ? it
                        : "%s Not checked yet: %s %s chosen."
                                .formatted(it, Words.list(open), open.size() == 1 ? "is" : "are"));
    }
}
