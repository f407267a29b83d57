package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.layer.CutList;
import vantbreeze.core.layer.Layers;
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
 * @param layers its mats and layers where they lie
 * @param heft how thick and heavy it is
 * @param fit how it sits in its envelope, or null when none is chosen
 * @param findings what the maker should know, the worst first
 */
public record WorkedPlan(
        Plan plan,
        Structure structure,
        List<WorkedPiece> pieces,
        WorkedForm form,
        Size footprint,
        Layers layers,
        Heft heft,
        @Nullable EnvelopeFit fit,
        List<Finding> findings) {

    public WorkedPlan {
        pieces = List.copyOf(pieces);
        findings = List.copyOf(findings);
    }

    /** The pieces, those that are cut alike together, in the order in which the first of each comes. */
    public List<List<WorkedPiece>> alike() {
        Map<Piece, List<WorkedPiece>> alike = new LinkedHashMap<>();
        pieces.forEach(piece -> alike.computeIfAbsent(piece.panels().piece(), key -> new ArrayList<>())
                .add(piece));
        return List.copyOf(alike.values());
    }

    /** What to cut for its layers. */
    public CutList cuts() {
        return layers.all().isEmpty()
                ? new CutList(List.of())
                : CutList.of(form.graph(), form.grounds(), form.flats(), plan.dressing(), layers);
    }
}
