package vantbreeze.core.die;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;
import vantbreeze.core.paper.Size;

/**
 * Reads the sizes of a nest as they are written on its packet: {@code 1, 1½, 2 in}, {@code 20; 30; 40 mm}, {@code 2 ×
 * 3, 3 × 4 1/2}. A unit behind the last holds for all that have none.
 */
public final class DieSizes {

    private static final int LONGEST_TEXT = 500;
    /** A comma between two digits is a decimal one. */
    private static final Pattern BETWEEN = Pattern.compile("\\s*(?:;|\\n|,(?!\\d))\\s*");

    private static final Pattern BY = Pattern.compile("\\s*(?:×|x|X|\\*|\\bby\\b)\\s*");
    private static final Pattern UNIT = Pattern.compile("(?:\"|”|″|''|[a-zA-Z]+\\.?)\\s*$");

    private DieSizes() {}

    /**
     * The sizes in {@code text}.
     *
     * @throws IllegalArgumentException in words for the maker, when one can't be read or they are too many
     */
    public static List<Size> read(DieShape shape, String text, Ruler ruler) {
        if (text.length() > LONGEST_TEXT) {
            throw new IllegalArgumentException("That is too much text for the sizes of one nest. Keep it as two.");
        }
        MeasureReader reader = MeasureReader.of(ruler);
        Matcher last = UNIT.matcher(text.strip());
        String unit = last.find() ? last.group().strip() : "";
        List<Size> sizes = new ArrayList<>();
        for (String one : BETWEEN.split(text.strip())) {
            if (!one.isBlank()) {
                sizes.add(size(shape, one, unit, reader));
            }
        }
        return sizes;
    }

    private static Size size(DieShape shape, String text, String unit, MeasureReader reader) {
        String[] ways = BY.split(text.strip());
        if (ways.length > 2) {
            throw new IllegalArgumentException(
                    "\"%s\" is more than a width and a height. Put a comma between two sizes.".formatted(text));
        }
        if (ways.length < 2 && !shape.isEven()) {
            throw new IllegalArgumentException("\"%s\" tells one measure only. Write %s, like 2 x 3."
                    .formatted(text, shape == DieShape.EDGE ? "length by depth" : "width by height"));
        }
        Length width = measure(ways[0], unit, reader);
        return new Size(width, ways.length < 2 ? width : measure(ways[1], unit, reader));
    }

    private static Length measure(String text, String unit, MeasureReader reader) {
        try {
            return reader.read(UNIT.matcher(text.strip()).find() ? text : text + " " + unit);
        } catch (UnreadableMeasure unreadable) {
            throw new IllegalArgumentException(
                    "\"%s\": %s Put a comma and a space between two sizes.".formatted(text, unreadable.getMessage()));
        }
    }
}
