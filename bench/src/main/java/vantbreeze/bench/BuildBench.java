package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** The steps of every structure dressed all over, warm, a card of another size each time. */
final class BuildBench {

    private static final int SIZES = 4;
    private static final int ROUNDS = 3;
    private static final double LIMIT = 300;

    private BuildBench() {}

    static List<Row> run() throws Exception {
        Workshop workshop = Workshop.standard();
        List<Row> rows = new ArrayList<>();
        for (Structure structure : workshop.catalogue().all()) {
            List<WorkedPlan> dressed = new ArrayList<>();
            for (int i = 0; i < SIZES; i++) {
                WorkedPlan bare = workshop.work(Plan.of(
                        "Kite day",
                        structure.id(),
                        structure.proportioned(Size.ofMillimetres(132 + 7 * i, 100 + 5 * i), Ruler.MM_1),
                        Ruler.MM_1));
                Suggestion suggestion = new Suggestion(workshop, bare);
                dressed.add(bare.withDressing(suggestion.dressing(suggestion.usualStack()))
                        .whole());
            }
            rows.add(Yardstick.UNIONS.beside(() -> built(structure, dressed)));
        }
        return rows;
    }

    private static Row built(Structure structure, List<WorkedPlan> dressed) {
        double[] taken = new double[SIZES * (ROUNDS - 1)];
        for (int i = 0; i < SIZES * ROUNDS; i++) {
            WorkedPlan card = dressed.get(i % SIZES);
            long begun = System.nanoTime();
            BuildPlan building = BuildPlan.of(card, Habit.FLAT_FIRST);
            if (!building.stuck().isEmpty()) {
                throw new IllegalStateException(structure.id() + " can't be built");
            }
            if (i >= SIZES) {
                taken[i - SIZES] = (System.nanoTime() - begun) / 1e6;
            }
        }
        return Row.median(structure.name() + ", its steps in order", taken, LIMIT);
    }
}
