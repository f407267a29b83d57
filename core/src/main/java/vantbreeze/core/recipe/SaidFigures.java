package vantbreeze.core.recipe;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vantbreeze.core.length.NumberWords;

/** Written figures as they are read aloud; {@link SpokenFigures} reads them back. */
final class SaidFigures {

    private static final Pattern WRITTEN =
            Pattern.compile("(?:(?<whole>\\d+)(?:\\.(?<decimals>\\d+))?(?![\\d/]))?(?: ?(?<upper>\\d+)/(?<lower>\\d+))?"
                    + "(?: (?<unit>in|mm|cm))?");
    private static final Map<String, String> UNITS = Map.of("in", "inch", "mm", "millimetre", "cm", "centimetre");

    /** Figures of more digits are too large in any case. */
    private static final int DIGITS = 6;

    private SaidFigures() {}

    /** Whether it is a figure, and none that is too large to be said. */
    static boolean canBeSaid(String written) {
        Matcher figure = WRITTEN.matcher(written);
        if (!figure.matches()) {
            return false;
        }
        String whole = figure.group("whole");
        return whole == null || (whole.length() <= DIGITS && Integer.parseInt(whole) <= NumberWords.MOST);
    }

    /**
     * "4 1/4 in" as "four and a quarter inches", "12.5 mm" as "twelve point five millimetres".
     *
     * @throws IllegalArgumentException for what is no figure, or too large
     */
    static String said(String written) {
        Matcher figure = WRITTEN.matcher(written);
        if (!figure.matches()) {
            throw new IllegalArgumentException(written + " is no figure.");
        }
        String unit = figure.group("unit") == null ? "" : UNITS.getOrDefault(figure.group("unit"), "");
        String upper = figure.group("upper");
        String parts =
                upper == null ? "" : NumberWords.said(Integer.parseInt(upper), Integer.parseInt(figure.group("lower")));
        if (figure.group("whole") == null
                || (upper != null && figure.group("whole").equals("0"))) {
            return unit.isEmpty() ? parts : parts.equals("a half") ? "half an " + unit : parts + " of an " + unit;
        }
        String whole = NumberWords.said(Integer.parseInt(figure.group("whole")));
        String said = upper != null
                ? whole + " and " + parts
                : figure.group("decimals") == null ? whole : whole + " point " + digits(figure.group("decimals"));
        return unit.isEmpty() ? said : said + " " + unit + (said.equals("one") ? "" : unit.equals("inch") ? "es" : "s");
    }

    private static String digits(String decimals) {
        return decimals.chars().mapToObj(digit -> NumberWords.said(digit - '0')).collect(Collectors.joining(" "));
    }
}
