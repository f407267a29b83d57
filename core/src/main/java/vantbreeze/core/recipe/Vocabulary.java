package vantbreeze.core.recipe;

import java.util.Map;
import java.util.Set;
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

    static final Map<String, Integer> COUNTS = Map.of(
            "two", 2, "three", 3, "four", 4, "five", 5, "six", 6, "seven", 7, "eight", 8, "nine", 9, "ten", 10,
            "twelve", 12);

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
