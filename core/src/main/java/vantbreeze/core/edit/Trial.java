package vantbreeze.core.edit;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * Changes tried on a card before they are offered.
 *
 * @param before what is wrong with it already
 */
record Trial(Workshop workshop, Set<Finding> before) {

    private static final String LAYERS = "layers";

    static Trial of(WorkedPlan worked, Workshop workshop) {
        return new Trial(workshop, wrong(worked));
    }

    /** What speaks against a change, in words for the maker; empty when nothing does. */
    String against(Supplier<Plan> change) {
        try {
            return against(workshop.work(change.get()));
        } catch (ValidationException refused) {
            return String.valueOf(refused.getMessage());
        }
    }

    /** The same of a card that is worked out already. */
    String against(WorkedPlan after) {
        return wrong(after).stream()
                .filter(finding -> !before.contains(finding))
                // layers can be taken off, or laid otherwise, once it is there
                .filter(finding -> !finding.about().equals(LAYERS))
                .findFirst()
                .map(Trial::inBrief)
                .orElse("");
    }

    private static Set<Finding> wrong(WorkedPlan worked) {
        return worked.findings().stream()
                .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Which panels meet is told once it is done; before that, that they do. */
    private static String inBrief(Finding finding) {
        return switch (finding.kind().id()) {
            case "can-not-fold" -> "Something else is in the way there when the card closes.";
            case "does-not-close" -> "The card would not close with it there.";
            default -> finding.text();
        };
    }
}
