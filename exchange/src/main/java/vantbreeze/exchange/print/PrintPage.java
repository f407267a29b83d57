package vantbreeze.exchange.print;

import java.util.Arrays;
import java.util.Optional;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.IsoA;
import vantbreeze.core.paper.Size;

/** The pages a home printer takes. */
public enum PrintPage {
    A4(IsoA.size(4)),
    LETTER(new Size(Length.ofInches(8, 1, 2), Length.ofInches(11)));

    /** What a home printer may leave blank at each edge, mm; from memory. */
    static final double MARGIN = 8;
    /** Room for the heading, mm. */
    static final double HEAD = 12;
    /** Room for the check rules, mm. */
    static final double FOOT = 18;

    private final Size size;

    PrintPage(Size size) {
        this.size = size;
    }

    /** The page called {@code id}, in any case. */
    public static Optional<PrintPage> find(String id) {
        return Arrays.stream(values())
                .filter(page -> page.name().equalsIgnoreCase(id))
                .findFirst();
    }

    double width(boolean landscape) {
        return (landscape ? size.longSide() : size.shortSide()).millimetres();
    }

    double height(boolean landscape) {
        return (landscape ? size.shortSide() : size.longSide()).millimetres();
    }
}
