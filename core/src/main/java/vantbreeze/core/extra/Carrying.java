package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.motion.Completion;
import vantbreeze.core.length.Precision;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/**
 * A card with what is set on it, one thing after the other: its pieces and joins, and its poses as far as the card's
 * own are known.
 *
 * @param base the card without it
 * @param fitted what is set on it, as far as its panels are there; the last of them perhaps beyond its limits, then
 *     nothing is built of it or on it
 * @param steps what is built of them
 */
record Carrying(FoldGraph base, List<Fitted> fitted, List<Step> steps, Assembly assembly) {

    /**
     * One more thing set on.
     *
     * @param graph the card with it
     * @param first the first of its hinges, by index
     */
    private record Step(Fitted fitted, FoldGraph graph, int first) {

        /** Its hinges in a pose in which the card before it is known. */
        double[] found(Pose known, boolean pressed, boolean closed) {
            Completion completion = new Completion(graph, first);
            double degrees = fitted.fold() == null ? 0 : fitted.fold().degrees(known);
            if (pressed) {
                double[] lying = completion.flat(
                        known,
                        fitted.kind().lying(fitted).stream()
                                .map(angles -> Building.ordered(fitted, angles))
                                .toList());
                if (closed || FoldedForm.of(graph, posed(known, lying)).closureError() < Precision.CLOSES) {
                    return lying;
                }
            }
            return completion.near(known, Building.ordered(fitted, fitted.kind().standing(fitted, degrees)));
        }

        Pose posed(Pose known, double[] found) {
            double[] kept = found.clone();
            return new Pose() {
                @Override
                public double degreesAt(Link.Folded link) {
                    int own = link.index() - first;
                    return own < 0 || own >= kept.length ? known.degreesAt(link) : kept[own];
                }

                @Override
                public double travelAt(Link.Glued link) {
                    return known.travelAt(link);
                }
            };
        }
    }

    Carrying {
        fitted = List.copyOf(fitted);
        steps = List.copyOf(steps);
    }

    /** @param measures all within the limits of {@code base} */
    static Carrying of(Structure base, Extras extras, Measures measures, Allowances allowances) {
        Assembly assembly = base.assemble(measures);
        FoldGraph bare = FoldGraph.of(assembly);
        FoldGraph graph = bare;
        Pose pose = base.closed(measures);
        List<Fitted> fitted = new ArrayList<>();
        List<Step> steps = new ArrayList<>();
        for (Extra extra : extras.all()) {
            Optional<Fitted> found = Fitted.of(extra, FoldedForm.of(graph, pose), measures, allowances);
            if (found.isEmpty()) {
                continue;
            }
            Fitted at = found.get();
            fitted.add(at);
            if (at.refusal().isPresent()) {
                break;
            }
            int first = graph.hinges().size();
            assembly = Building.on(assembly, at);
            graph = FoldGraph.of(assembly);
            Step step = new Step(at, graph, first);
            pose = step.posed(pose, step.found(pose, true, true));
            steps.add(step);
        }
        return new Carrying(bare, fitted, steps, assembly);
    }

    /** What is known of one of them; none where its panels are not there. */
    Optional<Fitted> of(Extra extra) {
        return fitted.stream().filter(one -> one.extra().equals(extra)).findFirst();
    }

    /**
     * The whole card in a pose of the card without them. While that lies flat and folded, they do where they can;
     * otherwise they stand.
     */
    Pose posed(Pose pose, boolean closed) {
        boolean folded = base.hinges().stream().anyMatch(hinge -> pose.degreesAt(hinge) != 0);
        boolean pressed = closed || (folded && base.isFlat(pose));
        Pose whole = pose;
        for (Step step : steps) {
            whole = step.posed(whole, step.found(whole, pressed, closed));
        }
        return whole;
    }
}
