package vantbreeze.core.tool;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How long an adhesive stays open or sets, as a maker writes it: "45 s", "1.5 min", "2 h". */
public final class GlueTime {

    /** Nothing in a card sets longer, seconds: a day. */
    public static final int LONGEST = 86_400;

    private static final int MINUTE = 60;
    private static final int HOUR = 3_600;

    private static final Pattern WRITTEN = Pattern.compile(
            "(?<figure>\\d{1,6}(?:[.,]\\d{1,3})?)\\s*"
                    + "(?:(?<s>s|secs?|seconds?)|(?<min>min|mins|minutes?)|(?<h>h|hrs?|hours?))?\\.?",
            Pattern.CASE_INSENSITIVE);

    private GlueTime() {}

    /**
     * Reads it.
     *
     * @return seconds
     * @throws IllegalArgumentException in words for the maker, when it is no such time
     */
    public static int read(String text) {
        Matcher written = WRITTEN.matcher(text.strip());
        if (!written.matches()) {
            throw new IllegalArgumentException(
                    "\"%s\" is no time. Type one with its unit, like 45 s, 10 min or 1 h; 0 for at once."
                            .formatted(text.strip()));
        }
        BigDecimal figure = new BigDecimal(written.group("figure").replace(',', '.'));
        int unit = written.group("s") != null
                ? 1
                : written.group("min") != null ? MINUTE : written.group("h") != null ? HOUR : 0;
        if (unit == 0 && figure.signum() != 0) {
            throw new IllegalArgumentException(
                    "%s of what? Type %s s, %s min or %s h.".formatted(text.strip(), figure, figure, figure));
        }
        BigDecimal seconds = figure.multiply(BigDecimal.valueOf(unit));
        if (seconds.compareTo(BigDecimal.valueOf(LONGEST)) > 0) {
            throw new IllegalArgumentException("Nothing here sets for longer than a day. Type at most 24 h.");
        }
        return seconds.intValue();
    }

    /** Writes it in the largest unit that leaves no rest: "90 s", "10 min", "2 h". */
    public static String inWords(int seconds) {
        int unit = seconds > 0 && seconds % HOUR == 0 ? HOUR : seconds > 0 && seconds % MINUTE == 0 ? MINUTE : 1;
        return String.format(Locale.ROOT, "%d %s", seconds / unit, unit == HOUR ? "h" : unit == MINUTE ? "min" : "s");
    }
}
