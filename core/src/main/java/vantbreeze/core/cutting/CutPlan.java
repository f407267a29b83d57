package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

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

    /** What is cut from one paper. */
    public Optional<PaperPlan> find(String stockId) {
        return papers.stream().filter(paper -> paper.stockId().equals(stockId)).findFirst();
    }

    /**
     * A plan for all of it.
     *
     * @throws IllegalArgumentException in words for the maker when there are too many blanks for one plan
     */
    public static CutPlan of(CutOrder order) {
        return of(order, CutWatch.NONE);
    }

    /**
     * A plan for all of it, looked on.
     *
     * @throws IllegalArgumentException in words for the maker when there are too many blanks for one plan
     */
    public static CutPlan of(CutOrder order, CutWatch watch) {
        List<PaperPlan> done = new ArrayList<>();
        Map<String, List<Blank>> papers = order.blanks().byStock();
        double all = order.blanks().all().stream().mapToInt(Blank::count).sum();
        int begun = 0;
        for (Map.Entry<String, List<Blank>> paper : papers.entrySet()) {
            double share = begun / Math.max(1, all);
            begun += paper.getValue().stream().mapToInt(Blank::count).sum();
            PaperPlanner planner = planner(order, paper.getKey(), paper.getValue());
            done.add(planner.plan(watch::isStopped, best -> {
                List<PaperPlan> soFar = new ArrayList<>(done);
                soFar.add(best);
                watch.told(new CutPlan(soFar), share);
            }));
        }
        CutPlan plan = new CutPlan(done);
        watch.told(plan, 1);
        return plan;
    }

    /**
     * A blank tried somewhere.
     *
     * @param pin where it comes to: an edge that is near, else a mark of the ruler
     * @param refusal why it can't lie there; nothing where it can
     */
    public record Trial(CutPin pin, Optional<String> refusal) {}

    /**
     * Tries a blank somewhere, beside what is pinned.
     *
     * @param use what it becomes
     * @param nth on the how-manieth of these sheets with anything pinned; 0 for one more
     * @param x its lower left corner from the left of the sheet, squared if that is wished; millimetres
     * @param y the same from the foot
     * @throws IllegalArgumentException when nothing becomes that
     */
    public static Trial tried(
            CutOrder order, Blank.Use use, String sheet, int nth, double x, double y, boolean turned) {
        for (Map.Entry<String, List<Blank>> paper : order.blanks().byStock().entrySet()) {
            int blank = Pins.blank(paper.getValue(), use);
            if (blank >= 0) {
                PaperPlanner planner =
                        planner(order.with(order.choices().without(use)), paper.getKey(), paper.getValue());
                return planner.tried(
                        new CutPin(use, sheet, Math.max(1, nth), Length.ZERO, Length.ZERO, turned), nth == 0, x, y);
            }
        }
        throw new IllegalArgumentException("That piece is not there any more. Look again.");
    }

    /** What comes from a sheet of the paper of a blank, lying as that may: a part of it, say. */
    public static Predicate<Size> comes(CutOrder order, Blank blank) {
        return planner(order, blank.stockId(), List.of(blank)).taking(blank);
    }

    private static PaperPlanner planner(CutOrder order, String stockId, List<Blank> blanks) {
        List<StockSheet> listed = order.sheets().of(stockId);
        List<StockSheet> own = listed.stream()
                .filter(sheet -> sheet.count() == null || sheet.count() > 0)
                .toList();
        List<StockSheet> known = new ArrayList<>(own.isEmpty() ? toBuy(order, listed) : own);
        order.choices().sheets().forEach((sheet, use) -> {
            if (use == SheetUse.ADDED && sheet.stockId().equals(stockId)) {
                order.sheets()
                        .find(sheet.sheetId())
                        .filter(one -> !known.contains(one))
                        .ifPresent(known::add);
            }
        });
        return new PaperPlanner(stockId, blanks, known, own.isEmpty(), order);
    }

    /** Where there is none: the whole sheets that it was listed in, else the usual one, as many as are wanted. */
    private static List<StockSheet> toBuy(CutOrder order, List<StockSheet> listed) {
        List<StockSheet> known = listed.stream()
                .filter(sheet -> !sheet.offcut())
                .map(sheet -> new StockSheet(
                        sheet.id(), sheet.name(), sheet.size(), sheet.stockId(), null, false, sheet.price()))
                .toList();
        return known.isEmpty() ? List.of(usual(order)) : known;
    }

    private static StockSheet usual(CutOrder order) {
        StockSheet chosen = order.chosen();
        if (chosen != null && chosen.stockId() == null) {
            return chosen;
        }
        Sheets sheets = order.sheets();
        return sheets.find(order.ruler().isInches() ? INCHES : METRIC).orElseThrow();
    }
}
