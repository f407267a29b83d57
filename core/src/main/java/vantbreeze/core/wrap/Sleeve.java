package vantbreeze.core.wrap;

import java.util.List;
import java.util.stream.Stream;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Sleeve: a band as high as the card, open at head and foot, with a round notch for the thumb at the head. */
public final class Sleeve extends Banded {

    /** Id of how wide the thumb notch is. */
    public static final String NOTCH = "notch";

    /** With a maker's allowances. */
    public Sleeve(Allowances allowances) {
        super("Sleeve", allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "sleeve",
                "Sleeve",
                "As high as the card, open at head and foot, with a notch for the thumb; the card slides out.",
                "Cards without an envelope, and gifts.");
    }

    @Override
    List<Parameter> own() {
        return Stream.concat(
                        super.own().stream(),
                        Stream.of(Parameter.of(NOTCH, "Thumb notch", "across the notch at its head; nil for none")
                                .following()))
                .toList();
    }

    @Override
    public Rank rank() {
        return Rank.SLEEVE;
    }

    @Override
    Length usualStrip(Measures measures) {
        return measures.get(Parameter.HEIGHT);
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return parameter.equals(NOTCH)
                ? usual(Allowance.THUMB, measures).min(most(measures))
                : super.ownUsual(parameter, measures);
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        return parameter.equals(NOTCH)
                ? new Limits(Length.ZERO, "no notch is smaller", most(measures), "it would cut into the front's edges")
                : super.ownLimits(parameter, measures);
    }

    private Length most(Measures measures) {
        return of(FRONT, measures)
                .minus(bounds.narrowest().times(2))
                .min(of(STRIP, measures))
                .max(Length.ZERO);
    }

    /** The lower half of a circle round the middle of the front's upper edge. */
    @Override
    List<Spot> notch(Length front, Length begins, Length height, Measures measures) {
        Length across = of(NOTCH, measures);
        if (!across.isPositive()) {
            return List.of();
        }
        Spot middle = new Spot(begins.plus(front.dividedBy(2)), height);
        List<Spot> circle = Circle.corners(middle, across.dividedBy(2));
        // anticlockwise from the lowest: its right end is a quarter on, and the lower half runs back from there
        int quarter = circle.size() / 4;
        return Stream.iterate(quarter, i -> i >= -quarter, i -> i - 1)
                .map(i -> circle.get(Math.floorMod(i, circle.size())))
                .toList();
    }
}
