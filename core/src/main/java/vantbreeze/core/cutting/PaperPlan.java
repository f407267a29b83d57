package vantbreeze.core.cutting;

import java.util.List;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.StockSheet;

/**
 * What is cut from one cardstock or paper.
 *
 * @param stockId as plans name it
 * @param blanks what is wanted, the items of the problem in its order
 * @param sheets what it may be cut from, the bins of the problem in its order
 * @param isAssumed whether there is no sheet of it, so that those it was listed in, else the usual one, are to be
 *     bought
 * @param isAcrossGrain whether heavy card is folded across its grain, as that takes less paper
 * @param squared trimmed off each edge of a whole sheet first
 * @param problem in units of {@link Length}
 * @param solution a tree of cuts for each sheet that is used
 */
public record PaperPlan(
        String stockId,
        Cardstock stock,
        List<Blank> blanks,
        List<StockSheet> sheets,
        boolean isAssumed,
        boolean isAcrossGrain,
        Length squared,
        Problem problem,
        Solution solution) {

    public PaperPlan {
        blanks = List.copyOf(blanks);
        sheets = List.copyOf(sheets);
    }

    /** Blanks that are larger than every sheet, or may lie on none the way they must. */
    public List<Blank> tooLarge() {
        return IntStream.range(0, blanks.size())
                .filter(item -> !problem.fits(item))
                .mapToObj(blanks::get)
                .toList();
    }

    /** Of each blank, how many find no place, as there are too few sheets or none is large enough. */
    public int missing(Blank blank) {
        return solution.left().get(blanks.indexOf(blank));
    }

    /** How many sheets of a kind are used. */
    public int used(StockSheet sheet) {
        int bin = sheets.indexOf(sheet);
        return (int) solution.patterns().stream()
                .filter(pattern -> pattern.bin() == bin)
                .count();
    }

    /** Whether no plan takes less. */
    public boolean isProven() {
        return solution.isProven();
    }
}
