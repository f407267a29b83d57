package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Z-fold: a leg, a second leg that carries it, and a back as wide as the card; mountain, valley. Quarter, quarter, half
 * is common practice, no source; a narrower leg shows more of the inside.
 */
public final class ZFold extends CatalogueStructure {

    /** Id of the width of the leg. */
    public static final String LEG = "leg";
    /** Id of the width of the second leg, where it is another. */
    public static final String SECOND = "second";

    private static final String TOO_WIDE = "the leg would be wider than the finished card and stick out";

    /** With the usual allowances of the trade. */
    public ZFold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public ZFold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "z-fold",
                "Z-fold",
                "One strip, two scores. A leg folds back across the front and shows the inside beside it.",
                "First fancy folds, and invitations whose inside may be glimpsed.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(LEG, "Leg", "the panel on the front, and the one behind it", "Leg"),
                Parameter.of(SECOND, "Second leg", "the panel behind the leg, where it is narrower", "Second leg")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case LEG ->
                new Limits(
                        second(measures).max(bounds.narrowest()),
                        second(measures).isLongerThan(bounds.narrowest())
                                ? BACK_POKES
                                : "a narrower leg can't be scored and burnished cleanly",
                        measures.get(Parameter.WIDTH),
                        TOO_WIDE);
            case SECOND ->
                new Limits(
                        bounds.narrowest(),
                        "a narrower leg can't be scored and burnished cleanly",
                        measures.get(LEG),
                        BACK_POKES);
            case Parameter.WIDTH ->
                new Limits(
                        measures.isHalfTheWidth(LEG)
                                ? second(measures).max(bounds.narrowest()).times(2)
                                : measures.get(LEG),
                        measures.isHalfTheWidth(LEG)
                                ? "the legs would get too narrow to score and burnish cleanly"
                                : TOO_WIDE,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT -> bounds.height();
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String BACK_POKES = "the back would stick out from behind the leg";

    /** How wide somebody said the second leg is. */
    private static Length second(Measures measures) {
        return measures.said(SECOND, Length.ZERO);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(SECOND)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(LEG);
    }

    /** A leg that was half the card stays half of it; a leg of one's own width is left alone. */
    @Override
    public Measures changed(Measures before, String parameter, Length length) {
        return before.changedKeepingHalf(parameter, length, LEG);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length leg = measures.get(LEG);
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Leg", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Second leg", of(SECOND, measures))
                .fold(Fold.VALLEY)
                .panel("Back", measures.get(Parameter.WIDTH).minus(leg).plus(of(SECOND, measures)))
                .piece());
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler).with(LEG, finished.width().dividedBy(2));
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
