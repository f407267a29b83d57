package vantbreeze.core.structure;

import vantbreeze.core.length.Length;

/** Limits that all structures share. */
final class Bounds {

    /** The narrowest panel that can be scored and burnished; from memory. */
    static final Length NARROWEST = Length.ofMillimetres(10);
    /** The longest side of a finished card: beyond it no sheet, board or trimmer helps. */
    static final Length LONGEST = Length.ofMillimetres(1_000);
    static final String TOO_NARROW = "a narrower panel can't be scored and burnished cleanly";
    static final String TOO_LONG = "no sheet or board takes a larger card";

    private Bounds() { }

    /** For a height that nothing else depends on. */
    static Limits height() {
        return new Limits(NARROWEST, "a lower card can't be scored and burnished cleanly", LONGEST, TOO_LONG);
    }

    /** For a finished width that must leave the narrowest panel beside {@code taken}. */
    static Limits widthBeside(Length taken, String because) {
        return new Limits(taken.plus(NARROWEST), because, LONGEST, TOO_LONG);
    }

    /** The error of a structure asked for a measure it has not. */
    static IllegalArgumentException unknown(Structure structure, String parameter) {
        return new IllegalArgumentException("A %s has no measure \"%s\".".formatted(structure.name(), parameter));
    }
}
