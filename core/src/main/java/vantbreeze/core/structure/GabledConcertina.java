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
            case Parameter.WIDTH -> bounds.covering(gable, POKES);
            case Parameter.HEIGHT ->
                new Limits(
                        gable.times(2).plus(bounds.narrowest()),
                        "head and foot would meet",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case GABLE ->
                gable(
                        measures.get(Parameter.WIDTH),
                        measures.get(Parameter.HEIGHT).minus(bounds.narrowest()).dividedBy(2));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private Limits gable(Length width, Length half) {
        return new Limits(
                allowed(Allowance.NARROWEST_SPRING),
                "so narrow an end does not stay folded in",
                width.min(half),
                half.isShorterThan(width) ? "head and foot would meet" : POKES);
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
