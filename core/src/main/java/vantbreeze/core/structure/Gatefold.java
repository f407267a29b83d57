package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Gatefold: two flaps that meet before a back; quarter, half, quarter (common practice, no source). */
public final class Gatefold extends CatalogueStructure {

    /** Id of the width of each flap. */
    public static final String FLAP = "flap";

    /** Id of the width of the right flap, where it is another. */
    public static final String RIGHT = "right";

    /** With the usual allowances of the trade. */
    public Gatefold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public Gatefold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "gatefold",
                "Gatefold",
                "A back and two flaps that meet in the middle of the front and open like a gate.",
                "Announcements and weddings; easy to close with a band.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(FLAP, "Flap", "each half of the front", "Left flap"),
                Parameter.of(RIGHT, "Right flap", "where it is wider or narrower than the left one", "Right flap")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH ->
                meets(measures)
                        ? new Limits(
                                bounds.narrowest().plus(hair(measures)).times(2),
                                Bounds.TOO_NARROW,
                                Bounds.LONGEST,
                                Bounds.TOO_LONG)
                        : new Limits(
                                measures.get(FLAP).plus(of(RIGHT, measures)), OVER, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT -> bounds.height();
            case FLAP ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.says(RIGHT)
                                ? measures.get(Parameter.WIDTH).minus(measures.get(RIGHT))
                                : measures.get(Parameter.WIDTH).dividedBy(2),
                        OVER);
            case RIGHT ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.WIDTH).minus(measures.get(FLAP)),
                        OVER);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String OVER = "the flaps would lie on each other";

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(RIGHT)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(FLAP);
    }

    /** By how much the right flap is narrower than the left one: a hair that is left between them. */
    private Length hair(Measures measures) {
        return measures.get(FLAP).minus(of(RIGHT, measures));
    }

    /** Whether the flaps meet in the middle, or with a hair between them. */
    private boolean meets(Measures measures) {
        return measures.isHalfTheWidth(FLAP)
                && !hair(measures).isNegative()
                && !hair(measures).isLongerThan(allowed(Allowance.GATE_HAIR));
    }

    /** Flaps that met in the middle still do; flaps of one's own width are left alone. */
    @Override
    public Measures changed(Measures before, String parameter, Length length) {
        Measures after = before.with(parameter, length);
        if (!meets(before) || !parameter.equals(Parameter.WIDTH)) {
            return after;
        }
        Length half = length.dividedBy(2);
        return before.says(RIGHT)
                ? after.with(FLAP, half).with(RIGHT, half.minus(hair(before)))
                : after.with(FLAP, half);
    }

    @Override
    public Assembly assemble(Measures measures) {
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Left flap", measures.get(FLAP))
                .fold(Fold.VALLEY)
                .panel("Back", measures.get(Parameter.WIDTH))
                .fold(Fold.VALLEY)
                .panel("Right flap", of(RIGHT, measures))
                .piece());
    }

    /** The flaps should meet with a hair between them (common practice, no source). */
    @Override
    public List<Advice> advice(Measures measures) {
        Length gap = measures.get(Parameter.WIDTH).minus(measures.get(FLAP)).minus(of(RIGHT, measures));
        // the narrower one is made wider; a right one that follows goes with it
        boolean isLeft = !measures.get(FLAP).isLongerThan(of(RIGHT, measures));
        return gap.isLongerThan(allowed(Allowance.GATE_HAIR))
                ? List.of(new Advice(
                        isLeft ? FLAP : RIGHT,
                        isLeft && !measures.says(RIGHT)
                                ? measures.get(FLAP).plus(gap.dividedBy(2))
                                : of(isLeft ? FLAP : RIGHT, measures).plus(gap),
                        "The flaps do not meet: a gap of %s is left between them.",
                        List.of(Amount.difference(gap))))
                : List.of();
    }

    /** A quarter, a half and a quarter, the right flap less a hair where the ruler has so fine a mark. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length half = finished.width().dividedBy(2);
        Measures measures = Measures.of(finished, ruler).with(FLAP, half);
        boolean isFine = !ruler.division().isLongerThan(allowed(Allowance.GATE_HAIR));
        return isFine && half.minus(ruler.division()).isLongerThan(bounds.narrowest())
                ? measures.with(RIGHT, half.minus(ruler.division()))
                : measures;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
