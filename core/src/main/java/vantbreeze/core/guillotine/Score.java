package vantbreeze.core.guillotine;

import java.util.Comparator;

/**
 * How good a plan is, one aim after the other: all is cut, the sheets cost little, no cut is beyond what the trimmer
 * does, what is left over is one large rectangle, the fence is set seldom, cuts are few and made of few things in hand.
 * What lies closely is a hint on the way, no aim.
 *
 * @param missing worth of what found no place
 * @param cost of all sheets
 * @param beyond cuts that are too long for the trimmer, or of something too small to be held
 * @param leftover in steps, of the largest rectangle left over
 * @param settings of the fence, the same on several sheets once
 * @param cuts of all sheets
 * @param strokes how often something else is taken in hand
 * @param loose how scattered what is left over is
 */
record Score(double missing, double cost, int beyond, long leftover, int settings, int cuts, int strokes, double loose)
        implements Comparable<Score> {

    private static final Comparator<Score> ORDER = Comparator.comparingDouble(Score::missing)
            .thenComparingDouble(Score::cost)
            .thenComparingInt(Score::beyond)
            .thenComparing(Comparator.comparingLong(Score::leftover).reversed())
            .thenComparingInt(Score::settings)
            .thenComparingInt(Score::cuts)
            .thenComparingInt(Score::strokes)
            .thenComparingDouble(Score::loose);

    @Override
    public int compareTo(Score other) {
        return ORDER.compare(this, other);
    }
}
