package vantbreeze.core.cutting;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import vantbreeze.core.guillotine.Bin;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/**
 * One paper and the sheets of it that may be cut.
 *
 * @param stockId as plans name it
 * @param sheets those that are left alone too
 * @param uses what the maker says of single ones, by their ids
 * @param isAssumed whether there is none, so that those it was listed in, else the usual one, are to be bought
 * @param wishes the maker's
 */
record PaperAtHand(
        String stockId,
        Cardstock stock,
        List<StockSheet> sheets,
        Map<String, SheetUse> uses,
        boolean isAssumed,
        CutWishes wishes) {

    PaperAtHand {
        sheets = List.copyOf(sheets);
        uses = Collections.unmodifiableMap(new LinkedHashMap<>(uses));
    }

    Optional<SheetUse> use(StockSheet sheet) {
        return Optional.ofNullable(uses.get(sheet.id()));
    }

    /** The place among the sheets of the one of this id; −1 where it is none of them. */
    int index(String sheetId) {
        return IntStream.range(0, sheets.size())
                .filter(i -> sheets.get(i).id().equals(sheetId))
                .findFirst()
                .orElse(-1);
    }

    /** What is trimmed off each edge of a sheet first: an offcut has been squared. */
    Length trim(StockSheet sheet) {
        return sheet.offcut() ? Length.ZERO : wishes.squared();
    }

    /** The sheets as they can be cut up; of those left alone none. */
    List<Bin> bins() {
        boolean arePriced = sheets.stream().allMatch(sheet -> sheet.price() != null);
        double largest = sheets.stream().mapToDouble(PaperAtHand::area).max().orElse(1);
        return sheets.stream()
                .map(sheet -> {
                    Length trimmed = trim(sheet).times(2);
                    double price =
                            arePriced && sheet.price() != null ? sheet.price().doubleValue() : area(sheet) / largest;
                    Integer count = sheet.count();
                    SheetUse use = uses.get(sheet.id());
                    boolean isFree = use == SheetUse.FIRST || (sheet.offcut() && wishes.offcutsFirst());
                    return new Bin(
                            sheet.size().width().minus(trimmed).units(),
                            sheet.size().height().minus(trimmed).units(),
                            use == SheetUse.BANNED ? 0 : count == null ? Bin.PLENTY : count,
                            isFree ? 0 : price);
                })
                .toList();
    }

    private static double area(StockSheet sheet) {
        return sheet.size().width().millimetres() * sheet.size().height().millimetres();
    }

    /**
     * Whether its folds run along the grain. That runs up a sheet as it stands, or across it where it is short; most is
     * sold long. An offcut is kept as it stood on its sheet, whatever its sides are.
     */
    boolean isAlongGrain(Blank blank, int sheet, boolean turned) {
        if (blank.folds() == Blank.Folds.NONE || blank.folds() == Blank.Folds.MIXED) {
            return true;
        }
        StockSheet from = sheets.get(sheet);
        boolean standing =
                from.offcut() || !from.size().width().isLongerThan(from.size().height());
        boolean grainUp = standing == (stock.grain() != Cardstock.Grain.SHORT);
        boolean foldsUp = (blank.folds() == Blank.Folds.UPRIGHT) != turned;
        return grainUp == foldsUp;
    }

    /** What comes from a sheet of it, lying as a blank may. */
    Predicate<Size> taking(Blank like, boolean alongGrain) {
        List<Bin> bins = bins();
        int[] usable = IntStream.range(0, bins.size())
                .filter(sheet -> bins.get(sheet).copies() > 0)
                .toArray();
        return size -> IntStream.of(usable)
                .anyMatch(sheet -> takes(bins.get(sheet), size, like, alongGrain, sheet, false)
                        || (like.lie() == Blank.Lie.ANY
                                && takes(bins.get(sheet), size.turned(), like, alongGrain, sheet, true)));
    }

    private boolean takes(Bin bin, Size lying, Blank like, boolean alongGrain, int sheet, boolean turned) {
        return lying.width().units() <= bin.width()
                && lying.height().units() <= bin.height()
                && (!alongGrain || isAlongGrain(like, sheet, turned));
    }
}
