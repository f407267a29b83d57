package vantbreeze.core.structure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * The measures a maker has chosen for a structure, by the id of their {@link Parameter}.
 *
 * @param byId in the order of the structure's parameters
 */
public record Measures(Map<String, Length> byId) {

    public Measures {
        byId = Collections.unmodifiableMap(new LinkedHashMap<>(byId));
    }

    /**
     * The measure of this id.
     *
     * @throws IllegalArgumentException when there is none
     */
    public Length get(String id) {
        Length length = byId.get(id);
        if (length == null) {
            throw new IllegalArgumentException("The measure \"%s\" is missing.".formatted(id));
        }
        return length;
    }

    /** The measures that every structure has, for a card of this finished size. */
    static Measures of(Size finished) {
        return new Measures(Map.of()).with(Parameter.WIDTH, finished.width()).with(Parameter.HEIGHT, finished.height());
    }

    /** Whether the measure {@code part} is half the finished width. */
    boolean isHalfTheWidth(String part) {
        return get(part).equals(get(Parameter.WIDTH).dividedBy(2));
    }

    /** One measure changed; a part that was half the finished width stays half of it, one of its own size is left alone. */
    Measures changedKeepingHalf(String parameter, Length length, String part) {
        Measures after = with(parameter, length);
        return parameter.equals(Parameter.WIDTH) && isHalfTheWidth(part) ? after.with(part, length.dividedBy(2)) : after;
    }

    /** The same with one measure changed. */
    public Measures with(String id, Length length) {
        Map<String, Length> changed = new LinkedHashMap<>(byId);
        changed.put(id, length);
        return new Measures(changed);
    }
}
