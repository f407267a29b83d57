package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vantbreeze.core.guillotine.Bin;
import vantbreeze.core.guillotine.CutBudget;
import vantbreeze.core.guillotine.CutNode;
import vantbreeze.core.guillotine.CutSearch;
import vantbreeze.core.guillotine.Item;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Rotations;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * From which sheets all that a card needs is cut, paper by paper.
 *
 * @param papers in the order in which each is first needed
 */
public record CutPlan(List<PaperPlan> papers) {

    /** The usual sheet of the school of inches, and of that of millimetres, as plans name them. */
    private static final String INCHES = "letter";

    private static final String METRIC = "a4";

    public CutPlan {
        papers = List.copyOf(papers);
    }

    /**
     * A plan for these blanks.
     *
     * @param sheets those at hand, and the published ones
     * @param ruler whose school says what the usual sheet is, where none of a paper is listed
     * @throws IllegalArgumentException in words for the maker when there are too many blanks for one plan
     */
    public static CutPlan of(Blanks blanks, Sheets sheets, Ruler ruler, Allowances allowances, CutWishes wishes) {
        List<PaperPlan> papers = new ArrayList<>();
        for (Map.Entry<String, List<Blank>> paper : blanks.byStock().entrySet()) {
            List<StockSheet> listed = sheets.of(paper.getKey());
            List<StockSheet> own = listed.stream()
                    .filter(sheet -> sheet.count() == null || sheet.count() > 0)
                    .toList();
            papers.add(new Planner(
                            paper.getKey(),
                            paper.getValue(),
                            own.isEmpty() ? toBuy(listed, sheets, ruler) : own,
                            own.isEmpty(),
                            paper.getValue().get(0).stock().grammage() >= allowances.of(Allowance.GRAIN_MATTERS),
                            wishes)
                    .plan());
        }
        return new CutPlan(papers);
    }

    /** Where there is none: the whole sheets that it was listed in, else the usual one, as many as are wanted. */
    private static List<StockSheet> toBuy(List<StockSheet> listed, Sheets sheets, Ruler ruler) {
        List<StockSheet> known = listed.stream()
                .filter(sheet -> !sheet.offcut())
                .map(sheet -> new StockSheet(
                        sheet.id(), sheet.name(), sheet.size(), sheet.stockId(), null, false, sheet.price()))
                .toList();
        return known.isEmpty()
                ? List.of(sheets.find(ruler.isInches() ? INCHES : METRIC).orElseThrow())
                : known;
    }

    /** One paper being planned. */
    private record Planner(
            String stockId,
            List<Blank> blanks,
            List<StockSheet> sheets,
            boolean isAssumed,
            boolean cracks,
            CutWishes wishes) {

        PaperPlan plan() {
            if (!cracks || wishes.grain() == CutWishes.Grain.NONE) {
                return plan(false);
            }
            PaperPlan along = plan(true);
            if (wishes.grain() == CutWishes.Grain.RULE || takesNoMoreThanAny(along)) {
                return along;
            }
            PaperPlan across = plan(false);
            return isLess(across.solution(), along.solution()) ? across : along;
        }

        private boolean takesNoMoreThanAny(PaperPlan along) {
            return along.solution().isWhole() && along.solution().cost() <= CutSearch.bound(problem(false));
        }

        private static boolean isLess(Solution one, Solution other) {
            int missing = one.left().stream().mapToInt(Integer::intValue).sum();
            int otherMissing = other.left().stream().mapToInt(Integer::intValue).sum();
            return missing != otherMissing ? missing < otherMissing : one.cost() < other.cost();
        }

        private Problem problem(boolean alongGrain) {
            Cardstock stock = blanks.get(0).stock();
            List<Item> items = blanks.stream()
                    .map(blank -> new Item(
                            blank.size().width().units(), blank.size().height().units(), blank.count()))
                    .toList();
            Rotations rotations = (item, bin, turned) -> lies(blanks.get(item), turned)
                    && (!alongGrain || isAlongGrain(blanks.get(item), stock, bin, turned));
            return new Problem(items, bins(), rotations);
        }

        private PaperPlan plan(boolean alongGrain) {
            Cardstock stock = blanks.get(0).stock();
            Problem problem = problem(alongGrain);
            Solution solution = CutSearch.best(problem, CutBudget.of(problem.count()));
            return new PaperPlan(
                    stockId,
                    stock,
                    blanks,
                    sheets,
                    isAssumed,
                    cracks && !alongGrain && isAcross(solution, stock),
                    wishes.squared(),
                    problem,
                    solution);
        }

        private static boolean lies(Blank blank, boolean turned) {
            return !turned || blank.lie() == Blank.Lie.ANY;
        }

        /** The grain runs up a sheet as it stands, or across it where it is short; most is sold long. */
        private boolean isAlongGrain(Blank blank, Cardstock stock, int bin, boolean turned) {
            if (blank.folds() == Blank.Folds.NONE || blank.folds() == Blank.Folds.MIXED) {
                return true;
            }
            boolean standing = !sheets.get(bin)
                    .size()
                    .width()
                    .isLongerThan(sheets.get(bin).size().height());
            boolean grainUp = standing == (stock.grain() != Cardstock.Grain.SHORT);
            boolean foldsUp = (blank.folds() == Blank.Folds.UPRIGHT) != turned;
            return grainUp == foldsUp;
        }

        private boolean isAcross(Solution solution, Cardstock stock) {
            return solution.patterns().stream().anyMatch(pattern -> pattern.root()
                    .all()
                    .anyMatch(node -> node instanceof CutNode.Part part
                            && !isAlongGrain(blanks.get(part.item()), stock, pattern.bin(), part.turned())));
        }

        private List<Bin> bins() {
            boolean arePriced = sheets.stream().allMatch(sheet -> sheet.price() != null);
            double largest = sheets.stream().mapToDouble(Planner::area).max().orElse(1);
            return sheets.stream()
                    .map(sheet -> {
                        Length trim =
                                sheet.offcut() ? Length.ZERO : wishes.squared().times(2);
                        double price = arePriced && sheet.price() != null
                                ? sheet.price().doubleValue()
                                : area(sheet) / largest;
                        Integer count = sheet.count();
                        return new Bin(
                                sheet.size().width().minus(trim).units(),
                                sheet.size().height().minus(trim).units(),
                                count == null ? Bin.PLENTY : count,
                                sheet.offcut() && wishes.offcutsFirst() ? 0 : price);
                    })
                    .toList();
        }

        private static double area(StockSheet sheet) {
            return sheet.size().width().millimetres() * sheet.size().height().millimetres();
        }
    }
}
