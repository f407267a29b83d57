package vantbreeze.core.structure;

import java.util.List;
import java.util.Map;
import vantbreeze.core.die.Die;
import vantbreeze.core.length.Length;

/**
 * Parts of a card that dies on hand would cut.
 *
 * @param parts what each die cuts
 * @param measures what is to be measured so that they do
 */
public record DieOffer(List<Part> parts, Map<String, Length> measures) {

    /**
     * A part and its die.
     *
     * @param name what is cut: the ring, its hole
     */
    public record Part(String name, Die die) {}

    public DieOffer {
        parts = List.copyOf(parts);
        measures = Map.copyOf(measures);
    }
}
