package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
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
 * Slit tower: one sheet of side, column, column, centre, column, column, side, slit across each pair of columns into
 * rows. Raised rows fold at the outer and the middle score of a pair and run flat over the inner one; those between
 * fold at the middle and the inner score and run flat over the outer one. Both ways the outer score comes to lie on the
 * inner one, as the columns of a pair are equal: it closes flat, as wide as the centre and two columns.
 */
public final class SlitTower extends CatalogueStructure {

    /** Id of the width of each column. */
    public static final String COLUMN = "column";
    /** Id of the width of each side. */
    public static final String SIDE = "side";
    /** What the ids of the heights of the rows begin with; behind it which, from the foot, from 1. */
    public static final String ROW = "row-";

    private static final int MOST_ROWS = 11;

    /** How many rows there are. */
    public static final Choice ROWS = Choice.of(
            "rows", "Rows", "how many rows the slits make", rows(5), rows(3), rows(7), rows(9), rows(MOST_ROWS));

    /** Which rows are raised. */
    public static final Choice OUTER = Choice.of(
            "outer",
            "First and last row",
            "whether the rows at foot and head are raised",
            new Choice.Alternative("raised", "raised"),
            new Choice.Alternative("set-back", "set back"));

    private static Choice.Alternative rows(int count) {
        return new Choice.Alternative(String.valueOf(count), String.valueOf(count));
    }

    /** With the usual allowances of the trade. */
    public SlitTower() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public SlitTower(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "slit-tower",
                "Slit tower",
                "One sheet, slit into rows that fold by turns at other scores: a tower with ledges and niches stands "
                        + "before its sides.",
                "Houses, lighthouses, lanterns with a light in every window.");
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(COLUMN, "Rows stand forward by", "how far the raised rows stand before the sides"),
                Parameter.of(SIDE, "Side width", "how wide the sides are, behind", "Left side", "Right side")
                        .following()));
        for (int row = 1; row <= MOST_ROWS; row++) {
            int which = row;
            all.add(Parameter.of(ROW + row, "Row " + row + " height", "how high it is, the first at the foot")
                    .whenCounting(ROWS, count -> isMeasured(which, count))
                    .following());
        }
        return all;
    }

    @Override
    public List<Choice> choices() {
        return List.of(ROWS, OUTER);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length column = measures.get(COLUMN);
        String through = "the columns would poke through the far side of the tower";
        if (parameter.startsWith(ROW)) {
            return new Limits(
                    bounds.narrowest(),
                    Bounds.TOO_NARROW,
                    mostOf(Integer.parseInt(parameter.substring(ROW.length())), measures),
                    "the other rows would be too low to score and burnish cleanly");
        }
        return switch (parameter) {
            case Parameter.WIDTH -> new Limits(column.times(3), through, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        leastHeight(measures),
                        "a lower row can't be scored and burnished cleanly",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case COLUMN ->
                new Limits(
                        measures.said(SIDE, Length.ZERO).max(bounds.narrowest()),
                        measures.says(SIDE) ? POKES : Bounds.TOO_NARROW,
                        width.dividedBy(3),
                        through);
            case SIDE ->
                new Limits(allowed(Allowance.NARROWEST_SPRING), "so narrow a side does not fold back", column, POKES);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String POKES = "the sides would poke out of the closed card";

    @Override
    public Length usual(String parameter, Measures measures) {
        if (parameter.equals(SIDE)) {
            return measures.get(COLUMN);
        }
        if (!parameter.startsWith(ROW)) {
            throw Bounds.unknown(this, parameter);
        }
        return shares(measures).get(Integer.parseInt(parameter.substring(ROW.length())) - 1);
    }

    /** The middle row is as high as the others leave it; so a tower is the same from foot and head. */
    private static boolean isMeasured(int row, int rows) {
        return row <= rows && row != (rows + 1) / 2;
    }

    /** How high each row is, from the foot: as somebody said, the others by their share of what is left. */
    private List<Length> shares(Measures measures) {
        int rows = rows(measures);
        Length left = measures.get(Parameter.HEIGHT);
        int parts = 0;
        int open = 0;
        for (int row = 1; row <= rows; row++) {
            if (isSaid(row, measures)) {
                left = left.minus(measures.get(ROW + row));
            } else {
                parts += parts(row, measures);
                open++;
            }
        }
        Length least = bounds.narrowest();
        boolean roomy = !left.times(2).dividedBy(parts).isShorterThan(least);
        Length over = left.minus(least.times(open)).max(Length.ZERO);
        List<Length> heights = new ArrayList<>();
        Length rest = measures.get(Parameter.HEIGHT);
        for (int row = 1; row <= rows; row++) {
            Length share = roomy
                    ? left.times(parts(row, measures)).dividedBy(parts)
                    : least.plus(over.times(parts(row, measures)).dividedBy(parts));
            Length height = isSaid(row, measures)
                    ? measures.get(ROW + row)
                    : measures.markedBelow(share).max(least);
            heights.add(height);
            rest = isMeasured(row, rows) ? rest.minus(height) : rest;
        }
        heights.set((rows - 1) / 2, rest);
        return heights;
    }

    private static boolean isSaid(int row, Measures measures) {
        return isMeasured(row, rows(measures)) && measures.says(ROW + row);
    }

    private static int rows(Measures measures) {
        return measures.count(ROWS);
    }

    /** Raised rows are half as high again as those between, as 3 and 2 (common practice, no source). */
    private static int parts(int row, Measures measures) {
        return isRaised(row, measures) ? 3 : 2;
    }

    private static boolean isRaised(int row, Measures measures) {
        return row % 2 == (measures.isChosen(OUTER, "raised") ? 1 : 0);
    }

    /** What a row can be at most when those that nobody said a height of are as low as can be. */
    private Length mostOf(int row, Measures measures) {
        Length left = measures.get(Parameter.HEIGHT);
        for (int other = 1; other <= rows(measures); other++) {
            if (other != row) {
                left = left.minus(said(other, measures));
            }
        }
        return left;
    }

    private Length leastHeight(Measures measures) {
        return IntStream.rangeClosed(1, rows(measures))
                .mapToObj(row -> said(row, measures))
                .reduce(Length.ZERO, Length::plus);
    }

    private Length said(int row, Measures measures) {
        return isSaid(row, measures) ? measures.get(ROW + row) : bounds.narrowest();
    }

    /** The feet of the rows, and the head of the last. */
    private List<Length> levels(Measures measures) {
        List<Length> levels = new ArrayList<>(List.of(Length.ZERO));
        shares(measures)
                .forEach(height -> levels.add(levels.get(levels.size() - 1).plus(height)));
        return levels;
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length column = measures.get(COLUMN);
        Length side = of(SIDE, measures);
        Length width = side.times(2).plus(column.times(2)).plus(measures.get(Parameter.WIDTH));
        List<Length> levels = levels(measures);
        Length height = measures.get(Parameter.HEIGHT);
        List<Crease> creases = new ArrayList<>();
        List<Stretch> slits = new ArrayList<>();
        Length middle = height.dividedBy(2);
        List<PanelName> names = new ArrayList<>(List.of(
                name("Left side", side.dividedBy(2), middle),
                name("Front", width.dividedBy(2), middle),
                name("Right side", width.minus(side.dividedBy(2)), middle)));
        for (boolean left : List.of(true, false)) {
            List<Length> scores = IntStream.rangeClosed(0, 2)
                    .mapToObj(i -> side.plus(column.times(i)))
                    .map(x -> left ? x : width.minus(x))
                    .toList();
            for (int row = 1; row < levels.size(); row++) {
                Length low = levels.get(row - 1);
                Length high = levels.get(row);
                int first = isRaised(row, measures) ? 0 : 1;
                creases.add(Lines.score(scores.get(first), low, high, Fold.VALLEY));
                creases.add(Lines.score(scores.get(first + 1), low, high, Fold.MOUNTAIN));
                if (row > 1) {
                    slits.add(Lines.level(
                            scores.get(0).min(scores.get(2)), scores.get(0).max(scores.get(2)), low));
                }
                names.add(name(
                        (left ? "Left wall " : "Right wall ") + row,
                        scores.get(first).plus(scores.get(first + 1)).dividedBy(2),
                        low.plus(high).dividedBy(2)));
            }
        }
        return Assembly.of(new Piece("Card base", Patch.sheet(width, height), creases, slits, names));
    }

    private static PanelName name(String name, Length x, Length y) {
        return new PanelName(new Spot(x, y), name);
    }

    /** Columns of a fifth of the width, as 2 of 10 (common practice, no source). */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length column = ruler.nearest(finished.width().dividedBy(5)).length().max(bounds.narrowest());
        return Measures.of(finished, ruler).with(COLUMN, ruler.above(column).length());
    }

    @Override
    public double showing() {
        return 0.5;
    }
}
