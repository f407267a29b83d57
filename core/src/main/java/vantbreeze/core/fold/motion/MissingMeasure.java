package vantbreeze.core.fold.motion;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.DecompositionFactory_DDRM;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.length.Precision;

/**
 * Finds measures that were left open: the values at which every loop of a flat pose closes. Gauss–Newton steps on the
 * closure equations, whose change with each measure is taken by difference; where the equations are linear in the
 * measures, as for all parallel scores, the first step is exact.
 */
public final class MissingMeasure {

    private static final double DIFFERENCE = 0.05;
    private static final int MOST_STEPS = 25;
    /** A measure that moves no loop by more than this part of its own change is free. */
    private static final double NO_MATTER = 1e-6;

    private MissingMeasure() {}

    /** What came of it. */
    public sealed interface Outcome {
        /** These values close the card, millimetres. */
        record Found(List<Double> values) implements Outcome {}

        /** Any value will do, at least for some of the measures together: nothing depends on them. */
        record Free() implements Outcome {}

        /** No values close the card; the best still leaves this gap, millimetres. */
        record NothingCloses(double gap) implements Outcome {}
    }

    /**
     * Looks for the open measures.
     *
     * @param card the card for given values of them, millimetres
     * @param flat the pose in which it must close
     * @param start values to start from, near enough that the card is built the same way
     */
    public static Outcome solve(Function<double[], FoldGraph> card, Pose flat, double... start) {
        double[] values = start.clone();
        double[] gaps = gaps(card, flat, values);
        for (int step = 0; step < MOST_STEPS; step++) {
            DMatrixRMaj change = change(card, flat, values, gaps);
            if (change == null
                    || (CommonOps_DDRM.elementMaxAbs(change) < NO_MATTER && worst(gaps) > Precision.CLOSES)) {
                return new Outcome.NothingCloses(worst(gaps));
            }
            if (!hasFullRank(change)) {
                return new Outcome.Free();
            }
            if (worst(gaps) < Closure.CLOSED) {
                return found(values);
            }
            DMatrixRMaj move = new DMatrixRMaj(values.length, 1);
            CommonOps_DDRM.solve(change, new DMatrixRMaj(gaps.length, 1, true, negated(gaps)), move);
            for (int i = 0; i < values.length; i++) {
                values[i] += move.get(i);
            }
            double[] then = gaps(card, flat, values);
            if (then.length != gaps.length) {
                return new Outcome.NothingCloses(worst(gaps));
            }
            gaps = then;
        }
        return worst(gaps) < Precision.CLOSES ? found(values) : new Outcome.NothingCloses(worst(gaps));
    }

    private static Outcome found(double[] values) {
        return new Outcome.Found(
                Arrays.stream(values).map(MissingMeasure::toAUnit).boxed().toList());
    }

    private static boolean hasFullRank(DMatrixRMaj change) {
        var svd = DecompositionFactory_DDRM.svd(false, false, true);
        return svd.decompose(change)
                && Arrays.stream(svd.getSingularValues()).min().orElse(0) > NO_MATTER;
    }

    private static @Nullable DMatrixRMaj change(
            Function<double[], FoldGraph> card, Pose flat, double[] values, double[] gaps) {
        DMatrixRMaj change = new DMatrixRMaj(gaps.length, values.length);
        for (int i = 0; i < values.length; i++) {
            double[] moved = values.clone();
            moved[i] += DIFFERENCE;
            double[] then = gaps(card, flat, moved);
            if (then.length != gaps.length) {
                return null;
            }
            for (int row = 0; row < gaps.length; row++) {
                change.set(row, i, (then[row] - gaps[row]) / DIFFERENCE);
            }
        }
        return change;
    }

    private static double[] gaps(Function<double[], FoldGraph> card, Pose flat, double[] values) {
        FoldGraph graph = card.apply(values);
        double[] degrees = graph.hinges().stream().mapToDouble(flat::degreesAt).toArray();
        return new Closure(graph).gaps(degrees);
    }

    private static double worst(double[] gaps) {
        return Arrays.stream(gaps).map(Math::abs).max().orElse(0);
    }

    private static double[] negated(double[] gaps) {
        return Arrays.stream(gaps).map(gap -> -gap).toArray();
    }

    private static double toAUnit(double millimetres) {
        return Math.round(millimetres * 8_000) / 8_000.0;
    }
}
