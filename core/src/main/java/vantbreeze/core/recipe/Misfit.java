package vantbreeze.core.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.FlapLaps;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Size;

/**
 * By how much a card fails to close as a card does: every loop shut, nothing poking out beyond its widest panel, flaps
 * that do not lie on each other, an order in which it folds, and the finished size that was asked for.
 *
 * @param gap of the widest loop, mm
 * @param pokesOut beyond the widest panel, mm
 * @param laps how far flaps lie on each other, mm
 * @param folds whether there is an order in which its panels lie
 * @param offSize how far from the finished size, mm
 * @param closed the closed card
 */
record Misfit(double gap, double pokesOut, double laps, boolean folds, double offSize, Size closed) {

    /** What may be spent on the order of one reading's panels: there are many readings. */
    private static final long MOST = LayerOrders.THOROUGH / 20;

    static Misfit of(FreeCard card, @Nullable Size finished) {
        return of(card, finished, true);
    }

    /** The same, in less time where it can't close anyhow: then nobody looks for an order of its panels. */
    static Misfit hasty(FreeCard card, @Nullable Size finished) {
        return of(card, finished, false);
    }

    private static Misfit of(FreeCard card, @Nullable Size finished, boolean thorough) {
        FoldGraph graph = FoldGraph.of(card.assembly());
        Pose flat = card.stances().get(card.stances().size() - 1).pose();
        FoldedForm form = FoldedForm.of(graph, flat);
        Size closed = form.footprint();
        List<Envelope> leaves = leaves(form, flat);
        double across = closed.width().millimetres() - widest(leaves, Envelope::getWidth);
        double up = closed.height().millimetres() - widest(leaves, Envelope::getHeight);
        double laps = new FlapLaps(graph, form, flat)
                .all().stream().mapToDouble(FlapLaps.Lap::width).sum();
        double pokesOut = Math.max(0, Math.max(across, up));
        boolean hopeless = form.closureError() + pokesOut + laps > Precision.CLOSES;
        // what can't be decided in so short a time is not held against it
        boolean folds = (thorough || !hopeless)
                && LayerOrders.of(form, flat).decide(MOST).verdict() != Ordering.Verdict.IMPOSSIBLE;
        double offSize = finished == null ? 0 : Math.min(off(closed, finished), off(closed.turned(), finished));
        return new Misfit(form.closureError(), pokesOut, laps, folds, offSize, closed);
    }

    private static double off(Size closed, Size finished) {
        return Math.max(
                Math.abs(closed.width().millimetres() - finished.width().millimetres()),
                Math.abs(closed.height().millimetres() - finished.height().millimetres()));
    }

    private static double widest(List<Envelope> leaves, ToDoubleFunction<Envelope> side) {
        return leaves.stream().mapToDouble(side).max().orElse(0);
    }

    /** What each flat part covers: panels between which nothing is folded are one. */
    private static List<Envelope> leaves(FoldedForm form, Pose flat) {
        int[] leaf = form.graph().leaves(flat);
        Map<Integer, Envelope> leaves = new HashMap<>();
        for (int i = 0; i < leaf.length; i++) {
            leaves.computeIfAbsent(leaf[i], key -> new Envelope())
                    .expandToInclude(form.placed().get(i).shadow().getEnvelopeInternal());
        }
        return List.copyOf(leaves.values());
    }

    boolean closes() {
        return gap < Precision.CLOSES
                && pokesOut < Precision.CLOSES
                && laps < Precision.CLOSES
                && folds
                && offSize < 0.1;
    }

    /** The less the better. */
    double weight() {
        return gap + pokesOut + laps + (folds ? 0 : 50) + offSize;
    }
}
