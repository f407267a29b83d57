package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Advice;
import vantbreeze.core.structure.Amount;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowances;

/**
 * Envelope from one rectangle: front and back, two seams of about ½ in folded in beneath the back, and a flap of ⅓ to ½
 * of the height. With seams at the sides the back folds up from the foot; with seams at the foot and one side it folds
 * over from the other side. It holds what half its way round goes round, with room to slide.
 */
public final class RectangleEnvelope extends SeamedEnvelope {

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
    private static final String FOOT = "Foot seam";

    /** With a maker's allowances. */
    public RectangleEnvelope(Allowances allowances) {
        super("envelope", allowances);
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
    String across() {
        return HALF_ACROSS;
    }

    @Override
    String up() {
        return HALF_UP;
    }

    @Override
    public List<Choice> choices() {
        return List.of(SEAMS, FLAP_SHAPE);
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

    @Override
    public Inside inside(Measures measures) {
        return new Inside(
                of(INSIDE_WIDTH, measures).millimetres(),
                of(INSIDE_HEIGHT, measures).millimetres(),
                0);
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
