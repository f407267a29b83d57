package vantbreeze.core.structure;

import java.util.List;
import java.util.Map;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * Double Z-fold: a Z-fold and a narrower band Z-folded the other way round, glued at its two ends only. Quarter,
 * quarter, half against half, quarter, quarter (common practice, no source).
 */
public final class DoubleZFold implements Structure {

    /** Id of the height of the band. */
    public static final String BAND = "band";

    /** How much of each end of the band is glued: ½ in holds, common practice, no source. */
    private static final Length GLUE = Length.ofMillimetres(10);

    @Override
    public String id() {
        return "double-z-fold";
    }

    @Override
    public String name() {
        return "Double Z-fold";
    }

    @Override
    public String description() {
        return "A Z-fold crossed by a band that folds the other way, so that the front opens from both sides.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width("Back", "Band front"), Parameter.height(),
                Parameter.of(BAND, "Band", "how high the band is").ofPieces("Band"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> Bounds.widthBeside(Bounds.NARROWEST, Bounds.TOO_NARROW);
            case Parameter.HEIGHT -> new Limits(measures.get(BAND), "the band would be higher than the card", Bounds.LONGEST, Bounds.TOO_LONG);
            case BAND -> new Limits(Bounds.NARROWEST, Bounds.TOO_NARROW, measures.get(Parameter.HEIGHT), "the band would be higher than the card");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length leg = width.dividedBy(2);
        Length height = measures.get(Parameter.HEIGHT);
        Length band = measures.get(BAND);
        Length foot = height.minus(band).dividedBy(2);
        Length end = width.plus(leg).plus(leg);
        Piece base = Strip.ofHeight("Card base", height).panel("Leg", leg).fold(Fold.MOUNTAIN)
                .panel("Second leg", leg).fold(Fold.VALLEY).panel("Back", width).piece();
        Piece across = Strip.ofHeight("Band", band).panel("Band front", width).fold(Fold.MOUNTAIN)
                .panel("Band middle", leg).fold(Fold.VALLEY).panel("Band end", leg).piece();
        return new Assembly(List.of(base, across), List.of(
                glued("Leg", "Band front", Length.ZERO, foot, band),
                glued("Back", "Band end", end.minus(GLUE), foot, band)));
    }

    private static Join glued(String on, String panel, Length from, Length foot, Length band) {
        return Join.of(new PanelRef(0, on), Side.FACE, new PanelRef(1, panel), Side.BACK,
                Attachment.at(new Spot(Length.ZERO, foot), new Spot(Length.ZERO, Length.ZERO)))
                .onlyOn(List.of(new Spot(from, foot), new Spot(from.plus(GLUE), foot),
                        new Spot(from.plus(GLUE), foot.plus(band)), new Spot(from, foot.plus(band))));
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return new Measures(Map.of()).with(Parameter.WIDTH, finished.width()).with(Parameter.HEIGHT, finished.height())
                .with(BAND, ruler.nearest(finished.height().times(5).dividedBy(17)).length().max(Bounds.NARROWEST));
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
