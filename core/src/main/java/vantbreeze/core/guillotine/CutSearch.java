package vantbreeze.core.guillotine;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.SheetFilling.Effort;

/**
 * Looks for the plan that costs least. Plans are made in one go, then sheet by sheet, each sheet the one worth most of
 * what is left ({@link BlockBuilding}) with values that change from plan to plan, as sequential value correction does
 * (Cui, Zhou and Yang 2015). Then again and again a part of the best is taken out and put in otherwise, first with less
 * to spend on sheets than the best so far, then for tidier cuts: ruin and recreate (Schrimpf, Schneider,
 * Stamm-Wilbrandt and Dueck 2000) on trees of cuts with a goal for the cost of bins (Gardeyn and Wauters 2022),
 * accepting what is no worse than some steps ago (late acceptance hill-climbing: Burke and Bykov 2017).
 *
 * <p>Always the same for the same problem and budget.
 */
public final class CutSearch {

    /** Sums of prices differ by less without being another. */
    private static final double SAME = 1e-9;

    /** How many steps ago a plan must not be worse than. */
    private static final int MEMORY = 60;

    /** Most items taken out at once. */
    private static final int MOST_OUT = 14;

    /** How many sheets are built anew at once. */
    private static final int MOST_REBUILT = 3;

    /** One step in so many builds sheets anew. */
    private static final int REBUILD = 12;

    /** What part of a budget is for plans made sheet by sheet, and what part for tidier cuts. */
    private static final double BUILDING = 0.4;

    private static final double TIDYING = 0.25;

    /** Of what is paid for a part so large may be used. */
    private static final double CLOSELY = 0.97;

    private static final List<Order> ORDERS = List.of(Order.values());

    /** What a step costs beside what is looked at; and each sheet of the plan that is copied for it. */
    private static final int STEP = 200;

    private static final int SHEET = 20;

    /** How many plans in rows are made before tidier cuts are looked for. */
    private static final int IN_ROWS = 60;

    /** One step in so many lays all of a kind in rows. */
    private static final int ROWS = 3;

    /** To put the cuts of a part in order is as much work as to look at so many places for it. */
    private static final int ORDERING = 40;

    /** How much is tried when a plan is built, time after time. */
    private static final List<Effort> EFFORTS =
            List.of(new Effort(12, 2), new Effort(24, 4), new Effort(48, 4), new Effort(24, 4), new Effort(96, 10));

    private final Problem problem;
    private final CutBudget budget;
    private final SplittableRandom random = new SplittableRandom(20);
    private final Fill fill;
    private final GridFill grid;
    private final Builder builder;
    private final double bound;
    private final double share;
    private Layout best;
    private long spent;
    private Score bestScore;
    /** Whether a sheet may be spared yet. */
    private boolean isHopeful;

    private CutSearch(Problem problem, CutBudget budget) {
        this.problem = problem;
        this.budget = budget;
        this.fill = new Fill(problem, random);
        this.grid = new GridFill(problem, random);
        this.builder = new Builder(problem, random);
        this.bound = LowerBound.of(problem);
        this.share = LowerBound.share(problem);
        this.best = new Layout(problem);
        this.bestScore = best.score();
    }

    /** The best plan found; items that no sheet has room for are left. */
    public static Solution best(Problem problem, CutBudget budget) {
        CutSearch search = new CutSearch(problem, budget);
        search.make();
        search.fit();
        search.build();
        search.spare();
        search.tidy();
        return search.best.solution(search.bound);
    }

    /** No plan in which all that fits is cut costs less. */
    public static double bound(Problem problem) {
        return LowerBound.of(problem);
    }

    /**
     * No plan costs less in which so much is cut from sheets of the problem.
     *
     * @param area of all that is cut, square units
     */
    public static double boundByArea(Problem problem, double area) {
        return LowerBound.byArea(problem, area);
    }

    private long looks() {
        return fill.looks() + grid.looks() + builder.looks() + spent;
    }

    /** @param part of what may be spent altogether */
    private boolean isOver(double part) {
        long most = budget.looks() + (isHopeful ? budget.hope() : 0);
        return looks() >= most * part || budget.isStopped().getAsBoolean();
    }

    /** Whether a plan that does without a sheet of this one need not be cut too closely. */
    private boolean hopes() {
        double least = best.sheets.stream()
                .mapToDouble(sheet -> problem.bins().get(sheet.bin).cost())
                .filter(cost -> cost > 0)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return best.isWhole() && share <= CLOSELY * (best.cost - least);
    }

    private boolean isProven() {
        return best.isWhole() && Solution.reaches(best.cost, bound);
    }

    private void take(Layout layout) {
        Score score = layout.score();
        if (score.compareTo(bestScore) < 0) {
            best = layout;
            bestScore = score;
            isHopeful = hopes();
            budget.better().accept(layout.solution(bound));
        }
    }

    private IntStream all() {
        return IntStream.range(0, problem.items().size());
    }

    /** Plans made in one go, the largest items first. */
    private void make() {
        for (Order order : Order.values()) {
            Layout layout = new Layout(problem);
            fill.fill(layout, order.of(problem, all()), Double.POSITIVE_INFINITY, false);
            take(layout);
        }
    }

    /** Where nothing may be left over: sheets filled wholly, and what they leave on others. */
    private void fit() {
        if (isProven() || !PerfectSheets.mayBe(problem)) {
            return;
        }
        Layout layout = new Layout(problem);
        PerfectSheets perfect = new PerfectSheets(problem, 0, layout.left, budget);
        for (Block block : perfect.sheets()) {
            if (layout.affords(0, Double.POSITIVE_INFINITY)) {
                Sheet sheet = layout.open(0);
                sheet.place(sheet.root(), block, layout::cut);
            }
        }
        fill.fill(layout, Order.AREA.of(problem, missing(layout)), Double.POSITIVE_INFINITY, false);
        take(layout);
    }

    /** Plans made sheet by sheet, more and more carefully. */
    private void build() {
        for (int round = 0; !isOver(BUILDING) && !isProven() && round < EFFORTS.size() * 4; round++) {
            Layout layout = new Layout(problem);
            double[] values = builder.values(round == 0 ? 0 : 0.1);
            Effort effort = EFFORTS.get(round % EFFORTS.size());
            while (!layout.isWhole()
                    && !isOver(BUILDING)
                    && builder.opened(layout, values, effort, Double.POSITIVE_INFINITY)) {
                fill.fillLast(layout, Order.AREA.of(problem, missing(layout)));
            }
            fill.fill(layout, Order.AREA.of(problem, all()), Double.POSITIVE_INFINITY, false);
            take(layout);
            builder.learn(layout);
        }
    }

    /** Time and again with less to spend. */
    private void spare() {
        double part = 1 - TIDYING;
        while (!isOver(part) && !isProven() && !best.sheets.isEmpty()) {
            Layout start = new Layout(best);
            double dearest = Double.POSITIVE_INFINITY;
            if (best.isWhole()) {
                dearest = best.cost * (1 - 1e-7);
                while (start.cost > dearest) {
                    start.empty(emptiest(start));
                }
            }
            climb(start, dearest, () -> isOver(part), Layout::progress);
        }
    }

    private int emptiest(Layout layout) {
        List<Sheet> sheets = layout.sheets;
        return IntStream.range(0, sheets.size())
                .boxed()
                .filter(index -> problem.bins().get(sheets.get(index).bin).cost() > 0)
                .min(Comparator.comparingDouble(index -> sheets.get(index).used()))
                .orElse(0);
    }

    /** Tidier cuts from the same sheets. */
    private void tidy() {
        // what was not spent on sparing sheets is not spent on tidier cuts either
        long most = looks() + (long) (budget.looks() * TIDYING);
        BooleanSupplier isOver = () -> looks() >= most || isOver(1);
        if (best.isWhole() && !best.sheets.isEmpty()) {
            for (int round = 0; round < IN_ROWS && !isOver.getAsBoolean(); round++) {
                inRows();
            }
            climb(new Layout(best), best.cost * (1 + SAME), isOver, Layout::score);
        }
    }

    /** A plan on the same sheets in rows and columns, made anew; the largest first or in any order. */
    private void inRows() {
        Layout layout = new Layout(best);
        for (int i = 0; i < layout.sheets.size(); i++) {
            layout.clear(i);
        }
        int[] items = random.nextInt(3) == 0
                ? shuffled(all().toArray())
                : ORDERS.get(random.nextInt(ORDERS.size())).of(problem, all());
        grid.fill(layout, items);
        layout.closeEmpty();
        spent += (long) ORDERING * layout.parts();
        if (layout.isWhole()) {
            take(layout);
        }
    }

    /**
     * Takes out and puts in, until it is over or, on the way to cutting all, all are cut.
     *
     * @param dearest what sheets may cost
     * @param measure what is climbed by
     */
    private void climb(Layout start, double dearest, BooleanSupplier isOver, Function<Layout, Score> measure) {
        Layout now = start;
        Score score = measure.apply(now);
        Score top = score;
        Score[] memory = new Score[MEMORY];
        Arrays.fill(memory, score);
        boolean wasWhole = start.isWhole();
        for (int step = 0; !isOver.getAsBoolean(); step++) {
            Layout next = new Layout(now);
            // a step in which nothing can be put anywhere is work too, or it would never be over
            spent += STEP + (long) SHEET * next.sheets.size();
            if (!wasWhole && random.nextInt(REBUILD) == 0) {
                rebuild(next, dearest);
            } else if (wasWhole && random.nextInt(ROWS) == 0) {
                uncutSome(next);
                grid.fill(next, shuffled(missing(next).toArray()));
                fill.fill(next, Order.AREA.of(problem, missing(next)), dearest, false);
                next.closeEmpty();
            } else {
                ruin(next);
                recreate(next, dearest);
            }
            if (wasWhole && next.isWhole()) {
                next.unite(random.nextInt(next.sheets.size()));
                spent += (long) ORDERING * next.parts();
            }
            Score then = measure.apply(next);
            if (then.compareTo(memory[step % MEMORY]) <= 0 || then.compareTo(score) <= 0) {
                now = next;
                score = then;
            }
            if (then.compareTo(top) < 0) {
                top = then;
                take(next);
            }
            if (!wasWhole && next.isWhole()) {
                return;
            }
            memory[step % MEMORY] = score;
        }
    }

    /** Takes a few sheets apart and makes them, and what found no place, anew. */
    private void rebuild(Layout layout, double dearest) {
        int count = Math.min(layout.sheets.size(), 1 + random.nextInt(MOST_REBUILT));
        for (int i = 0; i < count; i++) {
            layout.empty(random.nextInt(layout.sheets.size()));
        }
        double[] values = builder.values(0.3);
        Effort effort = EFFORTS.get(random.nextInt(EFFORTS.size()));
        for (int i = 0; i <= count && !layout.isWhole(); i++) {
            if (!builder.opened(layout, values, effort, dearest)) {
                break;
            }
        }
        fill.fill(layout, Order.AREA.of(problem, missing(layout)), dearest, false);
    }

    /** Takes all of one or two kinds out. */
    private void uncutSome(Layout layout) {
        int one = random.nextInt(problem.items().size());
        int other = random.nextInt(problem.items().size());
        for (int i = layout.sheets.size() - 1; i >= 0; i--) {
            layout.clear(i, item -> item == one || item == other);
        }
    }

    private IntStream missing(Layout layout) {
        return all().filter(item -> layout.left[item] > 0);
    }

    private void ruin(Layout layout) {
        if (layout.sheets.size() > 1 && random.nextInt(problem.bins().size() > 1 ? 12 : 60) == 0) {
            layout.empty(random.nextInt(layout.sheets.size()));
        }
        int out = 1 + random.nextInt(MOST_OUT);
        while (out > 0 && !layout.sheets.isEmpty()) {
            out -= ruin(layout, random.nextInt(layout.sheets.size()), out);
        }
    }

    /** Takes parts out of a sheet; answers how many. */
    private int ruin(Layout layout, int index, int most) {
        Sheet sheet = layout.change(index);
        int before = sheet.parts.size();
        do {
            int out = before - sheet.parts.size();
            sheet.clear(branch(sheet, most - out), layout::uncut);
        } while (before - sheet.parts.size() < most && !sheet.parts.isEmpty() && random.nextInt(3) > 0);
        int out = before - sheet.parts.size();
        if (sheet.parts.isEmpty()) {
            layout.close(index);
        }
        return out;
    }

    /** A part with what lies about it, of not many more parts than these. */
    private Branch branch(Sheet sheet, int most) {
        Branch branch = sheet.parts.get(random.nextInt(sheet.parts.size()));
        for (Branch parent = branch.parent;
                parent != null && random.nextInt(3) > 0 && parent.count() <= most;
                parent = branch.parent) {
            branch = parent;
        }
        return branch;
    }

    private void recreate(Layout layout, double dearest) {
        int which = random.nextInt(12);
        Order order = which < 5
                ? Order.AREA
                : which < 7
                        ? Order.LONGER
                        : which < 8 ? Order.SHORTER : random.nextInt(2) == 0 ? Order.WIDTH : Order.HEIGHT;
        int[] items = which < 9
                ? order.of(problem, missing(layout))
                : shuffled(missing(layout).toArray());
        fill.fill(layout, items, dearest, true);
    }

    private int[] shuffled(int[] items) {
        for (int i = items.length - 1; i > 0; i--) {
            int other = random.nextInt(i + 1);
            int item = items[i];
            items[i] = items[other];
            items[other] = item;
        }
        return items;
    }
}
