package vantbreeze.core.plan;

import java.util.List;
import java.util.Optional;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fit.Proposal;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Structure;

/**
 * The way back from an envelope or a box: the largest card of a structure that goes in, folded and closed, and what it
 * leaves for layers.
 *
 * @param proposal its size
 * @param fit how the bare card, of the usual cardstock, sits in the envelope
 */
public record GoesIn(Proposal proposal, EnvelopeFit fit) {

    /** Of the sizes of one structure so many are folded to see whether they go in. */
    private static final int MOST_TRIED = 4;

    /** The largest that goes in of those that come out of a sheet; nothing where none does. */
    public static Optional<GoesIn> of(
            Workshop workshop, Structure structure, Ruler ruler, StockSheet sheet, Envelope envelope) {
        List<Proposal> sizes = workshop.proposals(structure, ruler, sheet).forEnvelope(envelope);
        return sizes.stream()
                .limit(MOST_TRIED)
                .flatMap(size -> tried(workshop, structure, ruler, size, envelope).stream())
                .findFirst();
    }

    /** Nothing of one that can't be worked out or does not go in. */
    private static Optional<GoesIn> tried(
            Workshop workshop, Structure structure, Ruler ruler, Proposal size, Envelope envelope) {
        try {
            WorkedPlan card = workshop.work(Plan.of(structure.name(), structure.id(), size.measures(), ruler));
            EnvelopeFit fit =
                    EnvelopeFit.of(card.closedCard(), envelope, card.tools().allowances());
            return fit.goesIn() ? Optional.of(new GoesIn(size, fit)) : Optional.empty();
        } catch (ValidationException impossible) {
            return Optional.empty();
        }
    }

    /** How thick the bare card is closed, mm. */
    public double thickness() {
        return fit.girth().thickness();
    }

    /** How much thicker layers may make it, mm. */
    public double left() {
        return fit.thickest() - thickness();
    }
}
