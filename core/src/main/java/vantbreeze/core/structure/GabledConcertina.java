package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
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

    private static final int PANELS = 4;
    private static final String MEET = "head and foot would meet";
    private static final String CROSSES = "the turned ends would reach over the folds opposite";
    /** To well under that from any card there is. */
    private static final int HALVINGS = 40;

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
                Parameter.of(GABLE, "Gable", "from the edge down to the points"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length gable = measures.get(GABLE);
        return switch (parameter) {
            case Parameter.WIDTH -> width(gable, measures.get(Parameter.HEIGHT));
            case Parameter.HEIGHT -> height(gable, measures.get(Parameter.WIDTH));
            case GABLE -> gable(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * How high the card must be for a turned end to lie short of the fold opposite. An end folds up over a line that
     * rises by the gable g over the width w, at an angle a: its corner comes to lie w · sin 2a up and w · cos 2a
     * across, and there the line opposite is g · cos 2a below the head. With tan a = g/w that is g · (3w² − g²) / (w² +
     * g²).
     */
    private static double reach(double gable, double width) {
        double squares = width * width + gable * gable;
        return gable * (3 * width * width - gable * gable) / squares;
    }

    /** The shortest length that is not under so many millimetres. */
    private static Length least(double millimetres) {
        Length length = Length.nearest(millimetres);
        return length.millimetres() < millimetres - Precision.ROUNDING ? length.plus(Length.ofUnits(1)) : length;
    }

    /** The longest length that is not over so many millimetres. */
    private static Length most(double millimetres) {
        Length length = Length.nearest(millimetres);
        return length.millimetres() > millimetres + Precision.ROUNDING ? length.minus(Length.ofUnits(1)) : length;
    }

    private Limits height(Length gable, Length width) {
        Length meeting = gable.times(2).plus(bounds.narrowest());
        Length reached = least(reach(gable.millimetres(), width.millimetres()));
        return new Limits(
                meeting.max(reached), reached.isLongerThan(meeting) ? CROSSES : MEET, Bounds.LONGEST, Bounds.TOO_LONG);
    }

    private Limits width(Length gable, Length height) {
        Limits covering = bounds.covering(gable, POKES);
        double g = gable.millimetres();
        double h = height.millimetres();
        if (3 * g <= h) {
            return covering;
        }
        Length most = most(g * Math.sqrt((h + g) / (3 * g - h)));
        return new Limits(covering.least(), covering.leastBecause(), most.min(Bounds.LONGEST), CROSSES);
    }

    private Limits gable(Length width, Length height) {
        Length half = height.minus(bounds.narrowest()).dividedBy(2);
        Length most = width.min(half);
        String because = half.isShorterThan(width) ? MEET : POKES;
        if (reach(most.millimetres(), width.millimetres()) > height.millimetres()) {
            double low = 0;
            double high = most.millimetres();
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                if (reach(middle, width.millimetres()) > height.millimetres()) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
            most = most(low);
            because = CROSSES;
        }
        return new Limits(
                allowed(Allowance.NARROWEST_SPRING), "so narrow an end does not stay folded in", most, because);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length gable = measures.get(GABLE);
        Length zero = Length.ZERO;
        List<Crease> creases = new ArrayList<>();
        List<PanelName> names = new ArrayList<>();
        for (int panel = 0; panel < PANELS; panel++) {
            Length left = width.times(panel);
            Length right = left.plus(width);
            boolean falls = panel % 2 == 0;
            Length atLeft = falls ? zero : gable;
            Length atRight = falls ? gable : zero;
            creases.add(slant(left, atLeft, right, atRight));
            creases.add(slant(left, height.minus(atLeft), right, height.minus(atRight)));
            if (falls) {
                // the ends lie turned over when this fold is made, so it goes the other way there
                creases.add(Lines.score(right, zero, gable, Fold.VALLEY));
                creases.add(Lines.score(right, gable, height.minus(gable), Fold.MOUNTAIN));
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
