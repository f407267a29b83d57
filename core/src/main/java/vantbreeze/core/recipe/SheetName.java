package vantbreeze.core.recipe;

import java.util.Map;
import java.util.Optional;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.IsoA;
import vantbreeze.core.paper.Size;

/** Sheets that recipes call by name: ISO 216's A sizes, and Letter as in ANSI/ASME Y14.1 (both from memory). */
final class SheetName {

    private static final Map<String, Size> SIZES = Map.of(
            "a3", IsoA.size(3),
            "a4", IsoA.size(4),
            "a5", IsoA.size(5),
            "a6", IsoA.size(6),
            "letter", new Size(Length.ofInches(8, 1, 2), Length.ofInches(11)));

    private SheetName() {}

    /** The size of a sheet of this name, its long side first. */
    static Optional<Size> find(String word) {
        return Optional.ofNullable(SIZES.get(word)).map(size -> new Size(size.longSide(), size.shortSide()));
    }

    /** Its length, in figures that are read back exactly. */
    static String written(Length length) {
        boolean inches = length.units() % Length.ofInches(0, 1, 2).units() == 0;
        return inches
                ? length.units() / Length.PER_INCH + (length.units() % Length.PER_INCH == 0 ? "" : " 1/2") + " in"
                : length.units() / Length.ofMillimetres(1).units() + " mm";
    }
}
