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
 * Inverted Z: a Z-fold whose middle rows, between two long slits, fold at other places and make a shadow box. The slits
 * begin at a frame; there the middle goes back by a jog, forward again, and ends at its last score. The second score of
 * the Z is one line for all rows.
 */
public final class InvertedZ extends CatalogueStructure {

    /** Id of the width of the frame, where the slits begin. */
    public static final String FRAME = "frame";
    /** Id of how far the middle goes back. */
    public static final String JOG = "jog";
    /** Id of the width of the leg, the first panel of the Z. */
    public static final String LEG = "leg";
    /** Id of the width of the second panel of the Z. */
    public static final String SECOND = "second";
    /** Id of the height of the frame at the foot. */
    public static final String FOOT = "foot";
    /** Id of the height of the frame at the head. */
    public static final String HEAD = "head";

    private static final String POKES = "the middle would poke out of the closed card";
    private static final String NO_MIDDLE = "nothing would be left of the middle";

    /** With the usual allowances of the trade. */
    public InvertedZ() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public InvertedZ(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "inverted-z",
                "Inverted Z",
                "A Z-fold whose middle folds elsewhere: a box opens behind a frame as the card stands.",
                "Shadow boxes and windows with something in them.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(FRAME, "Frame width", "how wide the frame is beside the middle"),
                Parameter.of(JOG, "Jog", "how far the middle goes back", "Jog"),
                Parameter.of(FOOT, "Frame at the foot", "how high the frame is below the middle")
                        .following(),
                Parameter.of(HEAD, "Frame at the head", "how high the frame is above the middle")
                        .following(),
                Parameter.of(LEG, "Leg", "the panel on the front", "Leg").following(),
                Parameter.of(SECOND, "Second panel", "from the first score of the Z to its second")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length frame = measures.get(FRAME);
        Length jog = measures.get(JOG);
        Length leg = of(LEG, measures);
        Length narrowest = bounds.narrowest();
        Length saidFoot = measures.said(FOOT, narrowest);
        Length saidHead = measures.said(HEAD, saidFoot);
        Length farthest = measures.said(SECOND, leg);
        return switch (parameter) {
            case Parameter.WIDTH ->
                measures.says(LEG)
                        ? new Limits(leg, LEG_POKES, Bounds.LONGEST, Bounds.TOO_LONG)
                        : leastLeg(measures, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(saidFoot.plus(saidHead).plus(narrowest), NO_MIDDLE, Bounds.LONGEST, Bounds.TOO_LONG);
            case FRAME ->
                new Limits(
                        jog.max(narrowest),
                        jog.isLongerThan(narrowest) ? POKES : TEARS,
                        leg.minus(narrowest),
                        NO_MIDDLE);
            case JOG ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "a narrower jog does not fold",
                        frame.min(farthest.minus(narrowest)),
                        frame.isShorterThan(farthest.minus(narrowest)) ? POKES : TOO_NEAR);
            case FOOT ->
                new Limits(
                        narrowest,
                        TEARS,
                        measures.says(HEAD)
                                ? height.minus(of(HEAD, measures)).minus(narrowest)
                                : height.minus(narrowest).dividedBy(2),
                        NO_MIDDLE);
            case HEAD ->
                new Limits(narrowest, TEARS, height.minus(of(FOOT, measures)).minus(narrowest), NO_MIDDLE);
            case LEG -> leastLeg(measures, width, LEG_POKES);
            case SECOND -> new Limits(jog.plus(narrowest), TOO_NEAR, leg, BACK_POKES);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** The leg holds the middle and, where somebody said how wide it is, the second panel. */
    private Limits leastLeg(Measures measures, Length most, String mostBecause) {
        Length holds = measures.get(FRAME).plus(bounds.narrowest());
        Length second = measures.said(SECOND, Length.ZERO);
        return new Limits(holds.max(second), second.isLongerThan(holds) ? BACK_POKES : NO_MIDDLE, most, mostBecause);
    }

    private static final String LEG_POKES = "the leg would poke out of the closed card";
    private static final String BACK_POKES = "the back would poke out of the closed card";
    private static final String TEARS = "a narrower frame tears";
    private static final String TOO_NEAR = "the last two folds of the middle would lie too near each other";

    @Override
    public Length usual(String parameter, Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        return switch (parameter) {
            case FOOT ->
                measures.marked(height.times(4).dividedBy(21))
                        .max(bounds.narrowest())
                        .min(height.minus(bounds.narrowest()).dividedBy(2));
            case HEAD -> of(FOOT, measures);
            case LEG -> measures.get(Parameter.WIDTH);
            case SECOND ->
                measures.marked(of(LEG, measures).dividedBy(2))
                        .max(measures.get(JOG).plus(bounds.narrowest()))
                        .min(of(LEG, measures));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * Closed, a place x beyond the second score s of the Z lies, by the outer rows' scores l and s, at 2l − 2s + x. By
     * those of the middle, at f, f + j, e and s, it lies at 2f − 2(f + j) + 2e − 2s + x. The two are one where e = l +
     * j.
     */
    @Override
    public Assembly assemble(Measures measures) {
        Length frame = measures.get(FRAME);
        Length jog = measures.get(JOG);
        Length leg = of(LEG, measures);
        Length last = leg.plus(jog);
        Length second = leg.plus(of(SECOND, measures));
        Length end = measures.get(Parameter.WIDTH).plus(of(SECOND, measures).times(2));
        Length height = measures.get(Parameter.HEIGHT);
        Length low = of(FOOT, measures);
        Length high = height.minus(of(HEAD, measures));
        Length middle = low.plus(high).dividedBy(2);
        return Assembly.of(new Piece(
                "Card base",
                Patch.sheet(end, height),
                List.of(
                        Lines.score(leg, Length.ZERO, low, Fold.MOUNTAIN),
                        Lines.score(leg, high, height, Fold.MOUNTAIN),
                        Lines.score(frame, low, high, Fold.MOUNTAIN),
                        Lines.score(frame.plus(jog), low, high, Fold.VALLEY),
                        Lines.score(last, low, high, Fold.MOUNTAIN),
                        Lines.score(second, Length.ZERO, height, Fold.VALLEY)),
                List.of(Lines.level(frame, last, low), Lines.level(frame, last, high)),
                List.of(
                        new PanelName(new Spot(frame.dividedBy(2), middle), "Leg"),
                        new PanelName(new Spot(frame.plus(jog.dividedBy(2)), middle), "Jog"),
                        new PanelName(new Spot(frame.plus(jog).plus(last).dividedBy(2), middle), "Window"),
                        new PanelName(new Spot(last.plus(second).dividedBy(2), middle), "Second panel"),
                        new PanelName(new Spot(second.plus(end).dividedBy(2), middle), "Back"))));
    }

    /** A frame of a sixth of the width, a jog of a tenth, as 2.5 and 1.5 of 14 (common practice, no source). */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length frame = ruler.nearest(finished.width().times(5).dividedBy(28))
                .length()
                .max(ruler.above(bounds.narrowest()).length());
        Length jog = ruler.nearest(finished.width().times(3).dividedBy(28))
                .length()
                .max(ruler.above(allowed(Allowance.NARROWEST_SPRING)).length());
        return Measures.of(finished, ruler).with(FRAME, frame.max(jog)).with(JOG, jog);
    }

    @Override
    public double showing() {
        return 0.55;
    }
}
