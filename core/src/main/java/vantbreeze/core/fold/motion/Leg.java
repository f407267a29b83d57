package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Pose;

/**
 * From one pose to the next in equal steps. Where loops must be kept closed each step is found from the one before it;
 * otherwise a step is found by itself.
 */
final class Leg {

    private final Closure closure;
    private final Pose first;
    private final Pose last;
    private final int steps;
    private final double[] from;
    private final double[] to;
    private final boolean[] kept;
    /** The angles of the steps found so far; in turn. */
    private final List<double[]> found = new ArrayList<>();

    private double[] astray;
    private double[] before;

    Leg(FoldGraph graph, Pose first, Pose last, int steps, Set<Integer> driven) {
        this.closure = new Closure(graph);
        this.first = first;
        this.last = last;
        this.steps = steps;
        this.from = graph.hinges().stream().mapToDouble(first::degreesAt).toArray();
        this.to = graph.hinges().stream().mapToDouble(last::degreesAt).toArray();
        this.kept = new boolean[from.length];
        driven.forEach(hinge -> kept[hinge] = true);
        // paper that is not scored stays as it is unless a pose bends it
        graph.hinges().stream()
                .filter(link -> link.hinge().fold() == Fold.BEND && from[link.index()] == to[link.index()])
                .forEach(link -> kept[link.index()] = true);
        this.astray = new double[from.length];
        this.before = astray;
    }

    /** The moment after so many steps. */
    synchronized Frame frame(int step) {
        double[] angles = closure.isOpen() ? even(step) : angles(step);
        slide(step);
        return new Frame(Arrays.stream(angles).boxed().toList(), List.of(closure.place(angles)), closure.gap(angles));
    }

    private double[] angles(int step) {
        while (found.size() <= step) {
            found.add(next(found.size()));
        }
        return found.get(step);
    }

    private double[] next(int step) {
        double[] even = even(step);
        if (step == 0 || step == steps) {
            return even;
        }
        slide(step);
        // the hinges go on straying as they did
        double[] now = astray;
        double[] earlier = before;
        double[] led = step < 3
                ? now
                : IntStream.range(0, even.length)
                        .mapToDouble(i -> 2 * now[i] - earlier[i])
                        .toArray();
        double[] reached = closure.solve(
                IntStream.range(0, even.length)
                        .mapToDouble(i -> Math.max(-180, Math.min(180, even[i] + led[i])))
                        .toArray(),
                kept);
        before = astray;
        astray = IntStream.range(0, even.length)
                .mapToDouble(i -> reached[i] - even[i])
                .toArray();
        return reached;
    }

    private double[] even(int step) {
        double part = (double) step / steps;
        return IntStream.range(0, from.length)
                .mapToDouble(i -> from[i] + part * (to[i] - from[i]))
                .toArray();
    }

    private void slide(int step) {
        double part = (double) step / steps;
        closure.slide(link -> link.reading(first) + part * (link.reading(last) - link.reading(first)));
    }
}
