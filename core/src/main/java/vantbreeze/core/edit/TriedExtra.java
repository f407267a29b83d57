package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.extra.Offer;
import vantbreeze.core.fold.Face;
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

    /**
     * All that could be set on a face, kind by kind as they are offered; of each kind what nothing speaks against comes
     * first.
     */
    public static List<TriedExtra> on(Face face, WorkedPlan worked, Workshop workshop) {
        Trial trial = Trial.of(worked, workshop);
        List<TriedExtra> tried = new ArrayList<>();
        for (Offer offer : Offer.on(
                face.panel(),
                face.side(),
                worked.form().closed(),
                workshop.tools().allowances())) {
            List<Integer> others = offer.to().isEmpty() ? Collections.singletonList(null) : offer.to();
            others.stream()
                    .limit(MOST_OTHERS)
                    .map(to -> new TriedExtra(offer, to, trial.against(() -> new Carry.Put(offer.kind(), "", face, to)
                            .on(worked.plan(), workshop)
                            .plan())))
                    .sorted(Comparator.comparing(one -> !one.against().isEmpty()))
                    .forEach(tried::add);
        }
        return List.copyOf(tried);
    }
}
