package vantbreeze.core.recipe;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words of a recipe whose meaning does not hang on what stands beside them. */
final class Vocabulary {

    /** Nouns that name a piece. */
    private static final Map<String, String> PIECES = Map.ofEntries(
            Map.entry("base", "Card base"),
            Map.entry("card", "Card base"),
            Map.entry("cardbase", "Card base"),
            Map.entry("strip", "Strip"),
            Map.entry("band", "Band"),
            Map.entry("insert", "Insert"),
            Map.entry("bridge", "Bridge"),
            Map.entry("strut", "Strut"),
            Map.entry("wing", "Wing"),
            Map.entry("pocket", "Pocket"),
            Map.entry("topper", "Topper"),
            Map.entry("flap", "Flap"),
            Map.entry("cover", "Cover"),
            Map.entry("liner", "Liner"),
            Map.entry("tower", "Tower"),
            Map.entry("spring", "Spring"),
            Map.entry("tag", "Tag"),
            Map.entry("front", "Front"),
            Map.entry("tail", "Tail"));

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

    /** What pieces are called by a noun, of one or of several. */
    static String called(String noun) {
        String one = PIECES.containsKey(noun) ? noun : noun.replaceAll("s$", "");
        return PIECES.getOrDefault(one, "Piece");
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
