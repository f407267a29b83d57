package vantbreeze.core.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruled;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Measures;

/**
 * Measures brought to the marks of a ruler, each to its nearest, with the drift of each: half a division at most.
 *
 * @param measures all on the ruler's marks
 * @param drifts mark less old measure, by parameter
 */
public record Reruling(Measures measures, Map<String, Length> drifts) {

    /** Brings {@code measures} to the marks of {@code ruler}. */
    public static Reruling of(Measures measures, Ruler ruler) {
        Map<String, Length> ruled = new LinkedHashMap<>();
        Map<String, Length> drifts = new LinkedHashMap<>();
        measures.byId().forEach((id, length) -> {
            Ruled mark = ruler.nearest(length);
            ruled.put(id, mark.length());
            drifts.put(id, mark.drift());
        });
        return new Reruling(new Measures(ruled, measures.choices()), Map.copyOf(drifts));
    }

    /** The longest way any measure moved. */
    public Length largestDrift() {
        return drifts.values().stream().map(Length::abs).reduce(Length.ZERO, Length::max);
    }
}
