package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Rigid;

/**
 * The way from one pose to another in equal steps. Every hinge makes for its end angle; where loops forbid that, all
 * give way as little as they can, but for those that are driven.
 *
 * @param graph what moves
 * @param frames from the first pose to the last
 */
public record Motion(FoldGraph graph, List<Frame> frames) {

    public Motion {
        frames = List.copyOf(frames);
    }

    /** From {@code first} to {@code last} in {@code steps} steps, no hinge driven. */
    public static Motion between(FoldGraph graph, Pose first, Pose last, int steps) {
        return between(graph, first, last, steps, Set.of());
    }

    /** Through all {@code poses} in turn, each leg in {@code steps} steps; a pose between two legs is one frame. */
    public static Motion through(FoldGraph graph, List<Pose> poses, int steps) {
        List<Frame> frames = new ArrayList<>();
        for (int leg = 0; leg + 1 < poses.size(); leg++) {
            Motion motion = between(graph, poses.get(leg), poses.get(leg + 1), steps);
            frames.addAll(leg == 0 ? motion.frames : motion.frames.subList(1, steps + 1));
        }
        return new Motion(graph, frames);
    }

    /** The same, with some hinges, by index, going evenly whatever the others must do. */
    public static Motion between(FoldGraph graph, Pose first, Pose last, int steps, Set<Integer> driven) {
        Closure closure = new Closure(graph);
        double[] from = graph.hinges().stream().mapToDouble(first::degreesAt).toArray();
        double[] to = graph.hinges().stream().mapToDouble(last::degreesAt).toArray();
        boolean[] kept = new boolean[from.length];
        driven.forEach(hinge -> kept[hinge] = true);
        // paper that is not scored stays as it is unless a pose bends it
        graph.hinges().stream().filter(link -> link.hinge().fold() == Fold.BEND && from[link.index()] == to[link.index()])
                .forEach(link -> kept[link.index()] = true);
        double[] astray = new double[from.length];
        double[] before = astray;
        List<Frame> frames = new ArrayList<>();
        for (int step = 0; step <= steps; step++) {
            double part = (double) step / steps;
            closure.slide(link -> link.reading(first) + part * (link.reading(last) - link.reading(first)));
            double[] even = IntStream.range(0, from.length).mapToDouble(i -> from[i] + part * (to[i] - from[i])).toArray();
            double[] angles = even;
            if (step > 0 && step < steps) {
                // the hinges go on straying as they did
                double[] now = astray;
                double[] earlier = before;
                double[] led = step < 3 ? now : IntStream.range(0, even.length).mapToDouble(i -> 2 * now[i] - earlier[i]).toArray();
                angles = closure.solve(IntStream.range(0, even.length)
                        .mapToDouble(i -> Math.max(-180, Math.min(180, even[i] + led[i]))).toArray(), kept);
                double[] reached = angles;
                before = astray;
                astray = IntStream.range(0, even.length).mapToDouble(i -> reached[i] - even[i]).toArray();
            }
            frames.add(new Frame(Arrays.stream(angles).boxed().toList(), List.of(closure.place(angles)), closure.gap(angles)));
        }
        return new Motion(graph, frames);
    }

    /** The same motion of a card that leans back so many degrees at first and ever less until it is closed. */
    public Motion leaning(double degrees) {
        return degrees == 0 ? this : new Motion(graph, IntStream.range(0, frames.size()).mapToObj(i -> {
            Rigid lean = Rigid.leaning(degrees * (1 - (double) i / (frames.size() - 1)));
            return new Frame(frames.get(i).degrees(), frames.get(i).panels().stream().map(lean::after).toList(), frames.get(i).gap());
        }).toList());
    }

    /** How many hinges could be driven independently half-way, as far as nothing slides. */
    public int freedom() {
        return new Closure(graph).freedom(frames.get(frames.size() / 2).degrees().stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** The first frame that rigid panels can't reach without bending; empty when all can be. */
    public OptionalInt firstBent() {
        return IntStream.range(0, frames.size()).filter(i -> frames.get(i).gap() > Closure.REACHED).findFirst();
    }

    /** Whether rigid panels can go all the way. */
    public boolean isRigid() {
        return firstBent().isEmpty();
    }

    /** Panels that pass through one another on the way, each pair once, when it is first seen. */
    public List<Passing> passings() {
        return new PassingFinder(graph).find(frames.stream().map(frame -> frame.panels().toArray(new Rigid[0])).toList());
    }
}
