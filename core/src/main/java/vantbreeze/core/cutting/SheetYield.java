package vantbreeze.core.cutting;

import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/**
 * How many equal pieces come out of one sheet, cut in a grid all the same way round.
 *
 * @param sheet from what
 * @param piece the piece's cut size
 * @param turned whether the piece's width runs up the sheet
 * @param across pieces beside one another
 * @param up pieces above one another
 */
public record SheetYield(StockSheet sheet, Size piece, boolean turned, int across, int up) {

    /** The better way round that it may lie; not turned if both give the same. */
    public static SheetYield of(Blank blank, StockSheet sheet) {
        return blank.lie() == Blank.Lie.ANY ? of(blank.size(), sheet) : lying(blank.size(), sheet, false);
    }

    /** The better way round of a rectangle; not turned if both give the same. */
    public static SheetYield of(Size piece, StockSheet sheet) {
        SheetYield straight = lying(piece, sheet, false);
        SheetYield turned = lying(piece, sheet, true);
        return turned.count() > straight.count() ? turned : straight;
    }

    public int count() {
        return across * up;
    }

    /** By how much the piece is too long for the sheet the way it nearly goes; zero when it does go. */
    public Length missing() {
        return count() > 0 ? Length.ZERO : excess(piece, sheet.size()).min(excess(piece.turned(), sheet.size()));
    }

    private static Length excess(Size piece, Size sheet) {
        return piece.width().minus(sheet.width()).max(piece.height().minus(sheet.height()));
    }

    /**
     * A rectangle lying one way round.
     *
     * @param turned whether its width runs up the sheet
     */
    public static SheetYield lying(Size piece, StockSheet sheet, boolean turned) {
        Size lying = turned ? piece.turned() : piece;
        return new SheetYield(sheet, piece, turned, (int) sheet.size().width().timesContaining(lying.width()), (int)
                sheet.size().height().timesContaining(lying.height()));
    }
}
