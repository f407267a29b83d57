package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Offset Z: a Z-fold whose middle, between two slits, folds a little farther on and stands out as a box. Both ways must
 * cover the same distance when closed; the inner second score follows from the others.
 */
public final class OffsetZ extends CatalogueStructure {

    /** Id of the width of the leg. */
    public static final String LEG = "leg";
    /** Id of how much wider the leg is between the slits. */
    public static final String SHIFT = "shift";
    /** Id of the height of the middle. */
    public static final String WINDOW = "window";

    /** With the usual allowances of the trade. */
    public OffsetZ() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public OffsetZ(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "offset-z",
                "Offset Z",
                "A Z-fold whose middle folds a little farther on: a step stands out as the card opens.",
                "A picture or a greeting that stands out of its card.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(LEG, "Leg", "the panel on the front"),
                Parameter.of(SHIFT, "Middle set back by", "how much farther on the middle folds"),
                Parameter.of(WINDOW, "Middle height", "how high the part between the slits is"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length leg = measures.get(LEG);
        Length shift = measures.get(SHIFT);
        String pokes = "the middle would poke out of the closed card";
        Length edges = bounds.narrowest().times(2);
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(leg.plus(shift).plus(bounds.narrowest()), pokes, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        measures.get(WINDOW).plus(edges),
                        "no frame would be left above and below",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case LEG ->
                new Limits(
                        shift.max(bounds.narrowest()),
                        "the slits would run off the second leg",
                        measures.get(Parameter.WIDTH).minus(shift).minus(bounds.narrowest()),
                        pokes);
            case SHIFT ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "the middle would hardly differ from the frame",
                        leg.min(measures.get(Parameter.WIDTH).minus(leg).minus(bounds.narrowest())),
                        pokes);
            case WINDOW ->
                bounds.part(
                        bounds.narrowest(),
                        measures.get(Parameter.HEIGHT),
                        edges,
                        "no frame would be left above and below");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * Both ways across the sheet are two reflections. By the leg's scores, at {@code leg} and twice that, a place x of
     * the sheet comes to lie at 2 · (2 · leg − leg) + x; by those of the middle, at {@code leg + shift} and s, at 2 ·
     * (s − leg − shift) + x. The two are one where s = 2 · leg + shift.
     */
    @Override
    public Assembly assemble(Measures measures) {
        return Assembly.of(piece(measures, measures.get(LEG).times(2).plus(measures.get(SHIFT))));
    }

    private static Piece piece(Measures measures, Length second) {
        Length leg = measures.get(LEG);
        Length first = leg.plus(measures.get(SHIFT));
        Length height = measures.get(Parameter.HEIGHT);
        Length low = height.minus(measures.get(WINDOW)).dividedBy(2);
        Length high = low.plus(measures.get(WINDOW));
        Length end = leg.times(2).plus(measures.get(Parameter.WIDTH));
        Length outer = leg.times(2);
        Length middle = height.dividedBy(2);
        return new Piece(
                "Card base",
                Patch.sheet(end, height),
                List.of(
                        Lines.score(leg, Length.ZERO, low, Fold.MOUNTAIN),
                                Lines.score(outer, Length.ZERO, low, Fold.VALLEY),
                        Lines.score(first, low, high, Fold.MOUNTAIN), Lines.score(second, low, high, Fold.VALLEY),
                        Lines.score(leg, high, height, Fold.MOUNTAIN), Lines.score(outer, high, height, Fold.VALLEY)),
                List.of(Lines.level(leg, outer.max(second), low), Lines.level(leg, outer.max(second), high)),
                List.of(
                        new PanelName(new Spot(leg.dividedBy(2), middle), "Leg"),
                        new PanelName(new Spot(end.minus(Length.ofMillimetres(1)), middle), "Back"),
                        new PanelName(new Spot(first.plus(second).dividedBy(2), middle), "Window"),
                        new PanelName(new Spot(leg.plus(outer).dividedBy(2), low.dividedBy(2)), "Foot of second leg"),
                        new PanelName(
                                new Spot(leg.plus(outer).dividedBy(2), height.minus(low.dividedBy(2))),
                                "Head of second leg")));
    }

    /** A leg of half the width, the middle shifted by a third of it and half as high as the card. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length leg = ruler.below(finished.width().dividedBy(2)).length();
        return Measures.of(finished, ruler)
                .with(LEG, leg)
                .with(SHIFT, ruler.nearest(leg.dividedBy(3)).length())
                .with(
                        WINDOW,
                        Measures.centred(
                                ruler.nearest(finished.height().dividedBy(2)).length(), finished.height(), ruler));
    }

    @Override
    public double showing() {
        return 0.55;
    }
}
