package vantbreeze.app.api;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Effort;
import vantbreeze.core.plan.GoesIn;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Structure;

/**
 * The structures side by side, each with an example of its own.
 *
 * @param structures in the order of the catalogue
 * @param foldCounts by which they can be filtered
 */
public record ShelfView(List<OnShelf> structures, List<FoldCountView> foldCounts) {

    /** How many folds, to choose by. */
    public record FoldCountView(Effort.FoldCount id, String label) {}

    static ShelfView of(List<OnShelf> structures) {
        return new ShelfView(
                structures,
                Arrays.stream(Effort.FoldCount.values())
                        .map(count -> new FoldCountView(count, count.label()))
                        .toList());
    }

    /**
     * One structure.
     *
     * @param lies whether it is displayed lying; otherwise it stands
     * @param panels each panel of the example as it lies on its sheet
     * @param partOpen a matrix for each, as it shows best what it is
     * @param showing how far along its motion that is
     */
    public record OnShelf(
            String id,
            String name,
            String does,
            String suits,
            int pieces,
            int folds,
            Effort.FoldCount foldCount,
            boolean lies,
            Effort effort,
            String effortLabel,
            List<ShapeView> panels,
            List<double[]> partOpen,
            double showing) {}

    /**
     * What fits, of the structures on the shelf.
     *
     * @param structure id
     * @param proposal the best, if any
     * @param thickness of the bare card in the envelope; left out where no envelope is asked for, or it does not go in
     * @param left how much thicker layers may make it there
     */
    public record Fitting(
            String structure,
            @Nullable ProposalView proposal,
            @Nullable FigureView thickness,
            @Nullable FigureView left) {

        static Fitting fromSheet(Structure structure, @Nullable Proposal proposal, Ruler ruler) {
            return new Fitting(structure.id(), proposal == null ? null : ProposalView.of(proposal, ruler), null, null);
        }

        static Fitting inEnvelope(Structure structure, GoesIn card, Ruler ruler) {
            return new Fitting(
                    structure.id(),
                    ProposalView.of(card.proposal(), ruler),
                    FigureView.estimate(card.thickness(), ruler),
                    FigureView.of(Figure.atMost(card.left(), ruler).length(), ruler));
        }
    }

    static OnShelf of(WorkedPlan example) {
        var structure = example.structure();
        return new OnShelf(
                structure.id(),
                structure.name(),
                structure.title().does(),
                structure.title().suits(),
                example.pieces().size(),
                Effort.folds(example),
                Effort.FoldCount.of(example),
                structure.lies(),
                Effort.of(example),
                Effort.of(example).label(),
                FormView.panels(example),
                FormView.showing(example),
                structure.showing());
    }
}
