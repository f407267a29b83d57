package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Envelope from one square: the card lies on the square's diagonal and the four corners fold in over it. The foot flap
 * is glued on both side flaps where they overlap; the square is as long as (width + height)/√2 and that overlap (by
 * geometry). Where two folds meet a notch is cut, so that the corners lie flat; a flap that would reach beyond the
 * opposite edge is blunt, and so is a side flap at the middle of the front.
 */
public final class SquareEnvelope extends FlappedEnvelope {

    /** Id of the square's side. */
    public static final String SIDE = "side";
    /** Id of where the folds of the side flaps meet the square's edges, from the corner at foot and head. */
    public static final String MARK_ACROSS = "mark-across";
    /** Id of where the folds of foot and head meet the square's edges, from the corner at the sides. */
    public static final String MARK_UP = "mark-up";

    private static final String LEFT = "Left flap";
    private static final String RIGHT = "Right flap";
    private static final String FOOT = "Foot flap";

    private static final double ROOT = Math.sqrt(2);

    /** With a maker's allowances. */
    public SquareEnvelope(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "square-envelope",
                "Envelope from a square",
                "The card lies on the square's diagonal; four corners fold in over it.",
                "Squarish cards, and patterned paper that is good on both sides.");
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(SIDE, "Square", "along each side of the square").following(),
                Parameter.of(MARK_ACROSS, "Mark, sides", "from the foot or head corner to a side flap's fold")
                        .following(),
                Parameter.of(MARK_UP, "Mark, foot and head", "from a side corner to the fold at foot or head")
                        .following());
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case SIDE ->
                of(MARK_ACROSS, measures).plus(of(MARK_UP, measures)).plus(usual(Allowance.SQUARE_OVERLAP, measures));
            case MARK_ACROSS ->
                mark(
                        of(HALF_ACROSS, measures).plus(allowances.of(Allowance.ENVELOPE_LONG, measures.ruler())),
                        measures);
            case MARK_UP ->
                mark(of(HALF_UP, measures).plus(allowances.of(Allowance.ENVELOPE_SHORT, measures.ruler())), measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** On the marks above: along the diagonal it is √2 times as long. */
    private static Length mark(Length inside, Measures measures) {
        return measures.markedAbove(overRoot(inside));
    }

    private static Length overRoot(Length inside) {
        return Length.nearest(inside.millimetres() / ROOT);
    }

    private static Length timesRoot(Length mark) {
        return Length.nearest(mark.millimetres() * ROOT);
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        Length across = of(MARK_ACROSS, measures);
        Length up = of(MARK_UP, measures);
        Length most = of(SIDE, measures).minus(bounds.leastTab());
        return switch (parameter) {
            case SIDE ->
                new Limits(
                        across.plus(up).plus(bounds.leastTab()),
                        "its flaps would not meet",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case MARK_ACROSS ->
                new Limits(
                        overRoot(of(HALF_ACROSS, measures)),
                        GOES_NOT_ROUND,
                        measures.says(SIDE) ? most.minus(up) : Bounds.LONGEST,
                        measures.says(SIDE) ? "its flaps would not meet" : Bounds.TOO_LONG);
            case MARK_UP ->
                new Limits(
                        overRoot(of(HALF_UP, measures)),
                        GOES_NOT_ROUND,
                        measures.says(SIDE) ? most.minus(across) : Bounds.LONGEST,
                        measures.says(SIDE) ? "its flaps would not meet" : Bounds.TOO_LONG);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** A square on its corner: the foot at its first, then right, head and left. */
    @Override
    public Assembly assemble(Measures measures) {
        Length side = of(SIDE, measures);
        Length across = of(MARK_ACROSS, measures);
        Length up = of(MARK_UP, measures);
        Spot footRight = half(side.minus(up).plus(across), side.minus(up).minus(across));
        Spot headRight = half(side.plus(up).plus(across), side.plus(up).minus(across));
        Spot headLeft = half(side.plus(up).minus(across), side.plus(up).plus(across));
        Spot footLeft = half(side.minus(up).minus(across), side.minus(up).plus(across));
        Length blunt = blunt(side.minus(up), timesRoot(up).minus(bounds.narrowest()));
        // neither lies on the other, so that all of both is there for the foot's glue
        Length bluntSides =
                blunt(side.minus(across), timesRoot(across).dividedBy(2).minus(aLittle()));
        List<Spot> outline = new ArrayList<>();
        // each edge runs along one flap, into the notch beside it, and along the next
        corner(outline, new Spot(Length.ZERO, blunt), new Spot(blunt, Length.ZERO), blunt);
        notch(outline, new Spot(across, Length.ZERO), footRight, new Spot(side.minus(up), Length.ZERO));
        corner(outline, new Spot(side.minus(bluntSides), Length.ZERO), new Spot(side, bluntSides), bluntSides);
        notch(outline, new Spot(side, up), headRight, new Spot(side, side.minus(across)));
        corner(outline, new Spot(side, side.minus(blunt)), new Spot(side.minus(blunt), side), blunt);
        notch(outline, new Spot(side.minus(across), side), headLeft, new Spot(up, side));
        corner(outline, new Spot(bluntSides, side), new Spot(Length.ZERO, side.minus(bluntSides)), bluntSides);
        notch(outline, new Spot(Length.ZERO, side.minus(up)), footLeft, new Spot(Length.ZERO, across));
        Length middle = side.dividedBy(2);
        Piece piece = new Piece(
                "Envelope",
                outline,
                List.of(
                        fold(footRight, headRight),
                        fold(headRight, headLeft),
                        fold(headLeft, footLeft),
                        fold(footLeft, footRight)),
                List.of(),
                List.of(
                        new PanelName(new Spot(middle, middle), FRONT_PANEL),
                        new PanelName(beside(footLeft, footRight, -1, -1), FOOT),
                        new PanelName(beside(footRight, headRight, 1, -1), RIGHT),
                        new PanelName(beside(headRight, headLeft, 1, 1), FLAP_NAME),
                        new PanelName(beside(headLeft, footLeft, -1, 1), LEFT)));
        // folded about two lines that meet at right angles, a spot of one flap lies turned by half about where they do
        Length overlap = side.minus(across).minus(up);
        Spot left = new Spot(overlap, side);
        Spot right = new Spot(side, overlap);
        return Assembly.of(
                        piece,
                        sealed(LEFT, footLeft).onlyOn(box(new Spot(Length.ZERO, across), left)),
                        sealed(RIGHT, footRight).onlyOn(box(new Spot(across, Length.ZERO), right)))
                // shut, the flap at the head lies over the others, which lie beneath the front
                .laid(over(LEFT), over(RIGHT), over(FOOT))
                .turnedEighths(1)
                .movingFrom(FRONT_PANEL);
    }

    private static Over over(String flap) {
        return new Over(new PanelRef(0, flap), new PanelRef(0, FLAP_NAME));
    }

    private static List<Spot> box(Spot from, Spot to) {
        return List.of(from, new Spot(to.x(), from.y()), to, new Spot(from.x(), to.y()));
    }

    private static Spot half(Length x, Length y) {
        return new Spot(x.dividedBy(2), y.dividedBy(2));
    }

    /** A little beside the middle of a fold, on the flap. */
    private Spot beside(Spot from, Spot to, int x, int y) {
        Length little = aLittle();
        Spot middle = half(from.x().plus(to.x()), from.y().plus(to.y()));
        return new Spot(middle.x().plus(little.times(x)), middle.y().plus(little.times(y)));
    }

    private Length aLittle() {
        return bounds.narrowest().dividedBy(8);
    }

    /** How much of each edge goes with the tip of a flap that would reach further than it may. */
    private static Length blunt(Length leg, Length most) {
        Length reach = overRoot(leg);
        return reach.isLongerThan(most) ? timesRoot(reach.minus(most)) : Length.ZERO;
    }

    private static void corner(List<Spot> outline, Spot before, Spot after, Length blunt) {
        outline.add(before);
        if (blunt.isPositive()) {
            outline.add(after);
        }
    }

    private static void notch(List<Spot> outline, Spot before, Spot deepest, Spot after) {
        outline.add(before);
        outline.add(deepest);
        outline.add(after);
    }

    private static Join sealed(String flap, Spot turning) {
        return Join.of(
                new PanelRef(0, flap),
                Side.FACE,
                new PanelRef(0, FOOT),
                Side.BACK,
                new Attachment(turning, turning, 180));
    }

    @Override
    public Inside inside(Measures measures) {
        Size finished = finished(measures);
        return new Inside(finished.width().millimetres(), finished.height().millimetres(), 0);
    }

    @Override
    public Size finished(Measures measures) {
        return new Size(timesRoot(of(MARK_ACROSS, measures)), timesRoot(of(MARK_UP, measures)));
    }
}
