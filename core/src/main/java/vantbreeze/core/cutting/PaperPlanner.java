package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.guillotine.Bin;
import vantbreeze.core.guillotine.CutBudget;
import vantbreeze.core.guillotine.CutNode;
import vantbreeze.core.guillotine.CutSearch;
import vantbreeze.core.guillotine.Item;
import vantbreeze.core.guillotine.PinnedPart;
import vantbreeze.core.guillotine.PinnedSearch;
import vantbreeze.core.guillotine.PinnedSheet;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.guillotine.TrimmerLimits;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Tools;

/** Plans what is cut from one paper. */
final class PaperPlanner {

    /** Ways to lay outlines together are compared by what this part of the usual work finds. */
    private static final double TRIAL = 0.1;

    private final PaperAtHand paper;
    private final List<Blank> blanks;
    private final Pins pins;
    private final Ruler ruler;
    private final boolean cracks;
    private final TrimmerLimits limits;
    private final Nesting nesting;

    PaperPlanner(String stockId, List<Blank> blanks, List<StockSheet> sheets, boolean isAssumed, CutOrder order) {
        Map<String, SheetUse> uses = order.choices().sheets().entrySet().stream()
                .filter(one -> one.getKey().stockId().equals(stockId))
                .collect(Collectors.toMap(one -> one.getKey().sheetId(), Map.Entry::getValue));
        this.paper = new PaperAtHand(
                stockId,
                blanks.get(0).stock(),
                sheets,
                uses,
                isAssumed,
                order.choices().wishes());
        this.blanks = blanks;
        this.pins = Pins.of(paper, blanks, order.choices().pins());
        this.ruler = order.ruler();
        Tools tools = order.tools();
        this.cracks = paper.stock().grammage() >= tools.allowances().of(Allowance.GRAIN_MATTERS);
        this.limits = limits(tools, order.ruler());
        this.nesting = new Nesting(
                blanks,
                paper.bins().stream()
                        .filter(bin -> bin.copies() > 0)
                        .map(bin -> new Size(Length.ofUnits(bin.width()), Length.ofUnits(bin.height())))
                        .toList());
    }

    private static TrimmerLimits limits(Tools tools, Ruler ruler) {
        return new TrimmerLimits(
                tools.bed().units(),
                tools.allowances().of(Allowance.LEAST_HELD, ruler).units());
    }

    /** What comes from a sheet, lying as a blank may. */
    Predicate<Size> taking(Blank like) {
        return paper.taking(like, cracks && paper.wishes().grain() == CutWishes.Grain.RULE);
    }

    /**
     * Where a blank comes to that is put somewhere beside what is pinned, and whether it can lie there.
     *
     * @param anew whether on one more sheet
     */
    CutPlan.Trial tried(CutPin pin, boolean anew, double x, double y) {
        CutPin there = new Snapping(paper, blanks, pins, ruler).snapped(anew ? pins.onAnother(pin) : pin, x, y);
        List<CutPin> all = new ArrayList<>(pins.all());
        all.add(there);
        return new CutPlan.Trial(
                there,
                Pins.of(paper, blanks, all).lost().stream()
                        .filter(lost -> lost.pin().equals(there))
                        .map(Pins.Lost::why)
                        .findFirst());
    }

    /** All that a plan follows from: the same of two planners, if they make the same. */
    private record Question(
            PaperAtHand paper,
            List<Pins.OnSheet> pins,
            List<Pins.Lost> lost,
            boolean cracks,
            TrimmerLimits limits,
            List<Asked> blanks) {}

    /** All that is told of a blank: the plan that is kept holds it. */
    private record Asked(
            boolean otherSide,
            Size size,
            Blank.Folds folds,
            int number,
            int mirror,
            List<Blank.Use> uses,
            List<DrawnMark> slits,
            Optional<Blank.Under> under,
            Polygon outline) {
        static Asked of(Blank blank) {
            return new Asked(
                    blank.otherSide(),
                    blank.size(),
                    blank.folds(),
                    blank.number(),
                    blank.mirror(),
                    blank.uses(),
                    blank.slits(),
                    blank.under(),
                    blank.outline());
        }
    }

    /** Plans made last: of a card of six papers five stay as they are when one is changed. */
    private static final LruCache<Question, PaperPlan> KNOWN = new LruCache<>(96);

    private Question question() {
        return new Question(
                paper,
                pins.sheets(),
                pins.lost(),
                cracks,
                limits,
                blanks.stream().map(Asked::of).toList());
    }

    /**
     * The best plan found.
     *
     * @param stop asked now and then
     * @param better told of every plan that is better than those before
     */
    PaperPlan plan(BooleanSupplier stop, Consumer<PaperPlan> better) {
        Question question = question();
        Optional<PaperPlan> before = KNOWN.find(question);
        if (before.isPresent()) {
            return before.get();
        }
        PaperPlan plan = grained(stop, better);
        // what was stopped could have been better
        if (!stop.getAsBoolean()) {
            KNOWN.put(question, plan);
        }
        return plan;
    }

    /** Along the grain where that is the rule, or takes no more than any way does. */
    private PaperPlan grained(BooleanSupplier stop, Consumer<PaperPlan> better) {
        CutWishes.Grain grain = paper.wishes().grain();
        if (!cracks || grain == CutWishes.Grain.NONE) {
            return plan(false, stop, better);
        }
        boolean isRule = grain == CutWishes.Grain.RULE;
        // what finds no place along the grain may find one across it: nobody is told of that before
        PaperPlan along = plan(true, stop, plan -> {
            if (isRule || plan.leftOut().isEmpty()) {
                better.accept(plan);
            }
        });
        if (isRule || takesNoMoreThanAny(along)) {
            return along;
        }
        PaperPlan across = plan(false, stop, plan -> {
            if (!along.leftOut().isEmpty()) {
                better.accept(plan);
            }
        });
        return isLess(across, along) ? across : along;
    }

    private boolean takesNoMoreThanAny(PaperPlan along) {
        List<Lot> singles =
                nesting.singles(blanks.stream().mapToInt(Blank::count).toArray());
        Problem free = problem(singles, false);
        return along.solution().isWhole() && along.solution().cost() <= least(free, singles, CutSearch.bound(free));
    }

    private boolean isLess(PaperPlan one, PaperPlan other) {
        int missing = missing(one);
        int otherMissing = missing(other);
        return missing != otherMissing
                ? missing < otherMissing
                : one.solution().cost() < other.solution().cost();
    }

    private static int missing(PaperPlan plan) {
        return plan.leftOut().stream().mapToInt(PaperPlan.LeftOut::count).sum();
    }

    private PaperPlan plan(boolean alongGrain, BooleanSupplier stop, Consumer<PaperPlan> better) {
        int[] counts = pins.counts(blanks.size());
        int[] free = IntStream.range(0, blanks.size())
                .map(i -> blanks.get(i).count() - counts[i])
                .toArray();
        List<List<Lot>> ways = nesting.ways(free);
        List<Lot> way = ways.get(0);
        LotPlan best = null;
        for (int i = 0; ways.size() > 1 && i < ways.size(); i++) {
            LotPlan plan = plan(ways.get(i), alongGrain, true, stop, found -> {});
            if (best == null || LotPlan.BETTER.compare(plan, best) < 0) {
                best = plan;
                way = ways.get(i);
                better.accept(paperPlan(plan, alongGrain));
            }
        }
        LotPlan careful = plan(way, alongGrain, false, stop, found -> better.accept(paperPlan(found, alongGrain)));
        return paperPlan(best == null || LotPlan.BETTER.compare(careful, best) < 0 ? careful : best, alongGrain);
    }

    private PaperPlan paperPlan(LotPlan plan, boolean alongGrain) {
        return new PaperPlan(paper, blanks, pins, plan, cracks, folds(plan, alongGrain));
    }

    private PaperPlan.Folds folds(LotPlan plan, boolean alongGrain) {
        if (!cracks || !isAcross(plan)) {
            return PaperPlan.Folds.ALONG;
        }
        if (alongGrain) {
            return PaperPlan.Folds.PINNED_ACROSS;
        }
        return paper.wishes().grain() == CutWishes.Grain.NONE
                ? PaperPlan.Folds.ACROSS
                : PaperPlan.Folds.ACROSS_TO_SPARE;
    }

    /** @param isTrial whether only a part of what is usually spent on a plan is */
    private LotPlan plan(
            List<Lot> way, boolean alongGrain, boolean isTrial, BooleanSupplier stop, Consumer<LotPlan> better) {
        List<Lot> lots = new ArrayList<>(way);
        List<PinnedSheet> pinned =
                pins.sheets().stream().map(sheet -> pinned(sheet, lots)).toList();
        Problem problem = problem(lots, alongGrain);
        CutBudget usual = CutBudget.of(problem.count());
        CutBudget budget = (isTrial ? usual.part(TRIAL) : usual)
                .until(stop)
                .telling(found -> better.accept(lotPlan(lots, problem, found)));
        return lotPlan(lots, problem, PinnedSearch.best(problem, pinned, budget));
    }

    private LotPlan lotPlan(List<Lot> lots, Problem problem, Solution found) {
        return new LotPlan(lots, problem, found, least(problem, lots, found.bound()));
    }

    private Problem problem(List<Lot> lots, boolean alongGrain) {
        return new Problem(
                items(lots),
                paper.bins(),
                (lot, bin, turned) -> lots.get(lot).parts().stream()
                        .map(part -> blanks.get(part.blank()))
                        .allMatch(blank ->
                                lies(blank, turned) && (!alongGrain || paper.isAlongGrain(blank, bin, turned))),
                limits);
    }

    private static List<Item> items(List<Lot> lots) {
        return lots.stream()
                .map(lot ->
                        new Item(lot.size().width().units(), lot.size().height().units(), lot.copies()))
                .toList();
    }

    private static boolean lies(Blank blank, boolean turned) {
        return !turned || blank.lie() == Blank.Lie.ANY;
    }

    /** The sheet with what is pinned on it, each a lot by itself; there is one more of these then. */
    private PinnedSheet pinned(Pins.OnSheet sheet, List<Lot> lots) {
        List<PinnedPart> parts = sheet.blanks().stream()
                .map(one -> new PinnedPart(single(one.blank(), lots), one.pin().turned(), one.area()))
                .toList();
        Bin bin = paper.bins().get(sheet.sheet());
        return PinnedSheet.of(sheet.sheet(), bin.width(), bin.height(), parts).orElseThrow();
    }

    private int single(int number, List<Lot> lots) {
        for (int i = 0; i < lots.size(); i++) {
            Lot lot = lots.get(i);
            if (!lot.isNested() && lot.of(number) == 1) {
                lots.set(i, lot.times(lot.copies() + 1));
                return i;
            }
        }
        lots.add(Lot.single(number, blanks.get(number), 1));
        return lots.size() - 1;
    }

    /** What any way costs at least: where outlines could share a rectangle, by their areas alone. */
    private double least(Problem problem, List<Lot> lots, double bound) {
        boolean areRectangles = IntStream.range(0, blanks.size()).allMatch(i -> Nesting.isFull(blanks.get(i)));
        if (areRectangles) {
            return bound;
        }
        double area = lots.stream()
                .mapToDouble(lot -> lot.copies()
                        * lot.parts().stream()
                                .mapToDouble(part -> part.outline().getArea())
                                .sum())
                .sum();
        return CutSearch.boundByArea(problem, area * Lot.SQUARE_UNITS);
    }

    private boolean isAcross(LotPlan plan) {
        return plan.solution().patterns().stream().anyMatch(pattern -> pattern.root()
                .all()
                .anyMatch(node -> node instanceof CutNode.Part part
                        && plan.lots().get(part.item()).parts().stream()
                                .anyMatch(one ->
                                        !paper.isAlongGrain(blanks.get(one.blank()), pattern.bin(), part.turned()))));
    }
}
