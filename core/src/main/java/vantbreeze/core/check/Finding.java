package vantbreeze.core.check;

import vantbreeze.core.length.Length;

/**
 * Something a maker should know before cutting.
 *
 * @param severity how bad
 * @param about the measure or part it concerns, by id
 * @param text what, where and by how much, in plain words
 * @param mend what would put it right, or null when there is no one thing
 */
public record Finding(Severity severity, String about, String text, Mend mend) {

    /** How bad a finding is. */
    public enum Severity {
        /** The card can't be made or used so. */
        WRONG,
        /** It can, but the maker would want to know. */
        NOTE
    }

    /**
     * A change of one measure.
     *
     * @param parameter which measure
     * @param length what to make it
     * @param label what the change is called on a button
     */
    public record Mend(String parameter, Length length, String label) { }
}
