package vantbreeze.core.edit;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.check.WayOut;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.DieOffer;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * Parts of a card that dies on hand cut, tried on it.
 *
 * @param offer which dies cut what
 * @param words what follows from that: "Ring width ¼ in, Lap ⅛ in"
 * @param steps the measures to set for it
 * @param inForce whether the card measures so already
 * @param against why it does not go, in words for the maker; empty when nothing speaks against it
 */
public record TriedDies(DieOffer offer, String words, List<WayOut.Step> steps, boolean inForce, String against) {

    /** Most that are tried, and most that are offered: a maker looks through no more. */
    private static final int MOST_TRIED = 200;

    private static final int MOST = 12;

    /** What of a card dies on hand can cut as the rest of it is; what nothing speaks against comes first. */
    public static List<TriedDies> of(WorkedPlan worked, Workshop workshop) {
        Plan plan = worked.plan();
        Structure structure = worked.structure();
        Trial trial = Trial.of(worked, workshop);
        List<TriedDies> tried = new ArrayList<>();
        structure.offers(workshop.tools().dies(), plan.measures()).stream()
                .limit(MOST_TRIED)
                .flatMap(offer -> possible(offer, plan, structure, trial).stream())
                .limit(MOST)
                .forEach(tried::add);
        tried.sort(Comparator.comparing(one -> !one.against().isEmpty()));
        return List.copyOf(tried);
    }

    /** None where a measure would be beyond its limit. */
    private static Optional<TriedDies> possible(DieOffer offer, Plan plan, Structure structure, Trial trial) {
        Plan after;
        try {
            after = plan.changing(structure, offer.measures());
        } catch (ValidationException refused) {
            return Optional.empty();
        }
        List<Parameter> set = structure.parameters().stream()
                .filter(parameter -> offer.measures().containsKey(parameter.id()))
                .toList();
        return Optional.of(new TriedDies(
                offer,
                set.stream()
                        .filter(parameter -> !isOfADie(offer, wanted(offer, parameter)))
                        .map(parameter ->
                                "%s %s".formatted(parameter.label(), written(wanted(offer, parameter), plan.ruler())))
                        .collect(Collectors.joining(", ")),
                set.stream()
                        .map(parameter -> new WayOut.Step(
                                parameter.id(),
                                Figure.of(wanted(offer, parameter), plan.ruler())
                                        .text()))
                        .toList(),
                set.stream().allMatch(parameter -> structure
                        .measure(parameter.id(), plan.measures())
                        .equals(wanted(offer, parameter))),
                trial.against(() -> after)));
    }

    /** What a die measures is told with it. */
    private static boolean isOfADie(DieOffer offer, Length length) {
        return offer.parts().stream()
                .map(part -> part.die().size())
                .anyMatch(size -> size.width().equals(length) || size.height().equals(length));
    }

    private static Length wanted(DieOffer offer, Parameter parameter) {
        return requireNonNull(offer.measures().get(parameter.id()));
    }

    private static String written(Length length, Ruler ruler) {
        return Figure.of(length, ruler).inWords();
    }
}
