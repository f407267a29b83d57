package vantbreeze.core.plan;

import java.util.List;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;

/**
 * A plan and all that follows from it. Never stored: worked out anew whenever the plan changes.
 *
 * @param plan what the maker decided
 * @param structure its structure
 * @param pieces what to cut
 * @param form how it folds
 * @param footprint the closed card
 * @param heft how thick and heavy it is
 * @param fit how it sits in its envelope, or null when none is chosen
 * @param findings what the maker should know, the worst first
 */
public record WorkedPlan(Plan plan, Structure structure, List<WorkedPiece> pieces, WorkedForm form, Size footprint,
                         Heft heft, EnvelopeFit fit, List<Finding> findings) {

    public WorkedPlan {
        pieces = List.copyOf(pieces);
        findings = List.copyOf(findings);
    }
}
