package vantbreeze.core.hand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * Moves lines of a card by hand. On a free card the line itself moves. On one of the catalogue it is a measure that
 * moves: which one is found by changing each a little and watching the line, so no structure needs to say.
 */
public record Hand(Workshop workshop, Plan plan) {

    /** By how much measures are tried; every structure is linear in its measures near by. */
    private static final Length TRIED = Length.ofMillimetres(1);
    /** A line that moves less than this part of a measure's change does not follow it. */
    private static final double FOLLOWS = 0.01;

    /**
     * The plan with the line moved, as far as it goes.
     *
     * @throws ValidationException when nothing moves it
     */
    public Edited moved(Move move) {
        return plan.isFree() ? new FreeHand(workshop, plan).moved(move) : measured(move);
    }

    /**
     * The same, worked out; where that is refused, the plan as it was with the reason.
     *
     * @throws ValidationException when nothing moves the line
     */
    public EditedCard worked(Move move) {
        return worked(move, workshop::work);
    }

    /** The same while the line is still held: {@link Workshop#glimpse glimpsed}. */
    public EditedCard glimpsed(Move move) {
        return worked(move, after -> workshop.glimpse(after, plan));
    }

    private EditedCard worked(Move move, Function<Plan, WorkedPlan> work) {
        Edited moved = moved(move);
        try {
            return new EditedCard(work.apply(moved.plan()), moved.words());
        } catch (ValidationException refused) {
            return new EditedCard(work.apply(plan), refused.getMessage());
        }
    }

    /**
     * A free card with one panel this wide, what lies beyond it moved along.
     *
     * @throws ValidationException when there is no such panel, or it can't be
     */
    public Edited widened(String panel, Length width) {
        return new FreeHand(workshop, plan).widened(panel, width);
    }

    /** Where the line goes: the snapped place, or so many marks on. */
    static Length target(Move move, Stretch line, Plan plan, Workshop workshop) {
        Length present = move.handle().place(line);
        if (move.divisions() != null) {
            return plan.ruler().moved(present, move.divisions());
        }
        Length asked = move.handle().movesAcross(line) ? move.across() : move.up();
        return move.snap().of(asked, plan.ruler(), workshop.tools().board(plan.ruler()));
    }

    private Edited measured(Move move) {
        Structure structure = workshop.structure(plan);
        Stretch line = move.handle().line(structure.assemble(plan.measures()).pieces());
        Length way = target(move, line, plan, workshop).minus(move.handle().place(line));
        Follower follower = follower(move, structure);
        if (way.equals(Length.ZERO)) {
            return new Edited(plan, follower.words(structure, plan.measures(), plan.ruler()));
        }
        String id = follower.parameter.id();
        Length wanted =
                structure.measure(id, plan.measures()).plus(Length.ofUnits(Math.round(way.units() / follower.ratio)));
        Limits limits = structure.limits(id, plan.measures());
        Length length = limits.nearest(wanted, plan.ruler());
        Plan after = plan.changing(structure, id, length);
        String words = follower.words(structure, after.measures(), plan.ruler());
        return new Edited(
                after,
                limits.allow(wanted)
                        ? words
                        : words + ", as far as it goes: "
                                + (wanted.isLongerThan(length) ? limits.mostBecause() : limits.leastBecause()));
    }

    /**
     * Every plan in which a line lies exactly so far from where it is now, by one measure, or on a free card by the
     * line alone; none where nothing moves it as far.
     *
     * @param way to the right or up
     */
    public List<Edited> exactly(Handle handle, Length way) {
        Length place = place(handle, plan);
        List<Edited> plans = new ArrayList<>();
        if (plan.isFree()) {
            Length to = place.plus(way);
            attempt(plans, () -> new FreeHand(workshop, plan).moved(new Move(handle, to, to, null, Snap.EXACT, false)));
        } else {
            Structure structure = workshop.structure(plan);
            for (Follower follower : followers(handle, structure)) {
                String id = follower.parameter.id();
                Length wanted = structure
                        .measure(id, plan.measures())
                        .plus(Length.ofUnits(Math.round(way.units() / follower.ratio)));
                attempt(plans, () -> {
                    Plan after = plan.changing(structure, id, wanted);
                    return new Edited(after, follower.words(structure, after.measures(), plan.ruler()));
                });
            }
        }
        return plans.stream()
                .filter(one -> place(handle, one.plan()).minus(place).equals(way))
                .toList();
    }

    private static void attempt(List<Edited> plans, Supplier<Edited> edit) {
        try {
            plans.add(edit.get());
        } catch (ValidationException beyondLimits) {
            // not by this measure
        }
    }

    private Length place(Handle handle, Plan of) {
        return handle.place(
                handle.line(workshop.structure(of).assemble(of.measures()).pieces()));
    }

    /**
     * A measure that a line follows.
     *
     * @param ratio how far the line moves for each unit of the measure
     * @param grows how much the sheet and the closed card grow with it
     */
    private record Follower(Parameter parameter, double ratio, double grows) {
        String words(Structure structure, Measures measures, Ruler ruler) {
            return "%s %s"
                    .formatted(
                            parameter.label(),
                            Figure.of(structure.measure(parameter.id(), measures), ruler)
                                    .inWords());
        }
    }

    /**
     * Pushing wants the sheet to grow, keeping wants it to stay; of equals, the measure that goes as far as the line.
     */
    private Follower follower(Move move, Structure structure) {
        List<Follower> followers = followers(move.handle(), structure);
        if (followers.isEmpty()) {
            throw new ValidationException(
                    "hand",
                    plan.locked().isEmpty()
                            ? "This line follows from the structure and can't be moved by itself. Make "
                                    + "the card free to move it."
                            : "This line follows from what is locked. Unlock a measure, or make the card "
                                    + "free to move it.");
        }
        Comparator<Follower> growth = Comparator.comparingDouble(Follower::grows);
        Comparator<Follower> best = (move.pushes() ? growth.reversed() : growth)
                .thenComparing(follower -> Math.abs(Math.abs(follower.ratio) - 1));
        return followers.stream().min(best).orElseThrow();
    }

    private List<Follower> followers(Handle handle, Structure structure) {
        Measures before = plan.measures();
        var pieces = structure.assemble(before).pieces();
        Length place = handle.place(handle.line(pieces));
        Size was = pieces.get(handle.piece()).cutSize();
        List<Follower> followers = new ArrayList<>();
        for (Parameter parameter : structure.asked(before)) {
            if (plan.locked().contains(parameter.id())) {
                continue;
            }
            Limits limits = structure.limits(parameter.id(), before);
            Length tried =
                    limits.allow(structure.measure(parameter.id(), before).plus(TRIED)) ? TRIED : TRIED.negated();
            if (!limits.allow(structure.measure(parameter.id(), before).plus(tried))) {
                continue;
            }
            Measures after = structure.changed(
                    before,
                    parameter.id(),
                    structure.measure(parameter.id(), before).plus(tried));
            var moved = structure.assemble(after).pieces();
            double ratio =
                    (double) handle.place(handle.line(moved)).minus(place).units() / tried.units();
            if (Math.abs(ratio) > FOLLOWS) {
                Size is = moved.get(handle.piece()).cutSize();
                followers.add(new Follower(
                        parameter,
                        ratio,
                        (double) is.width()
                                                .minus(was.width())
                                                .abs()
                                                .plus(is.height()
                                                        .minus(was.height())
                                                        .abs())
                                                .units()
                                        / tried.abs().units()
                                + (parameter.isPart() ? 0 : 0.5)
                                + (parameter.follows() ? 0.25 : 0)));
            }
        }
        return followers;
    }
}
