package vantbreeze.core.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fit.Proposals;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.motion.MissingMeasure;
import vantbreeze.core.fold.motion.MissingMeasure.Outcome;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * Finds the one measure that a maker leaves open. Of a free card it is a panel's width: the one at which its loops
 * close or, where it has none, the widest with the least to find fault with. Of a structure it is the finished width or
 * height that its envelope takes, or the part in its usual proportion to them.
 */
public record OpenMeasure(Workshop workshop, Plan plan) {

    /** As many widths are glimpsed as is done in well under a second. */
    private static final int MOST_TRIED = 120;
    /** So many of the best of them are then worked out whole. */
    private static final int MOST_WORKED = 4;

    /**
     * The plan with that measure found.
     *
     * @param id of a measure, or the name of a free card's panel
     * @throws ValidationException when it is locked, or nothing says what it should be
     */
    public Edited solved(String id) {
        if (plan.locked().contains(id)) {
            throw new ValidationException(id, "This measure is locked. Unlock it to have it worked out.");
        }
        return plan.isFree() ? panel(id) : measure(id);
    }

    private Edited measure(String id) {
        Structure structure = workshop.structure(plan);
        Measures measures = plan.measures();
        Parameter parameter = structure
                .parameter(id)
                .filter(one -> one.isAsked(measures))
                .orElseThrow(() -> new ValidationException(id, "There is no measure \"%s\" here.".formatted(id)));
        if (parameter.follows()) {
            return usual(structure, parameter);
        }
        Length wanted = parameter.isPart()
                ? structure
                        .proportioned(
                                new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT)), plan.ruler())
                        .get(id)
                : inEnvelope(id);
        Plan after = plan.changing(structure, id, structure.limits(id, measures).nearest(wanted, plan.ruler()));
        String from = parameter.isPart()
                ? "in its usual proportion to the finished size"
                : "the most that the envelope takes";
        return new Edited(
                after,
                "%s %s, %s"
                        .formatted(
                                parameter.label(),
                                Figure.of(after.measures().get(id), plan.ruler())
                                        .inWords(),
                                from));
    }

    private Edited usual(Structure structure, Parameter parameter) {
        Plan after = plan.usually(structure, parameter.id());
        return new Edited(
                after,
                "%s %s, as it usually is"
                        .formatted(
                                parameter.label(),
                                Figure.of(structure.measure(parameter.id(), after.measures()), plan.ruler())
                                        .inWords()));
    }

    private Length inEnvelope(String id) {
        if (plan.envelopeId() == null) {
            throw new ValidationException(id, "The finished size follows from an envelope. Choose one first.");
        }
        Size room = Proposals.room(
                workshop.envelope(plan.envelopeId()), workshop.tools().allowances());
        boolean upright = plan.measures()
                .get(Parameter.WIDTH)
                .isShorterThan(plan.measures().get(Parameter.HEIGHT));
        Size lying = upright ? room.turned() : room;
        return plan.ruler()
                .below(id.equals(Parameter.WIDTH) ? lying.width() : lying.height())
                .length();
    }

    private Edited panel(String name) {
        FreeHand hand = new FreeHand(workshop, plan);
        int piece = hand.piece(name);
        Panel panel = Panels.of(plan.drawn().assembly().pieces().get(piece))
                .named(name)
                .orElseThrow();
        Outcome outcome = MissingMeasure.solve(
                values -> FoldGraph.of(
                        hand.widening(piece, panel, Length.nearest(values[0])).assembly()),
                plan.drawn().stances().get(plan.drawn().stances().size() - 1).pose(),
                panel.width().millimetres());
        if (outcome instanceof Outcome.Found found && found.values().get(0) > 0) {
            Edited moved = hand.widened(name, Length.nearest(found.values().get(0)));
            return new Edited(moved.plan(), moved.words() + ", which closes the card");
        }
        if (outcome instanceof Outcome.NothingCloses nothing && nothing.gap() > 0) {
            throw new ValidationException(
                    name,
                    String.format(
                            Locale.ROOT,
                            "No width of %s closes the card: the best still leaves a gap of %.2f mm. "
                                    + "Another measure is off.",
                            name,
                            nothing.gap()));
        }
        return best(name, hand);
    }

    /** Nothing closes or opens by it: of the marks there are, the widest with the least amiss. */
    private Edited best(String name, FreeHand hand) {
        Length most = plan.drawn().assembly().pieces().stream()
                .map(Piece::cutSize)
                .map(Size::width)
                .reduce(Length.ZERO, Length::max);
        Length step = plan.ruler().division();
        while (most.timesContaining(step) > MOST_TRIED) {
            step = step.times(2);
        }
        Tried coarse = best(name, hand, step, most, step);
        Tried best = step.equals(plan.ruler().division())
                ? coarse
                : best(
                        name,
                        hand,
                        coarse.width,
                        coarse.width.plus(step).min(most),
                        plan.ruler().division());
        return new Edited(best.moved.plan(), best.moved.words() + ", the widest that lies within the rest");
    }

    /**
     * All are glimpsed; whether panels meet on their way, and what is hard to decide, is asked of the best few alone.
     */
    private Tried best(String name, FreeHand hand, Length from, Length to, Length step) {
        List<Tried> tried = new ArrayList<>();
        for (Length width = from; !width.isLongerThan(to); width = width.plus(step)) {
            try {
                Edited moved = hand.widened(name, width);
                tried.add(Tried.of(width, moved, workshop.glimpse(moved.plan(), plan)));
            } catch (ValidationException cant) {
                // this width can't be had; the others are tried
            }
        }
        return tried.stream()
                .sorted(Tried.BEST_FIRST)
                .limit(MOST_WORKED)
                .map(one -> Tried.of(one.width, one.moved, workshop.work(one.moved.plan())))
                .min(Tried.BEST_FIRST)
                .orElseThrow(
                        () -> new ValidationException(name, "No width of %s can be worked out here.".formatted(name)));
    }

    private record Tried(Length width, Edited moved, long amiss, Length closed) {

        static final Comparator<Tried> BEST_FIRST = Comparator.comparingLong(Tried::amiss)
                .thenComparing(Tried::closed)
                .thenComparing(Tried::width, Comparator.reverseOrder());

        static Tried of(Length width, Edited moved, WorkedPlan worked) {
            long amiss = worked.findings().stream()
                    .filter(finding -> finding.about().equals("fold"))
                    .mapToLong(finding -> finding.severity() == Finding.Severity.MUST_FIX ? 10 : 1)
                    .sum();
            return new Tried(
                    width,
                    moved,
                    amiss,
                    worked.footprint().width().plus(worked.footprint().height()));
        }
    }
}
