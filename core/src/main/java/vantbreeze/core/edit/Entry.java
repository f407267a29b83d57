package vantbreeze.core.edit;

import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.length.UnreadableMeasure;

/**
 * What a maker entered for a field: words or a figure, or how many marks of the ruler to move a measure by.
 *
 * @param text as written; null or blank for nothing
 * @param marks instead of a text; null for none
 */
public record Entry(@Nullable String text, @Nullable Integer marks) {

    /** As far as one stroke of a key may move a measure. */
    private static final int MOST_MARKS = 1_000;

    /** As written. */
    public static Entry of(@Nullable String text) {
        return new Entry(text, null);
    }

    /** Moved by marks of the ruler. */
    public static Entry marks(int marks) {
        return new Entry(null, marks);
    }

    /** Whether nothing was entered. */
    boolean isEmpty() {
        return marks == null && (text == null || text.isBlank());
    }

    /** The words; empty when nothing was written. */
    String words() {
        return text == null ? "" : text;
    }

    /** The id that was chosen; null when nothing was. */
    @Nullable
    String id() {
        return text == null || text.isBlank() ? null : text;
    }

    /**
     * The measure that is meant.
     *
     * @param present what it is now, to move from; null when there is none
     * @throws ValidationException of {@code field} when it can't be read, or there is nothing to move
     */
    public Length measure(String field, @Nullable Length present, Ruler ruler) {
        if (marks == null) {
            return read(field, text, ruler);
        }
        if (present == null) {
            throw new ValidationException(
                    field, "There is no measure \"%s\" to move. Reload the page.".formatted(field));
        }
        return moved(present, marks, ruler);
    }

    /**
     * A measure as written on a ruler.
     *
     * @throws ValidationException of {@code field} when it can't be read
     */
    public static Length read(String field, @Nullable String text, Ruler ruler) {
        try {
            return MeasureReader.of(ruler).read(text);
        } catch (UnreadableMeasure unreadable) {
            throw new ValidationException(field, unreadable.getMessage());
        }
    }

    /** A measure moved by marks, by not more than a key may move one. */
    public static Length moved(Length present, int marks, Ruler ruler) {
        return ruler.moved(present, within(marks));
    }

    /** Not more marks than a key may move a measure by. */
    public static int within(int marks) {
        return Math.max(-MOST_MARKS, Math.min(MOST_MARKS, marks));
    }
}
