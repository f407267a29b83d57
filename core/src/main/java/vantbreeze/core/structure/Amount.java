package vantbreeze.core.structure;

import vantbreeze.core.length.Length;

/**
 * A figure in a sentence about a structure, and what it says there, as that decides how it is rounded.
 *
 * @param length how long
 * @param role what it says
 */
public record Amount(Length length, Role role) {

    /** What a figure says. */
    public enum Role {
        /** A measure as it is. */
        MEASURE,
        /** By how much something is out: an estimate. */
        DIFFERENCE,
        /** What is enough: rounded up to a mark, so that what is said to be enough is. */
        LEAST
    }

    /** A measure as it is. */
    public static Amount measure(Length length) {
        return new Amount(length, Role.MEASURE);
    }

    /** By how much something is out. */
    static Amount difference(Length length) {
        return new Amount(length, Role.DIFFERENCE);
    }

    /** What is enough. */
    static Amount least(Length length) {
        return new Amount(length, Role.LEAST);
    }
}
