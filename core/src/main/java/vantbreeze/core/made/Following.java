package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/**
 * A plan in which a figure is as it came out.
 *
 * @param words which measure is then what
 */
record Following(String words, Plan plan) {

    /**
     * All ways in which a plan can follow: any measure that the line follows, on a free card the line alone; of a layer
     * its size, which those on it follow.
     */
    static List<Following> of(WorkedPlan card, MadeFigure figure, Length came) {
        if (figure.where() instanceof MadeFigure.OfLine line) {
            Length way = came.minus(figure.planned());
            if (card.isFree()) {
                return loosely(card.workshop(), card.plan(), figure, came)
                        .map(plan -> alone(card, figure, came, plan))
                        .stream()
                        .toList();
            }
            return new Hand(card.workshop(), card.plan())
                    .exactly(line.alike().get(0), way).stream()
                            .map(edited -> new Following(edited.words(), edited.plan()))
                            .toList();
        }
        return figure.where() instanceof MadeFigure.OfLayer layer ? ofLayer(card, figure, layer, came) : List.of();
    }

    private static Following alone(WorkedPlan card, MadeFigure figure, Length came, Plan plan) {
        return new Following(
                "%s %s".formatted(figure.words(), Figure.of(came, card.ruler()).inWords()), plan);
    }

    /** The plan of a free card with a line, and those made alike, where they came out; nothing where it can't be. */
    static Optional<Plan> loosely(Workshop workshop, Plan free, MadeFigure figure, Length came) {
        if (!(figure.where() instanceof MadeFigure.OfLine line)) {
            return Optional.empty();
        }
        Length way = came.minus(figure.planned());
        Plan plan = free;
        for (Handle handle : line.alike()) {
            Optional<Edited> moved =
                    new Hand(workshop, plan).exactly(handle, way).stream().findFirst();
            if (moved.isEmpty()) {
                return Optional.empty();
            }
            plan = moved.get().plan();
        }
        return Optional.of(plan);
    }

    /**
     * A layer is as large as it is cut, whichever way round its panel lies: that way round is taken which comes out.
     */
    private static List<Following> ofLayer(WorkedPlan card, MadeFigure figure, MadeFigure.OfLayer layer, Length came) {
        Optional<Dressed> dressed = card.plan().dressing().on(layer.face());
        Optional<Size> cut = size(card, layer);
        if (dressed.isEmpty() || cut.isEmpty() || dressed.get().runs()) {
            return List.of();
        }
        Size size = layer.across()
                ? new Size(came, cut.get().height())
                : new Size(cut.get().width(), came);
        List<Following> ways = new ArrayList<>();
        for (Size own : List.of(size, size.turned())) {
            List<LayerChoice> layers = new ArrayList<>(dressed.get().layers());
            layers.set(layer.level(), layers.get(layer.level()).sized(own));
            Plan plan = card.plan()
                    .withDressing(card.plan().dressing().with(dressed.get().layered(layers)));
            if (size(card.workshop().work(plan), layer).filter(size::equals).isPresent()) {
                ways.add(alone(card, figure, came, plan));
            }
        }
        return ways.stream().limit(1).toList();
    }

    private static Optional<Size> size(WorkedPlan card, MadeFigure.OfLayer layer) {
        return card.blanks().all().stream()
                .filter(blank -> blank.uses().stream()
                        .anyMatch(use -> use instanceof Blank.OfLayer one
                                && one.face().equals(layer.face())
                                && one.level() == layer.level()))
                .map(Blank::size)
                .findFirst();
    }
}
