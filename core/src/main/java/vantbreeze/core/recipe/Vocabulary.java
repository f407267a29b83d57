package vantbreeze.core.recipe;

import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;

/** Words of a recipe whose meaning does not hang on what stands beside them. */
final class Vocabulary {

    /** Said, but of no weight. */
    static final Set<String> LITTLE = Set.of(
            "a",
            "an",
            "the",
            "of",
            "and",
            "then",
            "to",
            "is",
            "are",
            "it",
            "its",
            "it's",
            "with",
            "your",
            "you",
            "i",
            "we",
            "my",
            "our",
            "this",
            "that",
            "these",
            "so",
            "for",
            "from",
            "at",
            "on",
            "in",
            "into",
            "out",
            "cut",
            "take",
            "use",
            "need",
            "make",
            "made",
            "get",
            "measure",
            "measures",
            "measuring",
            "measurements",
            "measurement",
            "size",
            "sized",
            "inches",
            "inch",
            "cm",
            "mm",
            "centimetres",
            "millimetres",
            "piece",
            "pieces",
            "paper",
            "cardstock",
            "stock",
            "sheet",
            "lay",
            "place",
            "now",
            "next",
            "first",
            "also",
            "or",
            "as",
            "be",
            "will",
            "should",
            "line",
            "lines",
            "mark",
            "marks",
            "board",
            "edge",
            "edges",
            "end",
            "ends",
            "side",
            "sides",
            "turn",
            "along",
            "down",
            "up",
            "go",
            "them",
            "again",
            "another",
            "other",
            "same",
            "way",
            "decorated",
            "recipe",
            "all",
            "each",
            "both",
            "either",
            "wide",
            "long",
            "high",
            "tall",
            "deep",
            "burnish",
            "please",
            "one",
            "between",
            "foot",
            "position",
            "positions",
            "left",
            "top",
            "bottom",
            "by");

    /** Nouns that name a piece. */
    static final Map<String, String> PIECES = Map.ofEntries(
            Map.entry("base", "Card base"),
            Map.entry("card", "Card base"),
            Map.entry("cardbase", "Card base"),
            Map.entry("strip", "Strip"),
            Map.entry("strips", "Strip"),
            Map.entry("band", "Band"),
            Map.entry("insert", "Insert"),
            Map.entry("inserts", "Insert"),
            Map.entry("bridge", "Bridge"),
            Map.entry("strut", "Strut"),
            Map.entry("struts", "Strut"),
            Map.entry("wing", "Wing"),
            Map.entry("wings", "Wing"),
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

    static final Set<String> MATS = Set.of("mat", "mats", "layer", "layers", "matting");
    static final Set<String> FINISHED = Set.of("finished", "closed", "footprint");
    static final Set<String> SCORE = Set.of("score", "scored", "scores", "scoring", "crease", "creased", "creases");
    static final Set<String> FOLD = Set.of("fold", "folded", "folds", "folding", "concertina", "zigzag", "accordion");
    static final Set<String> SLIT = Set.of("slit", "slits");

    /** All words that cards are spoken of in and that carry weight. */
    static final Set<String> KEYWORDS =
            Stream.of(MATS, FINISHED, SCORE, FOLD, SLIT).flatMap(Set::stream).collect(Collectors.toUnmodifiableSet());

    /** Shorter words are too like one another. */
    private static final int LONG_ENOUGH = 5;

    /** Words of which a slip would spoil the card. */
    private static final Set<String> MISSED = Stream.of(SCORE, FOLD, Set.of("mountain", "valley", "layer", "layers"))
            .flatMap(Set::stream)
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

    /** Nobody says of more pieces than this that they are alike. */
    static final int MOST_COUNTED = 20;

    /** A whole figure before one of these counts it. */
    static final String[] COUNTED = {
        "of",
        "piece",
        "pieces",
        "strip",
        "strips",
        "insert",
        "inserts",
        "strut",
        "struts",
        "band",
        "bands",
        "mat",
        "mats",
        "layer",
        "layers",
        "such",
        "identical"
    };

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

    /** Which way a word says a score folds, or null. */
    static @Nullable Fold fold(String word) {
        return switch (word) {
            case "m", "mountain", "mountains", "mtn" -> Fold.MOUNTAIN;
            case "v", "valley", "valleys", "val" -> Fold.VALLEY;
            default -> null;
        };
    }
}
