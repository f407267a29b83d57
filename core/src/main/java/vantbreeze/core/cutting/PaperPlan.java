package vantbreeze.core.cutting;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.guillotine.Problem;
import vantbreeze.core.guillotine.Solution;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.StockSheet;

/** What is cut from one cardstock or paper. */
public final class PaperPlan {

    private final PaperAtHand paper;
    private final List<Blank> blanks;
    private final Pins pins;
    private final LotPlan plan;
    private final boolean cracks;
    private final boolean isAcrossGrain;
    private final @Nullable Solution unpinned;

    /**
     * @param cracks whether it cracks when it is folded across its grain
     * @param isAcrossGrain whether heavy card is folded across its grain, as that takes less paper
     * @param unpinned the plan if nothing were pinned; null where nothing is
     */
    PaperPlan(
            PaperAtHand paper,
            List<Blank> blanks,
            Pins pins,
            LotPlan plan,
            boolean cracks,
            boolean isAcrossGrain,
            @Nullable Solution unpinned) {
        this.paper = paper;
        this.blanks = List.copyOf(blanks);
        this.pins = pins;
        this.plan = plan;
        this.cracks = cracks;
        this.isAcrossGrain = isAcrossGrain;
        this.unpinned = unpinned;
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

    /** Whether heavy card is folded across its grain, as that takes less paper. */
    public boolean isAcrossGrain() {
        return isAcrossGrain;
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

    /** The plan if nothing were pinned; nothing where nothing is. */
    public Optional<Solution> unpinned() {
        return Optional.ofNullable(unpinned);
    }

    /** Blanks that are larger than every sheet, or may lie on none the way they must. */
    public List<Blank> tooLarge() {
        return IntStream.range(0, blanks.size())
                .filter(blank -> lots().stream()
                        .filter(lot -> lot.of(blank) > 0)
                        .noneMatch(lot -> problem().fits(lots().indexOf(lot))))
                .mapToObj(blanks::get)
                .toList();
    }

    /** Of each blank, how many find no place, as there are too few sheets or none is large enough. */
    public int missing(Blank blank) {
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
