package vantbreeze.core.structure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.length.Length;

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

    /** The same with one measure changed. */
    public Measures with(String id, Length length) {
        Map<String, Length> changed = new LinkedHashMap<>(byId);
        changed.put(id, length);
        return new Measures(changed);
    }
}
