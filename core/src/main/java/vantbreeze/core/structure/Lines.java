package vantbreeze.core.structure;

import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;

/** Lines straight up and straight across a sheet. */
final class Lines {

    private Lines() {}

    /** A score straight up at {@code x}, from {@code low} to {@code high}. */
    static Crease score(Length x, Length low, Length high, Fold fold) {
        return new Crease(upright(x, low, high), fold);
    }

    /** A slit straight up. */
    static Stretch upright(Length x, Length low, Length high) {
        return new Stretch(new Spot(x, low), new Spot(x, high));
    }

    /** A slit straight across at {@code y}, from {@code left} to {@code right}. */
    static Stretch level(Length left, Length right, Length y) {
        return new Stretch(new Spot(left, y), new Spot(right, y));
    }
}
