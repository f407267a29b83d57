package vantbreeze.core.tool;

import vantbreeze.core.die.Dies;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * What is on the table.
 *
 * @param inches the board for those who measure in inches
 * @param metric the board for those who measure in millimetres
 * @param bed how long a cut the trimmer makes
 * @param stopsInside whether the trimmer's blade can be set down and lifted within the paper, as slits want
 * @param allowances what the maker allows for
 * @param dies what the maker has to cut shapes with
 * @param adhesives what the maker has to glue with
 */
public record Tools(
        Board inches,
        Board metric,
        Length bed,
        boolean stopsInside,
        Allowances allowances,
        Dies dies,
        Adhesives adhesives) {

    /** A table with the usual allowances and adhesives, and no dies. */
    public Tools(Board inches, Board metric, Length bed, boolean stopsInside) {
        this(inches, metric, bed, stopsInside, Allowances.usual(), Dies.NONE, Adhesives.USUAL);
    }

    /** A trimmer that cuts from edge to edge only. */
    public Tools(Board inches, Board metric, Length bed) {
        this(inches, metric, bed, false);
    }

    /**
     * Boards of 12 in grooved every eighth and of 300 mm grooved every 5 mm, a trimmer with a bed of 12 in (common
     * practice, no source).
     */
    public static Tools usual() {
        return new Tools(
                new Board("12 in board", Length.ofInches(0, 1, 8), Length.ofInches(12)),
                new Board("30 cm board", Length.ofMillimetres(5), Length.ofMillimetres(300)),
                Length.ofInches(12));
    }

    /** The same with other allowances. */
    public Tools with(Allowances other) {
        return new Tools(inches, metric, bed, stopsInside, other, dies, adhesives);
    }

    /** The same with other dies. */
    public Tools with(Dies other) {
        return new Tools(inches, metric, bed, stopsInside, allowances, other, adhesives);
    }

    /** The same with other adhesives. */
    public Tools with(Adhesives other) {
        return new Tools(inches, metric, bed, stopsInside, allowances, dies, other);
    }

    /** The board that goes with a ruler. */
    public Board board(Ruler ruler) {
        return ruler.isInches() ? inches : metric;
    }
}
