package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.length.Precision;

/**
 * The way from one pose to another in equal steps. Every hinge makes for its end angle; where loops forbid that, all
 * give way as little as they can, but for those that are driven. Frames are worked out when they are looked at.
 */
public final class Motion {

    private final FoldGraph graph;
    private final List<Leg> legs;
    private final int steps;
    private final double lean;
    private final Lazy<List<Frame>> frames = new Lazy<>(this::all);

    /**
     * @param steps of each leg
     * @param lean how far the card leans back at first, degrees
     */
    private Motion(FoldGraph graph, List<Leg> legs, int steps, double lean) {
        this.graph = graph;
        this.legs = legs;
        this.steps = steps;
        this.lean = lean;
    }

    /** From {@code first} to {@code last} in {@code steps} steps, no hinge driven. */
    public static Motion between(FoldGraph graph, Pose first, Pose last, int steps) {
        return between(graph, first, last, steps, Set.of());
    }

    /** The same, with some hinges, by index, going evenly whatever the others must do. */
    public static Motion between(FoldGraph graph, Pose first, Pose last, int steps, Set<Integer> driven) {
        return new Motion(graph, List.of(new Leg(graph, first, last, steps, driven)), steps, 0);
    }

    /** Through all {@code poses} in turn, each leg in {@code steps} steps; a pose between two legs is one frame. */
    public static Motion through(FoldGraph graph, List<Pose> poses, int steps) {
        List<Leg> legs = new ArrayList<>();
        for (int leg = 0; leg + 1 < poses.size(); leg++) {
            legs.add(new Leg(graph, poses.get(leg), poses.get(leg + 1), steps, Set.of()));
        }
        return new Motion(graph, legs, steps, 0);
    }

    /** The same motion of a card that leans back so many degrees at first and ever less until it is closed. */
    public Motion leaning(double degrees) {
        return new Motion(graph, legs, steps, degrees);
    }

    /** How many frames there are. */
    public int length() {
        return legs.size() * steps + 1;
    }

    /**
     * One frame, without those that it does not need.
     *
     * @param index from 0 for the first pose to {@link #length} − 1 for the last
     */
    public Frame frame(int index) {
        int leg = Math.max(0, (index - 1) / steps);
        Frame frame = legs.get(leg).frame(index - leg * steps);
        if (lean == 0) {
            return frame;
        }
        Rigid leaning = Rigid.leaning(lean * (1 - (double) index / (length() - 1)));
        return new Frame(
                frame.degrees(), frame.panels().stream().map(leaning::after).toList(), frame.gap());
    }

    /** All frames, from the first pose to the last. */
    public List<Frame> frames() {
        return frames.get();
    }

    private List<Frame> all() {
        return IntStream.range(0, length()).mapToObj(this::frame).toList();
    }

    /** How many hinges could be driven independently half-way, as far as nothing slides. */
    public int freedom() {
        return new Closure(graph)
                .freedom(frame(length() / 2).degrees().stream()
                        .mapToDouble(Double::doubleValue)
                        .toArray());
    }

    /** The first frame that rigid panels can't reach without bending; empty when all can be. */
    public OptionalInt firstBent() {
        return IntStream.range(0, length())
                .filter(i -> frames().get(i).gap() > Precision.CLOSES)
                .findFirst();
    }

    /** Whether rigid panels can go all the way. */
    public boolean isRigid() {
        return firstBent().isEmpty();
    }

    /** Panels that pass through one another on the way, each pair once, when it is first seen. */
    public List<Passing> passings() {
        return new PassingFinder(graph)
                .find(frames().stream()
                        .map(frame -> frame.panels().toArray(new Rigid[0]))
                        .toList());
    }
}
