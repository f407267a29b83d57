package vantbreeze.core.extra;

import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** Limits that all extras share. */
final class Edges {

    static final String BEYOND = "it would be glued on beyond the edge of the panel";
    static final String BEFORE = "it would begin before the edge of the panel";
    static final String TOO_NARROW = "a narrower panel can't be scored and burnished cleanly";
    static final String SPRING = "a narrower spring does not fold";
    static final String TAB = "a narrower tab does not hold";
    static final String TOO_SMALL = "less can't be cut safely";
    private static final String TOO_LONG = "no sheet or board takes a larger one";
    /** The longest side of anything set on a card. */
    private static final Length LONGEST = Length.ofMillimetres(1_000);

    private Edges() {}

    /** For what may be as long as a sheet. */
    static Limits free(Length least, String because) {
        return new Limits(least, because, LONGEST, TOO_LONG);
    }

    /** For a panel between scores. */
    static Limits panel(Fitted at, Length most, String because) {
        return new Limits(at.allowed(Allowance.NARROWEST_PANEL), TOO_NARROW, most, because);
    }

    static Limits spring(Fitted at, Length most, String because) {
        return new Limits(at.allowed(Allowance.NARROWEST_SPRING), SPRING, most, because);
    }

    static Limits tab(Fitted at, Length most, String because) {
        return new Limits(at.allowed(Allowance.LEAST_TAB), TAB, most, because);
    }

    /** For a place on a panel. */
    static Limits place(Length least, Length most) {
        return new Limits(least, BEFORE, most, BEYOND);
    }
}
