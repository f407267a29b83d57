package vantbreeze.exchange.print;

import java.util.Arrays;
import java.util.Optional;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.IsoA;
import vantbreeze.core.paper.Size;

/** Sizes of a card of measurements: to lean on the table, or to keep in a box. */
public enum CardPage {
    A6(IsoA.size(6)),
    /** An index card of three inches by five. */
    INDEX(new Size(Length.ofInches(3), Length.ofInches(5))),
    A5(IsoA.size(5)),
    A4(IsoA.size(4)),
    LETTER(new Size(Length.ofInches(8, 1, 2), Length.ofInches(11)));

    private final Size size;

    CardPage(Size size) {
        this.size = size;
    }

    /** The page called {@code id}, in any case. */
    public static Optional<CardPage> find(String id) {
        return Arrays.stream(values())
                .filter(page -> page.name().equalsIgnoreCase(id))
                .findFirst();
    }

    /** Small cards lie, pages stand; mm. */
    double width() {
        return (isSmall() ? size.longSide() : size.shortSide()).millimetres();
    }

    double height() {
        return (isSmall() ? size.shortSide() : size.longSide()).millimetres();
    }

    double margin() {
        return isSmall() ? 5 : PrintPage.MARGIN + 4;
    }

    private boolean isSmall() {
        return this == A6 || this == INDEX;
    }
}
