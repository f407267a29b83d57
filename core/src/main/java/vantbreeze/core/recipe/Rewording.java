package vantbreeze.core.recipe;

/**
 * A recipe worded another way.
 *
 * @param words what it says then that it did not say, or said otherwise
 * @param text the whole recipe then
 */
public record Rewording(String words, String text) {

    /** With words put in at a place of the text, or in place of what stands there. */
    static Rewording of(String words, String text, int start, int end, String now) {
        return new Rewording(words, text.substring(0, start) + now + text.substring(end));
    }

    /** With words put in. */
    static Rewording with(String words, String text, int at, String more) {
        return of(words, text, at, at, more);
    }

    /** With a line put behind all. */
    static Rewording closing(String words, String text, String line) {
        return new Rewording(words, text.stripTrailing() + "\n" + line);
    }
}
