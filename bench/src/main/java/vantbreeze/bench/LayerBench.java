package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Dressing every structure with two layers on all that shows, warm, a card of another size each time. */
final class LayerBench {

    /** More sizes than what shows of a card is remembered for. */
    private static final int SIZES = 40;

    private static final int ROUNDS = 4;
    private static final double LIMIT = 10;

    private LayerBench() {}

    static List<Row> run() throws Exception {
        Workshop workshop = Workshop.standard();
        List<Row> rows = new ArrayList<>();
        for (Structure structure : workshop.catalogue().all()) {
            List<WorkedPlan> bare = new ArrayList<>();
            for (int i = 0; i < SIZES; i++) {
                bare.add(workshop.work(Plan.of(
                                "Kite day",
                                structure.id(),
                                structure.proportioned(Size.ofMillimetres(132 + 4 * i, 100 + 4 * i), Ruler.MM_1),
                                Ruler.MM_1))
                        .whole());
            }
            rows.add(Yardstick.UNIONS.beside(() -> dressed(workshop, structure, bare)));
        }
        return rows;
    }

    private static Row dressed(Workshop workshop, Structure structure, List<WorkedPlan> bare) {
        double[] taken = new double[SIZES * (ROUNDS - 1)];
        for (int i = 0; i < SIZES * ROUNDS; i++) {
            WorkedPlan card = bare.get(i % SIZES);
            long begun = System.nanoTime();
            Suggestion suggestion = new Suggestion(workshop, card);
            Dressing dressing = suggestion.dressing(suggestion.usualStack());
            WorkedPlan dressed = card.withDressing(dressing);
            if (dressed.cuts().cuts().isEmpty()) {
                throw new IllegalStateException("nothing was laid on " + structure.id());
            }
            if (i >= SIZES) {
                taken[i - SIZES] = (System.nanoTime() - begun) / 1e6;
            }
        }
        return Row.median(structure.name() + ", two layers on all that shows", taken, LIMIT);
    }
}
