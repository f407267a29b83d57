package vantbreeze.core.structure;

import java.util.function.Predicate;
import vantbreeze.core.length.Length;

/** Limits for which there is no formula worth the name, found by halving. */
final class Halving {

    private Halving() {}

    /**
     * The last length, to the unit, for which something holds on the way from one for which it does.
     *
     * @param good where it holds; where it does not, this is the answer
     * @param end where the way ends, longer or shorter
     * @param holds for all lengths from {@code good} to some length, and for none beyond it
     */
    static Length last(Length good, Length end, Predicate<Length> holds) {
        if (!holds.test(good)) {
            return good;
        }
        if (holds.test(end)) {
            return end;
        }
        long in = good.units();
        long out = end.units();
        while (Math.abs(out - in) > 1) {
            long middle = (in + out) / 2;
            if (holds.test(Length.ofUnits(middle))) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return Length.ofUnits(in);
    }
}
