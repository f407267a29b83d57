package vantbreeze.core.tool;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * What a maker allows for: the usual values of the trade, and their own in place of some.
 *
 * @param lengths own lengths, by the id of their {@link Allowance}
 * @param numbers own numbers, by the id of theirs
 */
public record Allowances(Map<String, Length> lengths, Map<String, Double> numbers) {

    private static final Allowances USUAL = new Allowances(Map.of(), Map.of());

    public Allowances {
        lengths = Collections.unmodifiableMap(new LinkedHashMap<>(lengths));
        numbers = Collections.unmodifiableMap(new LinkedHashMap<>(numbers));
    }

    /** The usual values of the trade. */
    public static Allowances usual() {
        return USUAL;
    }

    /** A length that is usual with those who measure on {@code ruler}, or the maker's own; null for inches. */
    public Length of(Allowance.OfLength allowance, @Nullable Ruler ruler) {
        Length own = lengths.get(allowance.id());
        if (own != null) {
            return own;
        }
        return ruler == null || ruler.isInches() ? allowance.inches() : allowance.metric();
    }

    /** A length that is the same whatever the ruler. */
    public Length of(Allowance.OfLength allowance) {
        return of(allowance, null);
    }

    /** A number, the usual one or the maker's own. */
    public double of(Allowance.OfNumber allowance) {
        return numbers.getOrDefault(allowance.id(), allowance.usual());
    }

    /**
     * The same with a length of the maker's own; null for the usual one.
     *
     * @throws IllegalArgumentException in words for the maker when it makes no sense
     */
    public Allowances with(Allowance.OfLength allowance, @Nullable Length own) {
        Map<String, Length> other = new LinkedHashMap<>(lengths);
        if (own == null) {
            other.remove(allowance.id());
        } else if (own.isShorterThan(allowance.least()) || own.isLongerThan(allowance.most())) {
            throw senseless(
                    allowance.label(),
                    allowance.least().millimetres(),
                    allowance.most().millimetres(),
                    "mm");
        } else {
            other.put(allowance.id(), own);
        }
        return new Allowances(other, numbers);
    }

    /**
     * The same with a number of the maker's own; null for the usual one.
     *
     * @throws IllegalArgumentException in words for the maker when it makes no sense
     */
    public Allowances with(Allowance.OfNumber allowance, @Nullable Double own) {
        Map<String, Double> other = new LinkedHashMap<>(numbers);
        if (own == null) {
            other.remove(allowance.id());
        } else if (!(own >= allowance.least() && own <= allowance.most())) {
            throw senseless(allowance.label(), allowance.least(), allowance.most(), allowance.unit());
        } else {
            other.put(allowance.id(), own);
        }
        return new Allowances(lengths, other);
    }

    private static IllegalArgumentException senseless(String label, double least, double most, String unit) {
        return new IllegalArgumentException(String.format(
                Locale.ROOT, "%s is between %.0f and %.0f %s. Type one of those.", label, least, most, unit));
    }
}
