package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.guillotine.Bin;
import vantbreeze.core.guillotine.CutBudget;
import vantbreeze.core.guillotine.CutSearch;
import vantbreeze.core.guillotine.Item;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Rotations;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Plans of cuts: for a dressed card, another size each time, and for more and more pieces of any size from A4. */
final class CutBench {

    private static final int CARDS = 12;
    private static final int[] PIECES = {10, 20, 50, 100, 200, 500, 1_000, 2_000};
    private static final Bin A4 = new Bin(210, 297, Bin.PLENTY, 1);

    private CutBench() {}

    /**
     * What so many pieces cost.
     *
     * @param over how many sheets more than their areas need at least, percent
     */
    record CutCost(int pieces, double milliseconds, int sheets, double over, boolean isProven) {}

    static List<Row> run() throws Exception {
        List<Row> rows = new ArrayList<>();
        rows.add(Yardstick.UNIONS.beside(CutBench::dressed));
        rows.add(Yardstick.UNIONS.beside(() -> pieces(200, 5, 2_000)));
        rows.add(Yardstick.UNIONS.beside(() -> pieces(2_000, 1, 15_000)));
        return rows;
    }

    static List<CutCost> costs() {
        List<CutCost> costs = new ArrayList<>();
        for (int pieces : PIECES) {
            Problem problem = problem(pieces, 7);
            long begun = System.nanoTime();
            Solution solution = CutSearch.best(problem, CutBudget.of(pieces));
            double taken = (System.nanoTime() - begun) / 1e6;
            double area = problem.items().stream()
                    .mapToDouble(item -> (double) item.width() * item.height())
                    .sum();
            double least = CutSearch.boundByArea(problem, area);
            int sheets = solution.patterns().size();
            costs.add(new CutCost(pieces, taken, sheets, 100 * (sheets / least - 1), solution.isProven()));
        }
        return costs;
    }

    /** A concertina dressed all over, in two papers. */
    private static Row dressed() {
        Workshop workshop = Workshop.standard();
        Structure structure = workshop.catalogue().find("concertina").orElseThrow();
        double[] taken = new double[CARDS];
        int blanks = 0;
        for (int i = -CARDS; i < CARDS; i++) {
            WorkedPlan bare = workshop.work(Plan.of(
                    "Kite day",
                    structure.id(),
                    structure.proportioned(Size.ofMillimetres(121 + i, 95 + i), Ruler.MM_1),
                    Ruler.MM_1));
            Suggestion suggestion = new Suggestion(workshop, bare);
            WorkedPlan dressed = bare.withDressing(suggestion.dressing(suggestion.usualStack()));
            blanks = dressed.blanks().all().stream().mapToInt(Blank::count).sum();
            long begun = System.nanoTime();
            CutPlan.of(dressed.cutOrder(workshop.sheets()));
            if (i >= 0) {
                taken[i] = (System.nanoTime() - begun) / 1e6;
            }
        }
        return Row.median(
                String.format(Locale.ROOT, "a dressed concertina of %d blanks on the fewest sheets", blanks),
                taken,
                150);
    }

    private static Row pieces(int count, int times, double most) {
        double[] taken = new double[times];
        for (int i = 0; i < times; i++) {
            Problem problem = problem(count, i);
            long begun = System.nanoTime();
            CutSearch.best(problem, CutBudget.of(count));
            taken[i] = (System.nanoTime() - begun) / 1e6;
        }
        return Row.median(
                String.format(Locale.ROOT, "%,d pieces, no two alike, on the fewest sheets", count), taken, most);
    }

    /** Pieces of a fiftieth to a fifth of a sheet, as mats and layers are. */
    private static Problem problem(int count, int seed) {
        Random random = new Random(seed);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            items.add(new Item(30 + random.nextInt(90), 30 + random.nextInt(100), 1));
        }
        return new Problem(items, List.of(A4), Rotations.FREE);
    }
}
