package vantbreeze.core.recognition;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;

/**
 * Measures with which a kind of card has given figures. As long as its lines keep their order its figures are linear in
 * its measures, so that one step of Gauss's and Newton's method finds them; a few more where they are only nearly so.
 */
final class Fitting {

    /** A hundredth of a millimetre: what dividing lengths into whole units leaves over is far less. */
    static final double SAME = Length.PER_MILLIMETRE / 100.0;

    /** Units that dividing lengths leaves over. */
    private static final double EXACT = 4;

    private static final int STEPS = 6;
    /** A tenth of a millimetre tells how figures go with a measure. */
    static final Length NUDGE = Length.ofMicrometres(100);

    private static final long LONGEST = Length.ofMillimetres(4_000).units();

    private final Kind kind;
    private final List<Integer> order;
    private final PieceSketch.Order lines;
    private final Sketch.Joins joins;
    private final Sketch wanted;

    Fitting(Kind kind, Sketch wanted, PieceSketch.Order lines, Sketch.Joins joins) {
        this.lines = lines;
        this.kind = kind;
        this.wanted = wanted;
        this.order = IntStream.range(0, wanted.patterns().size()).boxed().toList();
        this.joins = joins;
    }

    /** The figures with these measures; none where its lines lie in another order. */
    private Optional<Sketch> sketch(Measures measures) {
        return kind.assembled(measures)
                .map(made -> Sketch.of(made, order, lines, joins))
                .filter(wanted::isLike);
    }

    /** How far each figure with these measures is from the one wanted; none where its lines lie in another order. */
    Optional<double[]> off(Measures measures) {
        return sketch(measures).map(sketch -> off(sketch));
    }

    private double[] off(Sketch sketch) {
        double[] off = new double[wanted.figures().size()];
        for (int i = 0; i < off.length; i++) {
            off[i] = wanted.figures().get(i).units() - sketch.figures().get(i).units();
        }
        return off;
    }

    /** Whether all figures are as wanted, but for one, which is −1 for none. */
    static boolean isSame(double[] off, int but) {
        return isWithin(off, but, SAME);
    }

    private static boolean isWithin(double[] off, int but, double units) {
        for (int i = 0; i < off.length; i++) {
            if (i != but && Math.abs(off[i]) > units) {
                return false;
            }
        }
        return true;
    }

    /** How the figures of one card go with its measures. */
    record Tangent(List<Parameter> asked, DMatrixRMaj slopes) {}

    /** How the figures of the card that is wanted go with its measures, which are these. */
    Tangent tangent(Measures measures) {
        List<Parameter> asked = said(measures);
        return new Tangent(asked, slopes(measures, wanted, asked));
    }

    /** From a kind's own card to measures with which all figures are as wanted; none as for any measures. */
    Optional<Measures> from(Kind.Probe probe) {
        return from(probe.measures(), -1, probe);
    }

    /**
     * From one card's measures to those with which all figures are as wanted.
     *
     * @param but a figure that may be what it is, −1 for none
     * @return the nearest that was found; none where the lines come to lie in another order on the way
     */
    Optional<Measures> from(Measures start, int but) {
        return from(start, but, null);
    }

    private Optional<Measures> from(Measures start, int but, Kind.@Nullable Probe probe) {
        Measures at = start;
        DMatrixRMaj expected = null;
        for (int step = 0; step < STEPS; step++) {
            Optional<Sketch> now = sketch(at);
            if (now.isEmpty()) {
                return Optional.empty();
            }
            double[] off = off(now.get());
            // where all went as it was reckoned the figures are linear here, and no other step leads nearer
            if (isWithin(off, but, EXACT) || (expected != null && isSame(off, expected, but))) {
                return Optional.of(at);
            }
            List<Parameter> asked = said(at);
            Tangent tangent = step == 0 && probe != null
                    ? probe.tangent(joins)
                    : new Tangent(asked, slopes(at, now.get(), asked));
            Optional<Step> next = stepped(at, tangent, off, but);
            if (next.isEmpty() || next.get().to().equals(at)) {
                return Optional.of(at);
            }
            at = next.get().to();
            expected = next.get().off();
        }
        return off(at).isPresent() ? Optional.of(at) : Optional.empty();
    }

    private static boolean isSame(double[] off, DMatrixRMaj expected, int but) {
        double[] between = new double[off.length];
        for (int i = 0; i < off.length; i++) {
            between[i] = off[i] - expected.get(i);
        }
        return isWithin(between, but, EXACT);
    }

    /** To measures, with which the figures should be off by so much. */
    private record Step(Measures to, DMatrixRMaj off) {}

    private Optional<Step> stepped(Measures at, Tangent tangent, double[] off, int but) {
        List<Parameter> asked = tangent.asked();
        DMatrixRMaj slopes = tangent.slopes().copy();
        DMatrixRMaj missing = new DMatrixRMaj(off.length, 1, true, off.clone());
        if (but >= 0) {
            missing.set(but, 0, 0);
            for (int i = 0; i < asked.size(); i++) {
                slopes.set(but, i, 0);
            }
        }
        DMatrixRMaj move = new DMatrixRMaj(asked.size(), 1);
        // figures of which fewer are told than there are measures leave the rest of the measures as they are
        var solver = LinearSolverFactory_DDRM.pseudoInverse(true);
        if (!solver.setA(slopes)) {
            return Optional.empty();
        }
        solver.solve(missing, move);
        Measures next = at;
        DMatrixRMaj expected = new DMatrixRMaj(off.length, 1, true, off.clone());
        for (int i = 0; i < asked.size(); i++) {
            String id = asked.get(i).id();
            long moved = Math.round(move.get(i));
            long units = at.get(id).units() + moved;
            if (units < 0 || units > LONGEST) {
                return Optional.empty();
            }
            next = next.with(id, Length.ofUnits(units));
            for (int row = 0; row < off.length; row++) {
                expected.add(row, 0, -tangent.slopes().get(row, i) * moved);
            }
        }
        return Optional.of(new Step(next, expected));
    }

    /** The measures that were said, which are sought. */
    private List<Parameter> said(Measures at) {
        return kind.structure().asked(at).stream()
                .filter(parameter -> at.says(parameter.id()))
                .toList();
    }

    /** How every figure goes with every measure. */
    private DMatrixRMaj slopes(Measures at, Sketch sketch, List<Parameter> asked) {
        double[] now = figures(sketch);
        DMatrixRMaj slopes = new DMatrixRMaj(now.length, asked.size());
        for (int i = 0; i < asked.size(); i++) {
            double[] slope = slope(at, asked.get(i).id(), now);
            for (int row = 0; row < now.length; row++) {
                slopes.set(row, i, slope[row]);
            }
        }
        return slopes;
    }

    private double[] slope(Measures at, String id, double[] now) {
        for (Length nudge : List.of(NUDGE, NUDGE.negated())) {
            Optional<Sketch> nudged = sketch(at.with(id, at.get(id).plus(nudge)));
            if (nudged.isPresent()) {
                double[] then = figures(nudged.get());
                for (int i = 0; i < then.length; i++) {
                    then[i] = (then[i] - now[i]) / nudge.units();
                }
                return then;
            }
        }
        return new double[now.length];
    }

    private static double[] figures(Sketch sketch) {
        return sketch.figures().stream().mapToDouble(Place::units).toArray();
    }

    /** Whether the card's joins are among the figures. */
    boolean isGlued() {
        return joins != Sketch.Joins.NONE;
    }

    /** The one figure that is another than with these measures. */
    Deviation deviation(Measures measures, int which) {
        Place is = wanted.figures().get(which);
        Place made = sketch(measures).orElseThrow().figures().get(which);
        return new Deviation(
                is.piece(),
                is.what(),
                Length.ofUnits(Math.round(is.units())),
                Length.ofUnits(Math.round(made.units())));
    }

    /** Which measures no figure goes with. */
    List<Parameter> unseen(Measures at) {
        List<Parameter> asked = said(at);
        DMatrixRMaj slopes = slopes(at, sketch(at).orElseThrow(), asked);
        List<Parameter> unseen = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            double most = 0;
            for (int row = 0; row < slopes.getNumRows(); row++) {
                most = Math.max(most, Math.abs(slopes.get(row, i)));
            }
            if (most < 1e-3) {
                unseen.add(asked.get(i));
            }
        }
        return unseen;
    }
}
