package vantbreeze.core.structure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * What a maker has chosen about a structure. A measure that {@linkplain Parameter#follows() follows} from the others is
 * in it only where somebody said otherwise: {@link Structure#measure} tells it either way.
 *
 * @param byId its measures, by the id of their {@link Parameter}, in the order of the structure's parameters
 * @param choices what was chosen otherwise than usual, by the id of the {@link Choice}
 * @param ruler the ruler on whose marks lies what nobody chose and follows from the rest; null for none
 */
public record Measures(Map<String, Length> byId, Map<String, String> choices, @Nullable Ruler ruler) {

    public Measures {
        byId = Collections.unmodifiableMap(new LinkedHashMap<>(byId));
        choices = Collections.unmodifiableMap(new LinkedHashMap<>(choices));
    }

    /** Measures on no ruler: what follows from them is exact. */
    public Measures(Map<String, Length> byId, Map<String, String> choices) {
        this(byId, choices, null);
    }

    /** Measures of a structure of which nothing else is chosen, on no ruler. */
    public Measures(Map<String, Length> byId) {
        this(byId, Map.of());
    }

    /** The same, on this ruler. */
    public Measures on(Ruler other) {
        return other == ruler ? this : new Measures(byId, choices, other);
    }

    /** A part that nobody chose, on the nearest mark, one at least; as it is where there is no ruler. */
    public Length marked(Length part) {
        return ruler == null ? part : ruler.nearest(part).length().max(ruler.division());
    }

    /** A part that nobody chose, on the mark below; as it is where there is no ruler. */
    public Length markedBelow(Length part) {
        return ruler == null ? part : ruler.below(part).length();
    }

    /** A part that nobody chose, on the mark above; as it is where there is no ruler. */
    public Length markedAbove(Length part) {
        return ruler == null ? part : ruler.above(part).length();
    }

    /** A part that is of the same size on every card, as each school makes it, on a mark. */
    Length usual(Length inches, Length metric) {
        return marked(ruler == null || ruler.isInches() ? inches : metric);
    }

    /**
     * The usual size of a part in the middle of a whole, so that what is left on either side of it lies on a mark too.
     *
     * @param part on a mark
     */
    static Length centred(Length part, Length whole, Ruler ruler) {
        boolean even =
                Math.floorMod(whole.minus(part).units() / ruler.division().units(), 2) == 0;
        return even ? part : part.plus(ruler.division());
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
    public boolean isChosen(Choice choice, String alternative) {
        return chosen(choice).equals(alternative);
    }

    /** The measures that every structure has, for a card of this finished size. */
    public static Measures of(Size finished, Ruler ruler) {
        return new Measures(Map.of())
                .on(ruler)
                .with(Parameter.WIDTH, finished.width())
                .with(Parameter.HEIGHT, finished.height());
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
        return new Measures(changed, choices, ruler);
    }

    /** The same without that measure: it follows from the others again. */
    public Measures without(String id) {
        Map<String, Length> changed = new LinkedHashMap<>(byId);
        changed.remove(id);
        return new Measures(changed, choices, ruler);
    }

    /** The same without those measures and choices, by their ids. */
    public Measures withoutAll(Predicate<String> gone) {
        Map<String, Length> lengths = new LinkedHashMap<>(byId);
        lengths.keySet().removeIf(gone);
        Map<String, String> chosen = new LinkedHashMap<>(choices);
        chosen.keySet().removeIf(gone);
        return new Measures(lengths, chosen, ruler);
    }

    /** Whether somebody said how long it is. */
    public boolean says(String id) {
        return byId.containsKey(id);
    }

    /** How long somebody said it is, or {@code otherwise}. */
    public Length said(String id, Length otherwise) {
        return byId.getOrDefault(id, otherwise);
    }

    /** The same with one thing chosen otherwise. */
    public Measures choosing(String id, String value) {
        Map<String, String> changed = new LinkedHashMap<>(choices);
        changed.put(id, value);
        return new Measures(byId, changed, ruler);
    }
}
