package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.extra.Offer;
import vantbreeze.core.fold.Face;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * Something that could be set on a face of a card, tried on it.
 *
 * @param offer what
 * @param to the panel, by index, on which its other end would be glued; null where it has but one
 * @param against why not, in words for the maker; empty when nothing speaks against it
 */
public record TriedExtra(Offer offer, @Nullable Integer to, String against) {

    /** Most other panels that are tried for one kind: each is a card worked out. */
    private static final int MOST_OTHERS = 12;

    private static final String LAYERS = "layers";

    /**
     * All that could be set on a face, kind by kind as they are offered; of each kind what nothing speaks against comes
     * first.
     */
    public static List<TriedExtra> on(Face face, WorkedPlan worked, Workshop workshop) {
        Set<Finding> before = wrong(worked);
        List<TriedExtra> tried = new ArrayList<>();
        for (Offer offer : Offer.on(
                face.panel(),
                face.side(),
                worked.form().closed(),
                workshop.tools().allowances())) {
            List<Integer> others = offer.to().isEmpty() ? Collections.singletonList(null) : offer.to();
            others.stream()
                    .limit(MOST_OTHERS)
                    .map(to -> new TriedExtra(offer, to, against(offer, face, to, worked.plan(), workshop, before)))
                    .sorted(Comparator.comparing(one -> !one.against().isEmpty()))
                    .forEach(tried::add);
        }
        return List.copyOf(tried);
    }

    private static String against(
            Offer offer, Face face, @Nullable Integer to, Plan plan, Workshop workshop, Set<Finding> before) {
        try {
            Plan after =
                    new Carry.Put(offer.kind(), "", face, to).on(plan, workshop).plan();
            return wrong(workshop.work(after)).stream()
                    .filter(finding -> !before.contains(finding))
                    // layers can be taken off, or laid otherwise, once it is there
                    .filter(finding -> !finding.about().equals(LAYERS))
                    .findFirst()
                    .map(TriedExtra::inBrief)
                    .orElse("");
        } catch (ValidationException refused) {
            return String.valueOf(refused.getMessage());
        }
    }

    private static Set<Finding> wrong(WorkedPlan worked) {
        return worked.findings().stream()
                .filter(finding -> finding.severity() == Finding.Severity.WRONG)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Which panels meet is told once it is set on; before that, that they do. */
    private static String inBrief(Finding finding) {
        return switch (finding.kind().id()) {
            case "can-not-fold" -> "Something else is in the way there when the card closes.";
            case "does-not-close" -> "The card would not close with it there.";
            default -> finding.text();
        };
    }
}
