package vantbreeze.core.plan;

import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * That a card was cut: what it took from the stock, and what came into it.
 *
 * @param id tells it from others
 * @param card id of the card
 * @param name what the card was called
 * @param taken how many sheets, by id; of those without a count none are taken
 * @param offcuts ids of the sheets that were left over
 */
public record CutDone(
        String id, String card, String name, LocalDate day, Map<String, Integer> taken, List<String> offcuts) {

    /** @throws IllegalArgumentException when it takes fewer than none */
    public CutDone {
        taken = Collections.unmodifiableMap(new LinkedHashMap<>(taken));
        offcuts = List.copyOf(offcuts);
        if (taken.values().stream().anyMatch(count -> count < 0)) {
            throw new IllegalArgumentException("less than nothing taken");
        }
    }
}
