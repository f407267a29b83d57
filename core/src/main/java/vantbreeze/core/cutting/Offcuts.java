package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Tools;

/**
 * What a plan takes from the stock and what it leaves that is worth keeping.
 *
 * @param taken how many sheets, by id; of those that there are as many as are wanted none
 * @param kept what is left over, like ones together, standing as they lay on their sheets, for the grain and the
 *     pattern
 */
public record Offcuts(Map<String, Integer> taken, List<StockSheet> kept) {

    public Offcuts {
        taken = Map.copyOf(taken);
        kept = List.copyOf(kept);
    }

    /** What is cut alike of one paper. */
    private record Alike(String stockId, Size size) {}

    /**
     * Those of a plan.
     *
     * @param name what each is called: "from Kite theatre, 2 Dec"
     * @param ids an id for each
     */
    public static Offcuts of(CutPlan plan, Tools tools, Ruler ruler, String name, Supplier<String> ids) {
        Length least = tools.allowances().of(Allowance.LEAST_OFFCUT, ruler);
        Map<String, Integer> taken = new LinkedHashMap<>();
        Map<Alike, Integer> rests = new LinkedHashMap<>();
        for (PaperPlan paper : plan.papers()) {
            for (CutLayout.CutStack stack : CutLayout.of(paper).stacks()) {
                if (stack.sheet().stockId() != null && stack.sheet().count() != null) {
                    taken.merge(stack.sheet().id(), stack.sheets(), Integer::sum);
                }
                for (CutArea rest : stack.rests()) {
                    Size size = standing(paper, stack.sheet(), rest);
                    if (!size.shortSide().isShorterThan(least)) {
                        rests.merge(new Alike(paper.stockId(), size), stack.sheets(), Integer::sum);
                    }
                }
            }
        }
        List<StockSheet> kept = new ArrayList<>();
        rests.forEach((alike, count) ->
                kept.add(new StockSheet(ids.get(), name, alike.size, alike.stockId, count, true, null)));
        return new Offcuts(taken, kept);
    }

    /** As it lay on a sheet that stands; one with an upper end as it lay in any case. */
    private static Size standing(PaperPlan paper, StockSheet sheet, CutArea rest) {
        Size size = new Size(Length.ofUnits(rest.width()), Length.ofUnits(rest.height()));
        boolean isLying = !sheet.offcut()
                && sheet.size().width().isLongerThan(sheet.size().height())
                && paper.stock().pattern() != Cardstock.Pattern.DIRECTIONAL;
        return isLying ? size.turned() : size;
    }
}
