package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Gabled concertina: four panels with a zigzag of slanted scores at head and foot, from the corners of the sheet to
 * points down the first and third score and up again between. The ends fold inside, and what shows are four-sided
 * panels with slanted ends, left and right mirrored.
 */
public final class GabledConcertina extends CatalogueStructure {

    /** Id of how far the points lie below the edge. */
    public static final String GABLE = "gable";

    /** Id of how far the lower points lie above the foot. */
    public static final String FOOT = "foot";

    private static final int PANELS = 4;
    private static final String MEET = "head and foot would meet";
    private static final String CROSSES = "the turned ends would reach over the folds opposite";
    private static final String POKES = "steeper ends would poke out sideways when they are folded in";

    /** With the usual allowances of the trade. */
    public GabledConcertina() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public GabledConcertina(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "gabled-concertina",
                "Gabled concertina",
                "Four panels whose ends fold inside along slanted scores, so that they stand in gables.",
                "Rows of houses, mountains, crowns; quick to make and needs no glue.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Panel 1", "Panel 2", "Panel 3", "Panel 4"),
                Parameter.height(),
                Parameter.of(GABLE, "Gable", "from the edge to the points, at head and foot"),
                Parameter.of(FOOT, "Gable at the foot", "where it is another than at the head")
                        .following());
    }

    /** The foot's gables are as high as the head's. */
    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(FOOT)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(GABLE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length gable = measures.get(GABLE);
        Length foot = of(FOOT, measures);
        return switch (parameter) {
            case Parameter.WIDTH -> {
                Limits covering = bounds.covering(gable.max(foot), POKES);
                Length most =
                        Halving.last(covering.least(), Bounds.LONGEST, tried -> isFree(gable, foot, tried, height));
                yield new Limits(
                        covering.least(),
                        covering.leastBecause(),
                        most,
                        most.equals(Bounds.LONGEST) ? Bounds.TOO_LONG : CROSSES);
            }
            case Parameter.HEIGHT -> {
                Length meeting = gable.plus(foot).plus(bounds.narrowest());
                Length least = Halving.last(Bounds.LONGEST, meeting, tried -> isFree(gable, foot, width, tried));
                yield new Limits(least, least.equals(meeting) ? MEET : CROSSES, Bounds.LONGEST, Bounds.TOO_LONG);
            }
            case GABLE ->
                measures.says(FOOT)
                        ? gable(
                                height.minus(bounds.narrowest()).minus(foot),
                                width,
                                tried -> isFree(tried, foot, width, height))
                        : gable(
                                height.minus(bounds.narrowest()).dividedBy(2),
                                width,
                                tried -> isFree(tried, tried, width, height));
            case FOOT ->
                gable(
                        height.minus(bounds.narrowest()).minus(gable),
                        width,
                        tried -> isFree(gable, tried, width, height));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How high gables may be, at most as high as {@code meeting}. */
    private Limits gable(Length meeting, Length width, Predicate<Length> isFree) {
        Length least = allowed(Allowance.NARROWEST_SPRING);
        Length straight = width.min(meeting);
        Length most = Halving.last(least, straight, isFree);
        return new Limits(
                least,
                "so narrow an end does not stay folded in",
                most,
                most.isShorterThan(straight) ? CROSSES : meeting.isShorterThan(width) ? MEET : POKES);
    }

    /** Whether the ends at head and foot, turned in, lie short of the folds opposite. */
    private static boolean isFree(Length gable, Length foot, Length width, Length height) {
        double least = Math.max(
                reach(gable.millimetres(), foot.millimetres(), width.millimetres()),
                reach(foot.millimetres(), gable.millimetres(), width.millimetres()));
        return least <= height.millimetres() + Precision.ROUNDING;
    }

    /**
     * How high the card must be for a turned end to lie short of the fold opposite. An end folds up over a line that
     * rises by the gable g over the width w, at an angle a: its corner comes to lie w · sin 2a up and w · cos 2a
     * across, and there the line opposite, which falls by f over the width, is f · cos 2a below the head. With tan a =
     * g/w that is (2w²g + f · (w² − g²)) / (w² + g²).
     */
    private static double reach(double gable, double opposite, double width) {
        double squares = width * width + gable * gable;
        return (2 * width * width * gable + opposite * (width * width - gable * gable)) / squares;
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length gable = measures.get(GABLE);
        Length foot = of(FOOT, measures);
        Length zero = Length.ZERO;
        List<Crease> creases = new ArrayList<>();
        List<PanelName> names = new ArrayList<>();
        for (int panel = 0; panel < PANELS; panel++) {
            Length left = width.times(panel);
            Length right = left.plus(width);
            boolean falls = panel % 2 == 0;
            creases.add(slant(left, falls ? zero : foot, right, falls ? foot : zero));
            creases.add(slant(left, falls ? height : height.minus(gable), right, falls ? height.minus(gable) : height));
            if (falls) {
                // the ends lie turned over when this fold is made, so it goes the other way there
                creases.add(Lines.score(right, zero, foot, Fold.VALLEY));
                creases.add(Lines.score(right, foot, height.minus(gable), Fold.MOUNTAIN));
                creases.add(Lines.score(right, height.minus(gable), height, Fold.VALLEY));
            } else if (panel < PANELS - 1) {
                creases.add(Lines.score(right, zero, height, Fold.VALLEY));
            }
            Length middle = left.plus(width.dividedBy(2));
            Length inEnd = falls ? right.minus(Length.ofMillimetres(1)) : left.plus(Length.ofMillimetres(1));
            names.add(new PanelName(new Spot(middle, height.dividedBy(2)), "Panel " + (panel + 1)));
            names.add(new PanelName(new Spot(inEnd, Length.ofMillimetres(1)), "Foot end " + (panel + 1)));
            names.add(new PanelName(new Spot(inEnd, height.minus(Length.ofMillimetres(1))), "Head end " + (panel + 1)));
        }
        return Assembly.of(new Piece("Card base", Patch.sheet(width.times(PANELS), height), creases, List.of(), names));
    }

    private static Crease slant(Length x1, Length y1, Length x2, Length y2) {
        return new Crease(new Stretch(new Spot(x1, y1), new Spot(x2, y2)), Fold.MOUNTAIN);
    }

    /** Points a quarter of the width below the edge. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length gable = finished.width().dividedBy(4).min(finished.height().dividedBy(4));
        return Measures.of(finished, ruler).with(GABLE, ruler.nearest(gable).length());
    }

    @Override
    public double showing() {
        return 0.89;
    }
}
