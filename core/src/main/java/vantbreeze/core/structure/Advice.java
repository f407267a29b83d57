package vantbreeze.core.structure;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * What the trade would tell a maker about a measure that is possible but unwise.
 *
 * @param parameter which measure
 * @param suggested what to make it, or null when that alone does not help
 * @param text what, why and by how much, with a {@code %s} for each of the amounts
 * @param amounts to be written on the ruler in force
 */
public record Advice(String parameter, @Nullable Length suggested, String text, List<Amount> amounts) {

    public Advice {
        amounts = List.copyOf(amounts);
    }
}
