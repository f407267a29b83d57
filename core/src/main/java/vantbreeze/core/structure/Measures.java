package vantbreeze.core.structure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * What a maker has chosen about a structure.
 *
 * @param byId its measures, by the id of their {@link Parameter}, in the order of the structure's parameters
 * @param choices what was chosen otherwise than usual, by the id of the {@link Choice}
 */
public record Measures(Map<String, Length> byId, Map<String, String> choices) {

    public Measures {
        byId = Collections.unmodifiableMap(new LinkedHashMap<>(byId));
        choices = Collections.unmodifiableMap(new LinkedHashMap<>(choices));
    }

    /** Measures of a structure of which nothing else is chosen. */
    public Measures(Map<String, Length> byId) {
        this(byId, Map.of());
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

    /** What is chosen: the usual thing unless the maker said otherwise. */
    public String chosen(Choice choice) {
        return choices.getOrDefault(choice.id(), choice.usual().id());
    }

    /** How many are chosen. */
    int count(Choice choice) {
        return Integer.parseInt(chosen(choice));
    }

    /** Whether this alternative is chosen. */
    boolean isChosen(Choice choice, String alternative) {
        return chosen(choice).equals(alternative);
    }

    /** The measures that every structure has, for a card of this finished size. */
    static Measures of(Size finished) {
        return new Measures(Map.of()).with(Parameter.WIDTH, finished.width()).with(Parameter.HEIGHT, finished.height());
    }

    /** Whether the measure {@code part} is half the finished width. */
    boolean isHalfTheWidth(String part) {
        return get(part).equals(get(Parameter.WIDTH).dividedBy(2));
    }

    /**
     * One measure changed; a part that was half the finished width stays half of it, one of its own size is left alone.
     */
    Measures changedKeepingHalf(String parameter, Length length, String part) {
        Measures after = with(parameter, length);
        return parameter.equals(Parameter.WIDTH) && isHalfTheWidth(part)
                ? after.with(part, length.dividedBy(2))
                : after;
    }

    /** The same with one measure changed. */
    public Measures with(String id, Length length) {
        Map<String, Length> changed = new LinkedHashMap<>(byId);
        changed.put(id, length);
        return new Measures(changed, choices);
    }

    /** The same with one thing chosen otherwise. */
    public Measures choosing(String id, String value) {
        Map<String, String> changed = new LinkedHashMap<>(choices);
        changed.put(id, value);
        return new Measures(byId, changed);
    }
}
