package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/**
 * A band from one panel to another, glued at its ends only. How long it is follows from the closed card, in which it
 * lies straight.
 */
final class BandKind implements ExtraKind {

    static final String BREADTH = "breadth";
    static final String GLUE = "glue";
    static final String UP = "up";
    static final String LEFT = "left-end";
    static final String RIGHT = "right-end";

    /** Directions that differ by less are one: sines. */
    private static final double SAME_WAY = 1e-6;

    @Override
    public String id() {
        return "band";
    }

    @Override
    public String name() {
        return "Band";
    }

    @Override
    public String meaning() {
        return "a strip from one panel to another, glued at its ends only";
    }

    @Override
    public Reach reach() {
        return Reach.ANY;
    }

    /** Both look the same way in the closed card, the same way up. */
    @Override
    public boolean suits(Fitted at) {
        if (at.to() == null || at.on().ref().equals(at.to().ref())) {
            return false;
        }
        Span span = Span.of(at);
        return span.isLevel();
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(BREADTH, "Breadth", "across the band").ofThePiece(),
                Measure.up("of the panel at its left"),
                Measure.of(LEFT, "Left end", "how far from the left edge of the one panel it begins"),
                Measure.of(RIGHT, "Right end", "how far from the right edge of the other panel it ends"),
                Measure.of(GLUE, "Glue", "how wide the glue is at each end"));
    }

    @Override
    public Length usual(String key, Fitted at) {
        Span span = Span.of(at);
        return switch (key) {
            case BREADTH ->
                at.atLeast(Allowance.NARROWEST_SPRING, span.left.height().dividedBy(4));
            case UP -> at.place(span.left.height().minus(at.get(BREADTH)).dividedBy(2));
            case LEFT, RIGHT -> Length.ZERO;
            case GLUE -> at.tab(span.left.width().min(span.right.width()).dividedBy(2));
            default -> throw unknown(key);
        };
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Span span = Span.of(at);
        Length glue = at.get(GLUE);
        Length leftRoom = span.left.width().minus(at.get(LEFT));
        Length rightRoom = span.right.width().minus(at.get(RIGHT));
        Length up = at.said(UP, Length.ZERO.max(span.rise.negated()));
        return switch (key) {
            case BREADTH ->
                new Limits(
                        at.allowed(Allowance.NARROWEST_SPRING),
                        Edges.TOO_SMALL,
                        span.left
                                .height()
                                .min(span.right.height().minus(span.rise))
                                .minus(up),
                        Edges.BEYOND);
            case UP ->
                Edges.place(
                        Length.ZERO.max(span.rise.negated()),
                        span.left
                                .height()
                                .min(span.right.height().minus(span.rise))
                                .minus(at.get(BREADTH)));
            case LEFT ->
                Edges.place(
                        Length.ZERO,
                        span.left
                                .width()
                                .min(span.length(at).plus(at.get(LEFT)))
                                .minus(glue));
            case RIGHT ->
                Edges.place(
                        Length.ZERO,
                        span.right
                                .width()
                                .min(span.length(at).plus(at.get(RIGHT)))
                                .minus(glue));
            case GLUE ->
                Edges.tab(at, leftRoom.min(rightRoom).min(span.length(at).dividedBy(2)), Edges.BEYOND);
            default -> throw unknown(key);
        };
    }

    @Override
    public Body body(Fitted at) {
        Span span = Span.of(at);
        Length glue = at.get(GLUE);
        Length up = at.get(UP);
        Length left = at.get(LEFT);
        Length right = span.right.width().minus(at.get(RIGHT));
        return new Body(
                List.of(new Body.Part("", span.length(at), Fold.UNASSIGNED)),
                at.get(BREADTH),
                List.of(
                        Body.Glue.of(0, true, Side.BACK, span.left, left, up).only(left, left.plus(glue)),
                        Body.Glue.of(0, false, Side.BACK, span.right, right, up.plus(span.rise))
                                .only(right.minus(glue), right)),
                false);
    }

    @Override
    public double[] standing(Fitted at, double degrees) {
        return new double[0];
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[0]);
    }

    /**
     * From one face to the other as they lie in the closed card.
     *
     * @param left the one that begins farther to the left as one looks at it
     * @param across from the left edge of the left one to the left edge of the right one
     * @param rise how much higher a place of the left one is on the right one, from their feet
     * @param isLevel whether both lie the same way up and look the same way
     */
    private record Span(Footing left, Footing right, Length across, Length rise, boolean isLevel) {

        static Span of(Fitted at) {
            Span span = between(at, at.on(), at.other());
            return span.across.isNegative() ? between(at, at.other(), at.on()) : span;
        }

        private static Span between(Fitted at, Footing left, Footing right) {
            var inverse = at.lies(left).inverse().after(at.lies(right));
            var corner = right.at(Length.ZERO, Length.ZERO);
            var beside = right.at(Length.ofMillimetres(1), Length.ZERO);
            var above = right.at(Length.ZERO, Length.ofMillimetres(1));
            var origin = inverse.apply(corner);
            var across = inverse.apply(beside).subtract(origin);
            var up = inverse.apply(above).subtract(origin);
            double sign = left.side() == Side.FACE ? 1 : -1;
            Length x = left.fromLeft(Length.nearest(origin.getX()));
            Length y = left.fromFoot(Length.nearest(origin.getY()));
            return new Span(
                    left,
                    right,
                    x,
                    Length.ZERO.minus(y),
                    Math.abs(across.getX() * sign - 1) < SAME_WAY && Math.abs(up.getY() - 1) < SAME_WAY);
        }

        Length length(Fitted at) {
            return across.plus(right.width()).minus(at.get(RIGHT)).minus(at.get(LEFT));
        }
    }
}
