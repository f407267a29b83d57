package vantbreeze.core.fold.motion;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.length.Precision;

/**
 * Takes a card from one pose to others by a single hinge, all loops kept closed: the other hinges give way as little as
 * they can.
 */
public final class Swing {

    /** So many degrees at a time: from step to step the others follow. */
    private static final double STEP = 45;

    /** Before the last step no point is farther off than this, mm: the next begins from there. */
    private static final double ON_THE_WAY = 1e-3;

    private final FoldGraph graph;
    private final Closure closure;

    /**
     * Prepares to swing.
     *
     * @param slid how far every threaded panel has slid, millimetres
     */
    public Swing(FoldGraph graph, ToDoubleFunction<Link.Glued> slid) {
        this.graph = graph;
        this.closure = new Closure(graph);
        closure.slide(slid);
    }

    /** The pose with these angles at the hinges, degrees, by their index. */
    public Frame at(double[] degrees) {
        return new Frame(
                Arrays.stream(degrees).boxed().toList(), List.of(closure.place(degrees)), closure.gap(degrees));
    }

    /** The pose with one hinge at another angle; empty when rigid panels can't go there. */
    public Optional<Frame> to(Frame from, int hinge, double degrees) {
        double[] angles =
                from.degrees().stream().mapToDouble(Double::doubleValue).toArray();
        double begun = angles[hinge];
        int steps = closure.isOpen() ? 1 : Math.max(1, (int) Math.ceil(Math.abs(degrees - begun) / STEP));
        boolean[] driven = new boolean[angles.length];
        driven[hinge] = true;
        for (int step = 1; step <= steps; step++) {
            angles[hinge] = begun + (degrees - begun) * step / steps;
            angles = closure.solve(angles, driven, step < steps ? ON_THE_WAY : Closure.CLOSED);
            if (closure.gap(angles) > Precision.CLOSES
                    || Arrays.stream(angles).anyMatch(angle -> Math.abs(angle) > 180 + 1e-6)) {
                return Optional.empty();
            }
        }
        return Optional.of(at(angles));
    }

    /** How many hinges could be moved freely, each on its own, at a pose. */
    public int freedom(Frame at) {
        return graph.hinges().isEmpty()
                ? 0
                : closure.freedom(
                        at.degrees().stream().mapToDouble(Double::doubleValue).toArray());
    }
}
