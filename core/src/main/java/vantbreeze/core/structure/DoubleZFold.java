package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Double Z-fold: a Z-fold and a narrower band Z-folded the other way round, glued at its two ends only. Quarter,
 * quarter, half against half, quarter, quarter (common practice, no source).
 */
public final class DoubleZFold extends CatalogueStructure {

    /** Id of the height of the band. */
    public static final String BAND = "band";

    /** Id of the width of the leg. */
    public static final String LEG = "leg";
    /** Id of the width of the second leg, which the back lies on. */
    public static final String SECOND = "second";
    /** Id of the width of the band's front. */
    public static final String FRONT = "band-front";
    /** Id of how much of each end of the band is glued. */
    public static final String GLUE = "band-glue";

    private static final String BACK_POKES = "the back would stick out from behind the leg";
    private static final String BAND_POKES = "the band would poke out of the closed card";

    private final CrossPiece across = new CrossPiece("band", bounds);

    /** With the usual allowances of the trade. */
    public DoubleZFold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public DoubleZFold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "double-z-fold",
                "Double Z-fold",
                "A Z-fold crossed by a band that folds the other way, so that the front opens from both sides.",
                "A Z-fold with a surprise across it, for names and dates.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back", "Band front"),
                Parameter.height(),
                Parameter.of(BAND, "Band height", "how high the band is").ofPieces("Band"),
                across.up(),
                Parameter.of(LEG, "Leg", "the panel on the front", "Leg").following(),
                Parameter.of(SECOND, "Second leg", "the panel behind the leg", "Second leg", "Band middle")
                        .following(),
                Parameter.of(FRONT, "Band front", "from its glued end to its first score", "Band front")
                        .following(),
                Parameter.of(GLUE, "Band glued by", "how much of each of its ends is glued")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        leastWidth(measures),
                        measures.says(LEG) || measures.says(FRONT) || measures.says(SECOND)
                                ? BAND_POKES
                                : Bounds.TOO_NARROW,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case LEG ->
                new Limits(
                        measures.said(SECOND, Length.ZERO)
                                .max(leastGlue(measures))
                                .max(bounds.narrowest()),
                        measures.says(SECOND) ? BACK_POKES : NO_GLUE,
                        of(FRONT, measures).minus(bounds.narrowest()),
                        "the band would hardly come out from the leg");
            case SECOND ->
                new Limits(
                        bounds.narrowest()
                                .max(leastGlue(measures)
                                        .plus(of(FRONT, measures))
                                        .minus(measures.get(Parameter.WIDTH))),
                        NO_GLUE,
                        of(LEG, measures).min(of(FRONT, measures)),
                        BACK_POKES);
            case FRONT ->
                new Limits(
                        of(LEG, measures).plus(bounds.narrowest()),
                        "the band would hardly come out from the leg",
                        measures.get(Parameter.WIDTH)
                                .min(measures.get(Parameter.WIDTH)
                                        .plus(of(SECOND, measures))
                                        .minus(leastGlue(measures))),
                        BAND_POKES);
            case GLUE ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        of(LEG, measures).min(bandEnd(measures)),
                        "the leg and the band's end are no wider");
            case Parameter.HEIGHT -> across.cardHeight(measures, measures.get(BAND));
            case BAND -> across.itsHeight(measures);
            case CrossPiece.UP -> across.itsFoot(measures, measures.get(BAND));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case CrossPiece.UP -> CrossPiece.usualFoot(measures, measures.get(BAND));
            case LEG -> measures.get(Parameter.WIDTH).dividedBy(2);
            case SECOND -> of(LEG, measures);
            case FRONT -> measures.get(Parameter.WIDTH);
            case GLUE ->
                usual(Allowance.GLUE_STRIP, measures).min(of(LEG, measures)).min(bandEnd(measures));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** Base and band are as long as each other, and what lies between their first and second scores is as wide. */
    private Length bandEnd(Measures measures) {
        return measures.get(Parameter.WIDTH).plus(of(SECOND, measures)).minus(of(FRONT, measures));
    }

    private static final String NO_GLUE = "too little would be left to glue the band";

    /** How much of each end of the band must be left to be glued. */
    private Length leastGlue(Measures measures) {
        return measures.said(GLUE, bounds.leastTab());
    }

    private Length leastWidth(Measures measures) {
        Length least = bounds.narrowest();
        // the band is glued on the leg, which is half as wide unless somebody says otherwise
        Length leg = measures.says(LEG) ? Length.ZERO : least.max(leastGlue(measures));
        return measures.said(FRONT, least.times(2))
                .max(leg.times(2))
                .max(measures.said(LEG, least).max(measures.said(SECOND, least)).plus(least));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length leg = of(LEG, measures);
        Length second = of(SECOND, measures);
        Length glue = of(GLUE, measures);
        Length height = measures.get(Parameter.HEIGHT);
        Length band = measures.get(BAND);
        Length foot = of(CrossPiece.UP, measures);
        Length end = width.plus(second.times(2));
        Spot left = new Spot(Length.ZERO, foot);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Leg", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Second leg", second)
                .fold(Fold.VALLEY)
                .panel("Back", width.minus(leg).plus(second))
                .piece();
        Piece across = Strip.ofHeight("Band", band)
                .panel("Band front", of(FRONT, measures))
                .fold(Fold.MOUNTAIN)
                .panel("Band middle", second)
                .fold(Fold.VALLEY)
                .panel("Band end", bandEnd(measures))
                .piece();
        return new Assembly(
                List.of(base, across),
                List.of(
                        CrossPiece.glued("Leg", Side.FACE, "Band front", left, Length.ZERO, Length.ZERO, glue, band),
                        CrossPiece.glued(
                                "Back", Side.FACE, "Band end", left, Length.ZERO, end.minus(glue), glue, band)));
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler)
                .with(
                        BAND,
                        ruler.nearest(finished.height().times(5).dividedBy(17))
                                .length()
                                .max(bounds.narrowest()));
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
