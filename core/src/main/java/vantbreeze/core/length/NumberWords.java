package vantbreeze.core.length;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Numbers and fractions as they are said in English: "twenty-one", "two hundred and ten", "seven eighths". One table
 * serves reading and saying. Words are in lower case; a hyphen counts as the space between two words.
 */
public final class NumberWords {

    private static final List<String> UNITS = List.of(
            "nought",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen");
    private static final List<String> TENS =
            List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    /** Parts of one, by how many make a whole; said of one, and of several. */
    private static final Map<Integer, String> PARTS = Map.of(
            2, "half",
            3, "third",
            4, "quarter",
            5, "fifth",
            8, "eighth",
            10, "tenth",
            16, "sixteenth",
            32, "thirty second",
            64, "sixty fourth");

    /** A part as the words in which it is said. */
    private record Part(int lower, List<String> words) {

        boolean isOf(String word) {
            return isOneOrMore(word, words.get(words.size() - 1));
        }
    }

    private static final List<Part> SPOKEN = PARTS.entrySet().stream()
            .map(part -> new Part(part.getKey(), List.of(part.getValue().split(" "))))
            .toList();

    private NumberWords() {}

    /**
     * What was understood.
     *
     * @param value the number
     * @param words how many words it took
     */
    public record Understood(int value, int words) {}

    /** The longest whole number from 0 to 9999 that begins at a word; null when none does. */
    public static @Nullable Understood whole(List<String> words, int from) {
        Understood high = belowHundred(words, from);
        if (high == null) {
            return null;
        }
        int value = high.value();
        int at = from + high.words();
        for (Map.Entry<String, Integer> scale : List.of(Map.entry("thousand", 1000), Map.entry("hundred", 100))) {
            if (at >= words.size() || !words.get(at).equals(scale.getKey())) {
                continue;
            }
            at++;
            // of "one thousand two hundred" the two are hundreds
            int ones = value % 100;
            value = value - ones + ones * scale.getValue();
            int behind = at < words.size() && words.get(at).equals("and") ? at + 1 : at;
            Understood rest = isFraction(words, behind) ? null : belowHundred(words, behind);
            if (rest != null) {
                value += rest.value();
                at = behind + rest.words();
            }
        }
        return value > 9999 ? null : new Understood(value, at - from);
    }

    /** The digit that a word says, 0 to 9; −1 for another. */
    public static int digit(String word) {
        int digit = word.equals("zero") || word.equals("oh") ? 0 : UNITS.indexOf(word);
        return digit < 10 ? digit : -1;
    }

    private static boolean isFraction(List<String> words, int from) {
        Understood upper = belowHundred(words, from);
        return upper != null && part(words, from + upper.words()) != null;
    }

    private static @Nullable Understood belowHundred(List<String> words, int from) {
        if (from >= words.size()) {
            return null;
        }
        String word = words.get(from);
        int unit = word.equals("zero") ? 0 : UNITS.indexOf(word);
        if (unit >= 0) {
            return new Understood(unit, 1);
        }
        int ten = word.isEmpty() ? -1 : TENS.indexOf(word);
        if (ten < 0 || part(words, from) != null) {
            return null;
        }
        int behind = from + 1 < words.size() ? UNITS.indexOf(words.get(from + 1)) : -1;
        return behind > 0 && behind < 10 ? new Understood(ten * 10 + behind, 2) : new Understood(ten * 10, 1);
    }

    /** How many of the parts that are named at a word make a whole: 8 for "eighths"; null when none is named there. */
    public static @Nullable Understood part(List<String> words, int from) {
        for (Part part : SPOKEN) {
            int last = from + part.words().size() - 1;
            if (last < words.size()
                    && part.isOf(words.get(last))
                    && words.subList(from, last).equals(part.words().subList(0, last - from))) {
                return new Understood(part.lower(), part.words().size());
            }
        }
        return from < words.size() && isOneOrMore(words.get(from), "fourth") ? new Understood(4, 1) : null;
    }

    private static boolean isOneOrMore(String word, String part) {
        return word.equals(part) || word.equals(several(part));
    }

    private static String several(String part) {
        return part.equals("half") ? "halves" : part + "s";
    }

    /** No larger number is said: no measure of a card is. */
    public static final int MOST = 9_999;

    /**
     * A whole number as it is said.
     *
     * @throws IllegalArgumentException below 0 or above {@link #MOST}
     */
    public static String said(int value) {
        if (value < 0 || value > MOST) {
            throw new IllegalArgumentException(value + " is not said here.");
        }
        if (value < 20) {
            return UNITS.get(value);
        }
        if (value < 100) {
            return TENS.get(value / 10) + (value % 10 == 0 ? "" : "-" + UNITS.get(value % 10));
        }
        List<String> said = new ArrayList<>();
        if (value >= 1000) {
            said.add(UNITS.get(value / 1000) + " thousand");
        }
        if (value % 1000 >= 100) {
            said.add(UNITS.get(value % 1000 / 100) + " hundred");
        }
        if (value % 100 > 0) {
            said.add("and " + said(value % 100));
        }
        return String.join(" ", said);
    }

    /**
     * Parts of one as they are said: "a half", "three quarters", "one sixteenth".
     *
     * @throws IllegalArgumentException for parts that nobody names
     */
    public static String said(int upper, int lower) {
        String part = PARTS.get(lower);
        if (part == null) {
            throw new IllegalArgumentException("Nobody says 1/" + lower + ".");
        }
        String one = part.replace(' ', '-');
        return upper == 1 ? (lower <= 4 ? "a " : "one ") + one : said(upper) + " " + several(one);
    }
}
