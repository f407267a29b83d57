package vantbreeze.core.recipe;

import java.util.Optional;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;

/** Sheets that recipes call by name: those that are published. */
final class SheetName {

    private static final String NAMES = "a\\d|letter";

    private SheetName() {}

    /** Whether a word is the name of a sheet, or written like those of sheets and envelopes. */
    static boolean isLike(String word) {
        return word.matches(NAMES + "|c\\d|dl");
    }

    /** The size of a sheet of this name, its long side first. */
    static Optional<Size> find(String word) {
        return word.matches(NAMES)
                ? Sheets.published()
                        .find(word)
                        .map(StockSheet::size)
                        .map(size -> new Size(size.longSide(), size.shortSide()))
                : Optional.empty();
    }

    /** A length of it in figures that are read back exactly. */
    static Figure written(Length length) {
        return Figure.of(length, Ruler.EIGHTHS.marks(length) ? Ruler.EIGHTHS : Ruler.MM_HALF);
    }
}
