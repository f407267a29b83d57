package vantbreeze.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/** What is cut from one cardstock or paper. */
public final class PaperPlan {

    /** How folds of heavy card run. */
    public enum Folds {
        /** Along its grain, or it is light. */
        ALONG,
        /** Along it but for what was pinned otherwise. */
        PINNED_ACROSS,
        /** Some across it: along it, it would take more sheets or not fit them. */
        ACROSS_TO_SPARE,
        /** Some across it, which the maker does not mind. */
        ACROSS
    }

    private final PaperAtHand paper;
    private final List<Blank> blanks;
    private final Pins pins;
    private final LotPlan plan;
    private final boolean cracks;
    private final Folds folds;

    /**
     * @param cracks whether it cracks when it is folded across its grain
     * @param folds whether heavy card is folded along its grain
     */
    PaperPlan(PaperAtHand paper, List<Blank> blanks, Pins pins, LotPlan plan, boolean cracks, Folds folds) {
        this.paper = paper;
        this.blanks = List.copyOf(blanks);
        this.pins = pins;
        this.plan = plan;
        this.cracks = cracks;
        this.folds = folds;
    }

    /** As plans name it. */
    public String stockId() {
        return paper.stockId();
    }

    /** What it is. */
    public Cardstock stock() {
        return paper.stock();
    }

    /** What is wanted. */
    public List<Blank> blanks() {
        return blanks;
    }

    /** What it may be cut from, and what is left alone; the bins of the problem in its order. */
    public List<StockSheet> sheets() {
        return paper.sheets();
    }

    /** What the maker says of a sheet. */
    public Optional<SheetUse> use(StockSheet sheet) {
        return paper.use(sheet);
    }

    /** Whether there is no sheet of it, so that those it was listed in, else the usual one, are to be bought. */
    public boolean isAssumed() {
        return paper.isAssumed();
    }

    /** Whether every sheet is left alone. */
    public boolean hasNoSheet() {
        return problem().bins().stream().allMatch(bin -> bin.copies() == 0);
    }

    /** Whether heavy card is folded along its grain. */
    public Folds folds() {
        return folds;
    }

    /** Whether it is so heavy that it cracks when it is folded across its grain. */
    public boolean isHeavy() {
        return cracks;
    }

    /** What is trimmed off each edge of a sheet first. */
    public Length trim(StockSheet sheet) {
        return paper.trim(sheet);
    }

    /** The rectangles that fall from which sheets, in units of {@link Length}. */
    public Problem problem() {
        return plan.problem();
    }

    /** A tree of cuts for each sheet that is used, those with anything pinned first. */
    public Solution solution() {
        return plan.solution();
    }

    List<Lot> lots() {
        return plan.lots();
    }

    Pins pins() {
        return pins;
    }

    /** Why a blank finds no place. */
    public enum Why {
        /** It is larger than every sheet. */
        TOO_LARGE,
        /** It fits only on its side, and its pattern has an upper end. */
        UPRIGHT,
        /** It fits only with its folds across the grain, which is not to be. */
        GRAIN,
        /** It fits, and there are too few sheets. */
        TOO_FEW
    }

    /**
     * A blank that finds no place.
     *
     * @param count how many of it don't
     */
    public record LeftOut(Blank blank, int count, Why why) {}

    /** What finds no place, and why. */
    public List<LeftOut> leftOut() {
        return blanks.stream()
                .filter(blank -> missing(blank) > 0)
                .map(blank -> new LeftOut(blank, missing(blank), why(blank)))
                .toList();
    }

    private Why why(Blank blank) {
        int number = blanks.indexOf(blank);
        boolean fits = IntStream.range(0, lots().size())
                .anyMatch(lot -> lots().get(lot).of(number) > 0 && problem().fits(lot));
        if (fits) {
            return Why.TOO_FEW;
        }
        boolean standing = isTaken(blank.size());
        boolean turned = isTaken(blank.size().turned());
        if (standing || (turned && blank.lie() == Blank.Lie.ANY)) {
            return Why.GRAIN;
        }
        return turned ? Why.UPRIGHT : Why.TOO_LARGE;
    }

    /** Whether a sheet is as large, whatever else is asked of it. */
    private boolean isTaken(Size size) {
        return problem().bins().stream()
                .anyMatch(bin -> bin.copies() > 0
                        && size.width().units() <= bin.width()
                        && size.height().units() <= bin.height());
    }

    /** Of each blank, how many find no place, as there are too few sheets or none is large enough. */
    private int missing(Blank blank) {
        int number = blanks.indexOf(blank);
        return IntStream.range(0, lots().size())
                .map(lot -> lots().get(lot).of(number) * solution().left().get(lot))
                .sum();
    }

    /** How many sheets of a kind are used. */
    public int used(StockSheet sheet) {
        int bin = sheets().indexOf(sheet);
        return (int) solution().patterns().stream()
                .filter(pattern -> pattern.bin() == bin)
                .count();
    }

    /** Whether no plan takes less. */
    public boolean isProven() {
        return solution().isWhole() && plan.isProven();
    }

    /** What can't lie any more where it was put, and why. */
    public List<LostPin> lostPins() {
        return pins.lost().stream()
                .map(lost ->
                        new LostPin(blanks.get(Pins.blank(blanks, lost.pin().use())), lost.pin(), lost.why()))
                .toList();
    }

    /**
     * A blank that can't lie any more where it was put.
     *
     * @param why in words: "it reaches beyond the sheet there"
     */
    public record LostPin(Blank blank, CutPin pin, String why) {}
}
