package vantbreeze.core.fold.motion;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.length.Precision;

/**
 * Finds how some hinges of a card stand when the others are held, so that every loop is closed: those of a part that is
 * set on a card whose poses are known.
 */
public final class Completion {

    /** More hinges than this are not tried one by one. */
    private static final int MOST = 8;

    private final FoldGraph graph;
    private final Closure closure;
    private final int first;
    private final boolean[] held;

    /**
     * @param first the hinges from this index on are to be found, those before it are held
     * @throws IllegalArgumentException when more than eight are to be found
     */
    public Completion(FoldGraph graph, int first) {
        int all = graph.hinges().size();
        if (all - first > MOST) {
            throw new IllegalArgumentException("%s hinges to be found, eight at the most".formatted(all - first));
        }
        this.graph = graph;
        this.closure = new Closure(graph);
        this.first = first;
        this.held = new boolean[all];
        IntStream.range(0, first).forEach(hinge -> held[hinge] = true);
    }

    /** How many hinges are to be found. */
    public int size() {
        return held.length - first;
    }

    /**
     * The angles nearest to a guess at which the loops are closed, or as nearly closed as can be.
     *
     * @param known where the hinges that are held stand
     * @param guess degrees, of each hinge that is to be found
     */
    public double[] near(Pose known, double[] guess) {
        double[] solved = closure.solve(whole(known, guess), held);
        return Arrays.copyOfRange(solved, first, solved.length);
    }

    /**
     * Angles at which each hinge is open or folded flat its own way and the loops are closed; of several the first that
     * is preferred, then that in which most are folded. Where there are none, those that leave the least gap.
     *
     * @param known where the hinges that are held stand, each open or folded flat
     * @param preferred degrees, of each hinge that is to be found
     */
    public double[] flat(Pose known, List<double[]> preferred) {
        double[] best = new double[size()];
        double least = Double.POSITIVE_INFINITY;
        for (double[] angles : preferred) {
            double gap = closure.gap(whole(known, angles));
            if (gap < Precision.CLOSES) {
                return angles.clone();
            }
        }
        for (int open = 0; open < 1 << size(); open++) {
            double[] angles = folded(open);
            double gap = closure.gap(whole(known, angles));
            if (gap < least - Precision.CLOSES || (gap < Precision.CLOSES && least >= Precision.CLOSES)) {
                best = angles;
                least = gap;
            }
        }
        return best;
    }

    /** Every hinge folded flat but those whose bit is set. */
    private double[] folded(int open) {
        return IntStream.range(0, size())
                .mapToDouble(i -> (open & (1 << i)) != 0
                        ? 0
                        : Pose.closed().degreesAt(graph.hinges().get(first + i)))
                .toArray();
    }

    private double[] whole(Pose known, double[] found) {
        closure.slide(link -> link.reading(known));
        double[] whole = new double[held.length];
        for (Link.Folded link : graph.hinges()) {
            whole[link.index()] = link.index() < first ? known.degreesAt(link) : found[link.index() - first];
        }
        return whole;
    }
}
