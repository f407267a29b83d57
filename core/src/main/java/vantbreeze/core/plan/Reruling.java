package vantbreeze.core.plan;

import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * Measures brought to the marks of a ruler, each to its nearest that its structure allows, with the drift of each.
 *
 * @param measures all on the ruler's marks, but for one that no mark would suit
 * @param drifts mark less old measure, by parameter
 */
public record Reruling(Measures measures, Map<String, Length> drifts) {

    /**
     * Brings {@code measures} to the marks of {@code ruler}. A structure closes whatever its measures, so it still
     * does.
     */
    public static Reruling of(Structure structure, Measures measures, Ruler ruler) {
        Measures ruled = measures;
        for (String id : measures.byId().keySet()) {
            ruled = ruled.with(id, ruler.nearest(measures.get(id)).length());
        }
        for (Parameter parameter : structure.asked(ruled)) {
            if (parameter.isLeftTo(ruled)) {
                continue;
            }
            ruled = ruled.with(
                    parameter.id(), structure.limits(parameter.id(), ruled).nearest(ruled.get(parameter.id()), ruler));
        }
        Map<String, Length> drifts = new LinkedHashMap<>();
        for (String id : measures.byId().keySet()) {
            drifts.put(id, ruled.get(id).minus(measures.get(id)));
        }
        return new Reruling(ruled, Map.copyOf(drifts));
    }

    /** The longest way any measure moved. */
    public Length largestDrift() {
        return drifts.values().stream().map(Length::abs).reduce(Length.ZERO, Length::max);
    }
}
