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
import vantbreeze.core.tool.Allowances;

/**
 * Slit gatefold: a gatefold slit across both its folds into rows; every other row folds the other way, at the scores on
 * both sides, and stands forward as a tower. All rows of a column share their scores, and each slit starts and ends on
 * one.
 */
public final class SlitGatefold extends CatalogueStructure {

    /** Id of the width of each column. */
    public static final String COLUMN = "column";
    /** Id of the height of each raised row. */
    public static final String ROW = "row";
    /** How many rows stand forward. */
    public static final Choice RAISED =
            Choice.count("raised", "Raised rows", "how many rows stand forward at each side", 1, 5, 2);

    /** With the usual allowances of the trade. */
    public SlitGatefold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public SlitGatefold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "slit-gatefold",
                "Slit gatefold",
                "A gatefold slit across its folds: every other row stands forward in towers at both sides.",
                "Curtains and lanterns at both sides of a picture.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(COLUMN, "Rows stand forward by", "how far the rows stand forward"),
                Parameter.of(ROW, "Raised row height", "how high each raised row is"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(RAISED);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        int gaps = 2 * measures.count(RAISED) - 1;
        Length row = measures.get(ROW);
        String noEnds = "no paper would be left above and below the slits";
        String meet = "the towers would poke through the gate line";
        return switch (parameter) {
            case Parameter.WIDTH -> new Limits(measures.get(COLUMN).times(4), meet, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(row.times(gaps).plus(bounds.narrowest().times(2)), noEnds, Bounds.LONGEST, Bounds.TOO_LONG);
            case COLUMN ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.WIDTH).dividedBy(4),
                        meet);
            case ROW ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.HEIGHT)
                                .minus(bounds.narrowest().times(2))
                                .dividedBy(gaps),
                        noEnds);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length row = measures.get(ROW);
        int rows = 2 * measures.count(RAISED) - 1;
        Length foot = height.minus(row.times(rows)).dividedBy(2);
        List<Crease> creases = new ArrayList<>();
        List<Stretch> slits = new ArrayList<>();
        List<PanelName> names = new ArrayList<>(List.of(
                name("Left flap", bounds.narrowest().dividedBy(10), height.dividedBy(2)),
                name("Back", width, height.dividedBy(2)),
                name("Right flap", width.times(2).minus(bounds.narrowest().dividedBy(10)), height.dividedBy(2))));
        for (boolean left : List.of(true, false)) {
            Length fold = left ? width.dividedBy(2) : width.times(3).dividedBy(2);
            Length from = fold.minus(measures.get(COLUMN));
            Length to = fold.plus(measures.get(COLUMN));
            creases.add(Lines.score(fold, Length.ZERO, foot, Fold.VALLEY));
            creases.add(Lines.score(fold, foot.plus(row.times(rows)), height, Fold.VALLEY));
            for (int i = 0; i < rows; i++) {
                Length low = foot.plus(row.times(i));
                Length high = low.plus(row);
                slits.add(Lines.level(from, to, low));
                if (i % 2 == 1) {
                    creases.add(Lines.score(fold, low, high, Fold.VALLEY));
                    continue;
                }
                creases.add(Lines.score(from, low, high, Fold.VALLEY));
                creases.add(Lines.score(fold, low, high, Fold.MOUNTAIN));
                creases.add(Lines.score(to, low, high, Fold.VALLEY));
                String tower = (left ? "left tower " : "right tower ") + (i / 2 + 1);
                names.add(name(
                        (left ? "Outer " : "Inner ") + tower,
                        fold.minus(Length.ofMillimetres(1)),
                        low.plus(row.dividedBy(2))));
                names.add(name(
                        (left ? "Inner " : "Outer ") + tower,
                        fold.plus(Length.ofMillimetres(1)),
                        low.plus(row.dividedBy(2))));
            }
            Length top = foot.plus(row.times(rows));
            slits.add(Lines.level(from, to, top));
        }
        return Assembly.of(new Piece("Card base", Patch.sheet(width.times(2), height), creases, slits, names));
    }

    private static PanelName name(String name, Length x, Length y) {
        return new PanelName(new Spot(x, y), name);
    }

    /** Columns of an eighth of the width, raised rows of a fifth of the height. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length column = ruler.nearest(finished.width().dividedBy(8)).length().max(bounds.narrowest());
        Length row = ruler.nearest(finished.height().dividedBy(5)).length().max(bounds.narrowest());
        return Measures.of(finished, ruler)
                .with(COLUMN, ruler.above(column).length())
                .with(ROW, Measures.centred(ruler.above(row).length(), finished.height(), ruler));
    }

    @Override
    public double showing() {
        return 0.5;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
