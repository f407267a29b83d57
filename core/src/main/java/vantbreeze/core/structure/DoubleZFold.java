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
                Parameter.of(BAND, "Band", "how high the band is").ofPieces("Band"),
                across.up());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.widthBeside(bounds.narrowest(), Bounds.TOO_NARROW);
            case Parameter.HEIGHT -> across.cardHeight(measures, measures.get(BAND));
            case BAND -> across.itsHeight(measures);
            case CrossPiece.UP -> across.itsFoot(measures, measures.get(BAND));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(CrossPiece.UP)) {
            throw Bounds.unknown(this, parameter);
        }
        return CrossPiece.usualFoot(measures, measures.get(BAND));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length leg = width.dividedBy(2);
        Length height = measures.get(Parameter.HEIGHT);
        Length band = measures.get(BAND);
        Length foot = of(CrossPiece.UP, measures);
        Length end = width.plus(leg).plus(leg);
        Spot left = new Spot(Length.ZERO, foot);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Leg", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Second leg", leg)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece();
        Piece across = Strip.ofHeight("Band", band)
                .panel("Band front", width)
                .fold(Fold.MOUNTAIN)
                .panel("Band middle", leg)
                .fold(Fold.VALLEY)
                .panel("Band end", leg)
                .piece();
        return new Assembly(
                List.of(base, across),
                List.of(
                        CrossPiece.glued(
                                "Leg",
                                Side.FACE,
                                "Band front",
                                left,
                                Length.ZERO,
                                Length.ZERO,
                                allowed(Allowance.GLUE_STRIP),
                                band),
                        CrossPiece.glued(
                                "Back",
                                Side.FACE,
                                "Band end",
                                left,
                                Length.ZERO,
                                end.minus(allowed(Allowance.GLUE_STRIP)),
                                allowed(Allowance.GLUE_STRIP),
                                band)));
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
