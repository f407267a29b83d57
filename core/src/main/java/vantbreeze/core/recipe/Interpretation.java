package vantbreeze.core.recipe;

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
 * @param copies how many are cut of a piece, by its number from 0, where that is taken otherwise than it is told
 * @param misread a figure that is taken as another, or null
 * @param meant what it is taken as, or null
 */
record Interpretation(
        Set<Integer> flipped, Map<Integer, Integer> copies, @Nullable Token misread, @Nullable Length meant) {

    /** As it is written. */
    static final Interpretation PLAIN = new Interpretation(Set.of(), Map.of(), null, null);

    Interpretation {
        flipped = Set.copyOf(flipped);
        copies = Map.copyOf(copies);
    }

    /** The same with these pieces scored along their second side too. */
    Interpretation flipping(List<Integer> pieces) {
        Set<Integer> more = new HashSet<>(flipped);
        more.addAll(pieces);
        return new Interpretation(more, copies, misread, meant);
    }

    /** The same with one figure taken as another. */
    Interpretation misreading(Token figure, Length as) {
        return new Interpretation(flipped, copies, figure, as);
    }

    /** Whether it is only tried: nobody asks then what of its words was not understood. */
    boolean isTrial() {
        return misread != null || !copies.isEmpty();
    }

    /** The same with so many of each of these pieces. */
    Interpretation copying(Map<Integer, Integer> counts) {
        return new Interpretation(flipped, counts, misread, meant);
    }
}
