package vantbreeze.core.recipe;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words of a recipe whose meaning does not hang on what stands beside them. */
final class Vocabulary {

    private static final Set<String> BASES = Set.of("base", "card", "cardbase");

    /** Shorter words are too like one another. */
    private static final int LONG_ENOUGH = 5;

    /** Words of which a slip would spoil the card. */
    private static final Set<String> MISSED = Stream.concat(
                    Stream.of("SCORE", "FOLD", "ALTERNATING")
                            .flatMap(name -> RecipeGrammar.only().grammar().words(name).stream()),
                    Stream.of("mountain", "valley", "layer", "layers"))
            .filter(word -> word.length() >= LONG_ENOUGH)
            .collect(Collectors.toUnmodifiableSet());

    /** The word of ours that a word may have been meant to be. */
    static Optional<String> like(String word) {
        return MISSED.stream().filter(one -> isSlip(one, word)).min(Comparator.naturalOrder());
    }

    /** One letter more or less, or two neighbours swapped (after Damerau 1964); another letter makes too many words. */
    private static boolean isSlip(String one, String other) {
        int begin = 0;
        while (begin < Math.min(one.length(), other.length()) && one.charAt(begin) == other.charAt(begin)) {
            begin++;
        }
        String a = one.substring(begin);
        String b = other.substring(begin);
        boolean swapped = a.length() > 1
                && b.length() > 1
                && a.charAt(0) == b.charAt(1)
                && a.charAt(1) == b.charAt(0)
                && a.substring(2).equals(b.substring(2));
        return swapped || (!a.isEmpty() && b.equals(rest(a))) || (!b.isEmpty() && a.equals(rest(b)));
    }

    private static String rest(String word) {
        return word.isEmpty() ? word : word.substring(1);
    }

    /** What pieces are called by a noun of the grammar, of one or of several. */
    static String called(String noun) {
        String one = noun.replaceAll("s$", "");
        return BASES.contains(one) ? "Card base" : one.substring(0, 1).toUpperCase(Locale.ROOT) + one.substring(1);
    }

    /** Into how many parts. */
    static final Map<String, Integer> PARTS = Map.ofEntries(
            Map.entry("half", 2),
            Map.entry("halves", 2),
            Map.entry("middle", 2),
            Map.entry("centre", 2),
            Map.entry("center", 2),
            Map.entry("thirds", 3),
            Map.entry("quarters", 4),
            Map.entry("fourths", 4),
            Map.entry("fifths", 5),
            Map.entry("sixths", 6),
            Map.entry("eighths", 8));

    private Vocabulary() {}
}
