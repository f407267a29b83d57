package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Amount;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Envelope from one rectangle: front and back, two seams of about ½ in folded in beneath the back, and a flap of ⅓ to ½
 * of the height. With seams at the sides the back folds up from the foot; with seams at the foot and one side it folds
 * over from the other side. It holds what half its way round goes round, with room to slide.
 */
public final class RectangleEnvelope extends FlappedEnvelope {

    /** Id of its inside width. */
    public static final String INSIDE_WIDTH = "inside-width";
    /** Id of its inside height. */
    public static final String INSIDE_HEIGHT = "inside-height";
    /** Id of how wide its seams are. */
    public static final String SEAM = "seam";
    /** Id of how far its flap reaches. */
    public static final String FLAP = "flap";
    /** Where it is glued. */
    public static final Choice SEAMS = Choice.of(
            "seams",
            "Seams",
            "where it is glued",
            new Choice.Alternative("sides", "at both sides"),
            new Choice.Alternative("foot", "at the foot and one side"));
    /** How its flap is cut. */
    public static final Choice FLAP_SHAPE = FlapShape.CHOICE;

    private static final String FRONT = FRONT_PANEL;
    private static final String BACK = "Back";
    private static final String LEFT = "Left seam";
    private static final String RIGHT = "Right seam";
    private static final String FOOT = "Foot seam";

    /** With a maker's allowances. */
    public RectangleEnvelope(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "rectangle-envelope",
                "Envelope from a rectangle",
                "Front, back, two seams and a flap, made to this card's measure.",
                "Cards of sizes that nobody sells envelopes for.");
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(INSIDE_WIDTH, "Inside width", "across the envelope", FRONT, BACK)
                        .following(),
                Parameter.of(INSIDE_HEIGHT, "Inside height", "up the envelope").following(),
                Parameter.of(SEAM, "Seam", "how wide its seams are", LEFT, RIGHT)
                        .following(),
                Parameter.of(FLAP, "Flap", "how far its flap reaches").following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(SEAMS, FLAP_SHAPE);
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case INSIDE_WIDTH ->
                measures.markedAbove(
                        of(HALF_ACROSS, measures).plus(allowances.of(Allowance.ENVELOPE_LONG, measures.ruler())));
            case INSIDE_HEIGHT ->
                measures.markedAbove(
                        of(HALF_UP, measures).plus(allowances.of(Allowance.ENVELOPE_SHORT, measures.ruler())));
            case SEAM -> usual(Allowance.ENVELOPE_SEAM, measures).min(widestSeam(measures));
            case FLAP -> measures.marked(of(INSIDE_HEIGHT, measures).times(2).dividedBy(5));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private Length widestSeam(Measures measures) {
        return of(INSIDE_WIDTH, measures)
                .min(of(INSIDE_HEIGHT, measures))
                .dividedBy(2)
                .minus(bounds.narrowest())
                .max(bounds.leastTab());
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        Length up = of(INSIDE_HEIGHT, measures);
        return switch (parameter) {
            case INSIDE_WIDTH -> new Limits(of(HALF_ACROSS, measures), GOES_NOT_ROUND, Bounds.LONGEST, Bounds.TOO_LONG);
            case INSIDE_HEIGHT -> new Limits(of(HALF_UP, measures), GOES_NOT_ROUND, Bounds.LONGEST, Bounds.TOO_LONG);
            case SEAM ->
                new Limits(bounds.leastTab(), Bounds.TAB_TOO_NARROW, widestSeam(measures), "the seams would meet");
            case FLAP -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, up, "it would reach over the foot");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        return measures.isChosen(SEAMS, "foot") ? overTheSide(measures) : upFromTheFoot(measures);
    }

    private Assembly upFromTheFoot(Measures measures) {
        Length across = of(INSIDE_WIDTH, measures);
        Length up = of(INSIDE_HEIGHT, measures);
        Length seam = of(SEAM, measures);
        Length slant = slant(seam);
        Length right = seam.plus(across);
        Length end = right.plus(seam);
        Length head = up.times(2);
        List<Spot> outline = new ArrayList<>(List.of(
                new Spot(seam, Length.ZERO),
                new Spot(right, Length.ZERO),
                new Spot(right, up),
                new Spot(end, up.plus(slant)),
                new Spot(end, head.minus(slant)),
                new Spot(right, head)));
        outline.addAll(flap(new Spot(right, head), new Spot(seam, head), measures));
        outline.addAll(List.of(
                new Spot(seam, head),
                new Spot(Length.ZERO, head.minus(slant)),
                new Spot(Length.ZERO, up.plus(slant)),
                new Spot(seam, up)));
        Length middle = up.plus(head).dividedBy(2);
        Piece piece = new Piece(
                "Envelope",
                outline,
                List.of(
                        fold(seam, up, right, up),
                        fold(seam, head, right, head),
                        fold(seam, up, seam, head),
                        fold(right, up, right, head)),
                List.of(),
                List.of(
                        named(BACK, seam.plus(right).dividedBy(2), up.dividedBy(2)),
                        named(FRONT, seam.plus(right).dividedBy(2), middle),
                        named(FLAP_NAME, seam.plus(right).dividedBy(2), head.plus(aLittle())),
                        named(LEFT, seam.dividedBy(2), middle),
                        named(RIGHT, right.plus(seam.dividedBy(2)), middle)));
        // folded about the foot and about a side a spot of the back lies on one of a seam turned by half
        return Assembly.of(
                        piece,
                        sealed(LEFT, new Spot(seam, head), new Spot(seam, Length.ZERO), 180),
                        sealed(RIGHT, new Spot(right, head), new Spot(right, Length.ZERO), 180))
                .laid(outside())
                .movingFrom(FRONT);
    }

    private Assembly overTheSide(Measures measures) {
        Length across = of(INSIDE_WIDTH, measures);
        Length up = of(INSIDE_HEIGHT, measures);
        Length seam = of(SEAM, measures);
        Length slant = slant(seam);
        Length right = across.times(2);
        Length end = right.plus(seam);
        Length foot = seam;
        Length head = seam.plus(up);
        List<Spot> outline = new ArrayList<>(List.of(
                new Spot(Length.ZERO, foot),
                new Spot(across, foot),
                new Spot(across.plus(slant), Length.ZERO),
                // where the seams meet both are cut aslant, so that neither lies on the other
                new Spot(right.minus(seam), Length.ZERO),
                new Spot(right, foot),
                new Spot(end, foot.plus(seam)),
                new Spot(end, head.minus(slant)),
                new Spot(right, head)));
        outline.addAll(flap(new Spot(right, head), new Spot(across, head), measures));
        outline.addAll(List.of(new Spot(across, head), new Spot(Length.ZERO, head)));
        Length middle = across.plus(right).dividedBy(2);
        Length half = foot.plus(head).dividedBy(2);
        Piece piece = new Piece(
                "Envelope",
                outline,
                List.of(
                        fold(across, foot, across, head),
                        fold(right, foot, right, head),
                        fold(across, foot, right, foot),
                        fold(across, head, right, head)),
                List.of(),
                List.of(
                        named(BACK, across.dividedBy(2), half),
                        named(FRONT, middle, half),
                        named(FLAP_NAME, middle, head.plus(aLittle())),
                        named(FOOT, middle, seam.dividedBy(2)),
                        named(RIGHT, right.plus(seam.dividedBy(2)), half)));
        return Assembly.of(
                        piece,
                        sealed(RIGHT, new Spot(right, foot), new Spot(Length.ZERO, foot), 0),
                        sealed(FOOT, new Spot(across, foot), new Spot(across, foot), 180))
                .laid(outside())
                .movingFrom(FRONT);
    }

    /** Shut, the flap lies over the back, which lies beneath the front. */
    private static Over outside() {
        return new Over(new PanelRef(0, BACK), new PanelRef(0, FLAP_NAME));
    }

    /** The back over a seam: its inside on what was the seam's outside. */
    private static Join sealed(String seam, Spot on, Spot laid, double turned) {
        return Join.of(
                new PanelRef(0, seam), Side.FACE, new PanelRef(0, BACK), Side.BACK, new Attachment(on, laid, turned));
    }

    private List<Spot> flap(Spot right, Spot left, Measures measures) {
        Length reach = of(FLAP, measures);
        return FlapShape.of(measures.chosen(FLAP_SHAPE)).corners(right, left, reach, reach.dividedBy(6));
    }

    /** Seams draw in at their free ends, so that nothing pokes out beneath the back. */
    private static Length slant(Length seam) {
        return seam.dividedBy(4);
    }

    private Length aLittle() {
        return bounds.narrowest().dividedBy(4);
    }

    @Override
    public Inside inside(Measures measures) {
        return new Inside(
                of(INSIDE_WIDTH, measures).millimetres(),
                of(INSIDE_HEIGHT, measures).millimetres(),
                0);
    }

    @Override
    public Size finished(Measures measures) {
        return new Size(of(INSIDE_WIDTH, measures), of(INSIDE_HEIGHT, measures));
    }

    /** A flap of ⅓ to ½ of the height (common practice). */
    @Override
    public List<Advice> advice(Measures measures) {
        Length up = of(INSIDE_HEIGHT, measures);
        Length flap = of(FLAP, measures);
        Length third = up.dividedBy(3);
        Length half = up.dividedBy(2);
        if (flap.isShorterThan(third)) {
            return List.of(new Advice(
                    FLAP,
                    measures.markedAbove(third),
                    "The flap reaches %s down the back: less than a third of the height, and it comes open.",
                    List.of(Amount.measure(flap))));
        }
        return flap.isLongerThan(half)
                ? List.of(new Advice(
                        FLAP,
                        measures.markedBelow(half),
                        "The flap reaches %s down the back: more than half of the height only takes paper.",
                        List.of(Amount.measure(flap))))
                : List.of();
    }
}
