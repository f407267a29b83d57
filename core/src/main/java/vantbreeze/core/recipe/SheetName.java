package vantbreeze.core.recipe;

import java.util.Optional;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;

/** Sheets that recipes call by name: those that are the same everywhere. */
final class SheetName {

    private static final String OF_ENVELOPES = "c\\d|dl";

    private SheetName() {}

    /** Whether a word is the name of a sheet, or written like those of envelopes. */
    static boolean isLike(String word) {
        return find(word).isPresent() || word.matches(OF_ENVELOPES);
    }

    /** The size of a sheet of this name, its long side first. */
    static Optional<Size> find(String word) {
        return Sheets.called(word).map(size -> new Size(size.longSide(), size.shortSide()));
    }

    /** A length of it in figures that are read back exactly. */
    static Figure written(Length length) {
        return Figure.of(length, Ruler.EIGHTHS.marks(length) ? Ruler.EIGHTHS : Ruler.MM_HALF);
    }
}
