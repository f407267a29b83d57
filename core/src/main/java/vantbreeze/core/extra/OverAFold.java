package vantbreeze.core.extra;

import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** What is glued on two neighbours, and moves as the fold between them opens. */
abstract class OverAFold implements ExtraKind {

    static final String BREADTH = "breadth";
    static final String TAB = "tab";
    static final String ALONG = "along";

    static final String NEAR = "nearer the fold it can't be pressed on";

    @Override
    public final Reach reach() {
        return Reach.NEIGHBOUR;
    }

    static Measure breadth() {
        return Measure.of(BREADTH, "Breadth", "along the fold").ofThePiece();
    }

    static Measure tab() {
        return Measure.of(TAB, "Tab", "glued on the panel", "first tab", "second tab");
    }

    static Measure alongTheFold() {
        return Measure.of(ALONG, "Along the fold", "from its foot, or its left end");
    }

    /** How much of the first face there is beyond the fold. */
    static Length room(Fitted at) {
        return room(at, at.on(), at.between().first());
    }

    /** How much of the second face there is. */
    static Length otherRoom(Fitted at) {
        return room(at, at.other(), !at.between().first());
    }

    private static Length room(Fitted at, Footing footing, boolean first) {
        FoldBetween fold = at.between();
        Length whole = fold.isUpright() ? footing.width() : footing.height();
        return first ? fold.on(footing) : whole.minus(fold.on(footing));
    }

    /** Where a place so far from the fold is on the first face. */
    static Length onFirst(Fitted at, Length fromFold) {
        Length fold = at.between().on(at.on());
        return at.between().first() ? fold.minus(fromFold) : fold.plus(fromFold);
    }

    /** The same on the second face. */
    static Length onSecond(Fitted at, Length fromFold) {
        Length fold = at.between().on(at.other());
        return at.between().first() ? fold.plus(fromFold) : fold.minus(fromFold);
    }

    /** How far the strip is from the foot of a face, or from its left edge. */
    static Length aside(Fitted at, Footing footing) {
        return at.between().begin(footing).plus(at.get(ALONG));
    }

    static Length usualAlong(String key, Fitted at) {
        Length fold = at.between().length();
        return key.equals(BREADTH)
                ? at.atLeast(Allowance.NARROWEST_SPRING, fold.dividedBy(3))
                : at.place(fold.minus(at.get(BREADTH)).dividedBy(2));
    }

    static Limits limitsAlong(String key, Fitted at) {
        Length fold = at.between().length();
        return key.equals(BREADTH)
                ? new Limits(
                        at.allowed(Allowance.NARROWEST_SPRING),
                        Edges.TOO_SMALL,
                        fold.minus(at.said(ALONG, Length.ZERO)),
                        "it would reach beyond the fold")
                : new Limits(
                        Length.ZERO,
                        "it would reach beyond the fold",
                        fold.minus(at.get(BREADTH)),
                        "it would reach beyond the fold");
    }
}
