package vantbreeze.core.recipe;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * What a recipe leaves open, taken one way.
 *
 * @param flipped pieces, by their number from 0, that are scored along the second side written where nothing says which
 * @param ways of sentences, by their number, that are not read the likeliest way
 * @param misread a figure that is taken as another, or null
 * @param meant what it is taken as, or null
 */
record Interpretation(
        Set<Integer> flipped, Map<Integer, Integer> ways, @Nullable Token misread, @Nullable Length meant) {

    /** As it is written. */
    static final Interpretation PLAIN = new Interpretation(Set.of(), Map.of(), null, null);

    Interpretation {
        flipped = Set.copyOf(flipped);
        ways = Map.copyOf(ways);
    }

    /** The same with these pieces scored along their second side too. */
    Interpretation flipping(List<Integer> pieces) {
        Set<Integer> more = new HashSet<>(flipped);
        more.addAll(pieces);
        return new Interpretation(more, ways, misread, meant);
    }

    /** The same with a sentence read another way. */
    Interpretation reading(int sentence, int way) {
        Map<Integer, Integer> other = new HashMap<>(ways);
        other.put(sentence, way);
        return new Interpretation(flipped, other, misread, meant);
    }

    /** The same with one figure taken as another. */
    Interpretation misreading(Token figure, Length as) {
        return new Interpretation(flipped, ways, figure, as);
    }
}
