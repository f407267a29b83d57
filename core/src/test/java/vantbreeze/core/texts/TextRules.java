package vantbreeze.core.texts;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.core.length.Ruler;

/** What every text that a maker reads keeps to: our words, one and many, digits that a ruler has, one ruler. */
public final class TextRules {

    private static final Pattern DECIMALS = Pattern.compile("\\d+\\.\\d{2,} mm");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+) in\\b");
    private static final Pattern FIGURE = Pattern.compile("[\\d½¼¾⅛⅜⅝⅞] (in|mm)\\b(?! the\\b)");
    private static final Pattern ONE = Pattern.compile("\\b1 (pieces|layers|panels|folds|come)\\b");
    private static final Pattern MANY = Pattern.compile("\\b([2-9]|\\d\\d+) (piece|layer|panel|fold|comes)\\b(?! \\d)");

    private TextRules() {}

    /** Adds to {@code found} what of it breaks a rule. */
    public static void read(Said said, Ruler ruler, List<String> found) {
        words(said, found);
        // a recipe is exact to the last digit: what it says is what its reader reads
        if (said.where().endsWith("recipe")) {
            return;
        }
        String text = said.text().replaceAll("exactly [\\d. /½¼¾⅛⅜⅝⅞]+ (in|mm)", "");
        if (DECIMALS.matcher(text).find()) {
            found.add("digits that no ruler has: " + said);
        }
        Matcher fractions = FRACTION.matcher(text);
        while (fractions.find()) {
            int lower = Integer.parseInt(fractions.group(2));
            if (Integer.bitCount(lower) != 1 || lower > 64 || Integer.parseInt(fractions.group(1)) % 2 == 0) {
                found.add("no mark of a ruler: " + said);
            }
        }
        // a length that nobody typed on this ruler is told exactly beside it, and names of things sold have their own;
        // how measures are written is
        // shown in both
        Matcher figures = FIGURE.matcher(text.replaceAll(
                "\\([^)]*\\)|\\d+ (in|cm) board|12 × 12 in|Write it like .*|\\d+ in square|Take the envelope .*", ""));
        while (figures.find()) {
            if (figures.group(1).equals("in") != ruler.isInches()) {
                found.add("another ruler: " + said);
            }
        }
        if (ONE.matcher(text).find() || MANY.matcher(text).find()) {
            found.add("one or many: " + said);
        }
        if (said.where().contains("finding") || said.where().contains("limit")) {
            if (!text.endsWith(".")
                    || text.contains("..")
                    || text.contains("  ")
                    || Character.isLowerCase(text.charAt(0))) {
                found.add("no sentence: " + said);
            }
        }
    }

    /** Adds to {@code found} the words in it that are not said. */
    public static void words(Said said, List<String> found) {
        for (WordsOnScreen.NotSaid word : WordsOnScreen.notSaid()) {
            if (word.found().matcher(said.text()).find()) {
                found.add("say \"%s\": %s".formatted(word.instead(), said));
            }
        }
    }
}
