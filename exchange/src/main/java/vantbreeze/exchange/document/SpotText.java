package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.math.BigDecimal;
import java.util.List;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/** A spot on a sheet, written "across up" in exact millimetres from the lower left corner. */
record SpotText(Spot spot) {

    /** Longest figure taken, characters. */
    private static final int LONGEST_FIGURE = 40;

    /** @throws IllegalArgumentException when it is no spot */
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static SpotText parse(String text) {
        String[] parts = text.split(" ", 2);
        if (parts.length < 2) {
            throw new IllegalArgumentException("a spot of one figure: " + text);
        }
        return new SpotText(new Spot(length(parts[0]), length(parts[1])));
    }

    static List<SpotText> all(List<Spot> spots) {
        return spots.stream().map(SpotText::new).toList();
    }

    static List<Spot> spots(List<SpotText> texts) {
        return texts.stream().map(SpotText::spot).toList();
    }

    @JsonValue
    String text() {
        return spot.x().exactMillimetres().toPlainString() + " "
                + spot.y().exactMillimetres().toPlainString();
    }

    /** @throws RuntimeException when it is no figure */
    static Length length(String millimetres) {
        if (millimetres.length() > LONGEST_FIGURE) {
            throw new IllegalArgumentException("a figure of " + millimetres.length() + " digits");
        }
        return Length.ofUnits(new BigDecimal(millimetres)
                .multiply(BigDecimal.valueOf(Length.PER_MILLIMETRE))
                .longValueExact());
    }
}
