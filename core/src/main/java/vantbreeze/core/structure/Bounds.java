package vantbreeze.core.structure;

import vantbreeze.core.length.Length;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Limits that all structures share. */
public final class Bounds {

    /** The longest side of a finished card: beyond it no sheet, board or trimmer helps. */
    public static final Length LONGEST = Length.ofMillimetres(1_000);

    /** Why a limit. */
    public static final String TOO_NARROW = "a narrower panel can't be scored and burnished cleanly";
    /** Why a limit. */
    public static final String TOO_LONG = "no sheet or board takes a larger card";

    private final Allowances allowances;

    Bounds(Allowances allowances) {
        this.allowances = allowances;
    }

    /** The narrowest panel that can be scored and burnished. */
    public Length narrowest() {
        return allowances.of(Allowance.NARROWEST_PANEL);
    }

    /** The narrowest tab that holds. */
    public Length leastTab() {
        return allowances.of(Allowance.LEAST_TAB);
    }

    /** For a height that nothing else depends on. */
    public Limits height() {
        return new Limits(narrowest(), "a lower card can't be scored and burnished cleanly", LONGEST, TOO_LONG);
    }

    /** For a finished width that must leave the narrowest panel beside {@code taken}. */
    public Limits widthBeside(Length taken, String because) {
        return new Limits(taken.plus(narrowest()), because, LONGEST, TOO_LONG);
    }

    /** Why a limit. */
    public static final String TAB_TOO_NARROW = "a narrower tab does not hold";

    /** For a part that must leave at least {@code beside} of {@code whole}. */
    public Limits part(Length least, Length whole, Length beside, String because) {
        return new Limits(least, TOO_NARROW, whole.minus(beside), because);
    }

    /** For a height, or a width, that must cover what is on it. */
    public Limits covering(Length covered, String because) {
        return new Limits(covered.max(narrowest()), because, LONGEST, TOO_LONG);
    }

    /** The error of a structure asked for a measure it has not. */
    public static IllegalArgumentException unknown(Structure structure, String parameter) {
        return new IllegalArgumentException("A %s has no measure \"%s\".".formatted(structure.name(), parameter));
    }
}
