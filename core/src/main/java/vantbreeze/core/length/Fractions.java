package vantbreeze.core.length;

import java.util.Map;

/** The vulgar fractions of the character set, and how others are put together. */
final class Fractions {

    /** Unicode's ready-made fractions that a binary ruler can show, and thirds, which people type. */
    static final Map<Character, int[]> READY_MADE = Map.ofEntries(
            Map.entry('½', new int[] {1, 2}),
            Map.entry('¼', new int[] {1, 4}),
            Map.entry('¾', new int[] {3, 4}),
            Map.entry('⅛', new int[] {1, 8}),
            Map.entry('⅜', new int[] {3, 8}),
            Map.entry('⅝', new int[] {5, 8}),
            Map.entry('⅞', new int[] {7, 8}),
            Map.entry('⅓', new int[] {1, 3}),
            Map.entry('⅔', new int[] {2, 3}),
            Map.entry('⅕', new int[] {1, 5}),
            Map.entry('⅒', new int[] {1, 10}));

    private Fractions() {}

    static long greatestCommonDivisor(long a, long b) {
        return b == 0 ? a : greatestCommonDivisor(b, a % b);
    }

    static String printed(int numerator, int denominator) {
        return READY_MADE.entrySet().stream()
                .filter(entry -> entry.getValue()[0] == numerator && entry.getValue()[1] == denominator)
                .map(entry -> entry.getKey().toString())
                .findFirst()
                .orElse(numerator + "/" + denominator);
    }
}
