package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/**
 * How many whole cards, all pieces of each, surely come out of one sheet: laid in rows by first fit, tallest first (the
 * FFDH rule of Coffman, Garey, Johnson and Tarjan 1980), each piece the way round that is lower. Clever cutting may get
 * more.
 *
 * @param sheet from what
 * @param cards how many
 * @param waste the part of the sheet that is left over
 */
public record CardYield(StockSheet sheet, int cards, double waste) {

    private static final int MOST = 24;

    /** What comes out of {@code sheet}, whatever way round each blank may lie. */
    public static CardYield of(Blanks blanks, StockSheet sheet) {
        return of(
                blanks.all().stream()
                        .flatMap(blank -> Collections.nCopies(blank.count(), blank.size()).stream())
                        .toList(),
                sheet);
    }

    /** What comes out of {@code sheet} of rectangles, laid along or across, whichever gives more. */
    public static CardYield of(List<Size> pieces, StockSheet sheet) {
        int cards = 0;
        while (cards < MOST
                && (fit(pieces, cards + 1, sheet.size())
                        || fit(pieces, cards + 1, sheet.size().turned()))) {
            cards++;
        }
        double used = pieces.stream().mapToDouble(CardYield::area).sum() * cards;
        return new CardYield(sheet, cards, 1 - used / area(sheet.size()));
    }

    private static double area(Size size) {
        return size.width().millimetres() * size.height().millimetres();
    }

    private static boolean fit(List<Size> pieces, int cards, Size sheet) {
        List<Size> lying = new ArrayList<>();
        for (Size piece : pieces) {
            Size low = piece.landscape().width().isLongerThan(sheet.width())
                    ? piece.landscape().turned()
                    : piece.landscape();
            for (int i = 0; i < cards; i++) {
                lying.add(low);
            }
        }
        lying.sort(Comparator.comparing(Size::height).thenComparing(Size::width).reversed());
        List<Length> left = new ArrayList<>();
        Length high = Length.ZERO;
        for (Size piece : lying) {
            int row = 0;
            while (row < left.size() && left.get(row).isShorterThan(piece.width())) {
                row++;
            }
            if (row == left.size()) {
                left.add(sheet.width());
                high = high.plus(piece.height());
            }
            left.set(row, left.get(row).minus(piece.width()));
            if (left.get(row).isNegative() || high.isLongerThan(sheet.height())) {
                return false;
            }
        }
        return true;
    }
}
