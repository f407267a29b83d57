package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowances;

/**
 * Box envelope: as an envelope from a rectangle, with a wall as deep as the bulk all round its front. Its corners are
 * cut out; the seams beyond the side walls are glued in beneath the back, the wall at the head carries the flap. Every
 * fold is a right angle when it is shut: it stands open and does not lie flat.
 */
public final class BoxEnvelope extends SeamedEnvelope {

    /** Id of how deep its walls are. */
    public static final String WALL = "wall";

    private static final String LEFT_WALL = "Left wall";
    private static final String RIGHT_WALL = "Right wall";
    private static final String FOOT_WALL = "Foot wall";
    private static final String HEAD_WALL = "Head wall";

    /** A wall lower than this can't be folded at both edges. */
    private static final Length LEAST_WALL = Length.ofMillimetres(2);

    /** With a maker's allowances. */
    public BoxEnvelope(Allowances allowances) {
        super("box", allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "box-envelope",
                "Box envelope",
                "An envelope with walls as deep as the card is thick.",
                "Thick cards, and those that must not be pressed.");
    }

    @Override
    List<Parameter> walls() {
        return List.of(Parameter.of(WALL, "Wall", "how deep its walls are", LEFT_WALL, RIGHT_WALL)
                .following());
    }

    @Override
    String across() {
        return Parameter.WIDTH;
    }

    @Override
    String up() {
        return Parameter.HEIGHT;
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return parameter.equals(WALL)
                ? measures.markedAbove(of(BULK, measures)).max(LEAST_WALL)
                : super.ownUsual(parameter, measures);
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        return parameter.equals(WALL)
                ? new Limits(LEAST_WALL, Bounds.TOO_NARROW, THICKEST, "no wrap goes round what is thicker")
                : super.ownLimits(parameter, measures);
    }

    /** From left to right a seam, a wall, the front, a wall, a seam; from the foot the back, a wall, the front. */
    @Override
    public Assembly assemble(Measures measures) {
        Length wall = of(WALL, measures);
        Length seam = of(SEAM, measures);
        Length up = of(INSIDE_HEIGHT, measures);
        Length slant = slant(seam);
        Length leftWall = seam;
        Length left = seam.plus(wall);
        Length right = left.plus(of(INSIDE_WIDTH, measures));
        Length rightWall = right.plus(wall);
        Length end = rightWall.plus(seam);
        Length foot = up.plus(wall);
        Length head = foot.plus(up);
        Length flap = head.plus(wall);
        List<Spot> outline = new ArrayList<>(List.of(
                new Spot(left, Length.ZERO),
                new Spot(right, Length.ZERO),
                new Spot(right, foot),
                new Spot(rightWall, foot),
                new Spot(end, foot.plus(slant)),
                new Spot(end, head.minus(slant)),
                new Spot(rightWall, head),
                new Spot(right, head),
                new Spot(right, flap)));
        outline.addAll(flap(new Spot(right, flap), new Spot(left, flap), measures));
        outline.addAll(List.of(
                new Spot(left, flap),
                new Spot(left, head),
                new Spot(leftWall, head),
                new Spot(Length.ZERO, head.minus(slant)),
                new Spot(Length.ZERO, foot.plus(slant)),
                new Spot(leftWall, foot),
                new Spot(left, foot)));
        Length across = left.plus(right).dividedBy(2);
        Length middle = foot.plus(head).dividedBy(2);
        Length halfWall = wall.dividedBy(2);
        Piece piece = new Piece(
                "Box envelope",
                outline,
                List.of(
                        fold(left, up, right, up),
                        fold(left, foot, right, foot),
                        fold(left, head, right, head),
                        fold(left, flap, right, flap),
                        fold(left, foot, left, head),
                        fold(leftWall, foot, leftWall, head),
                        fold(right, foot, right, head),
                        fold(rightWall, foot, rightWall, head)),
                List.of(),
                List.of(
                        named(BACK, across, up.dividedBy(2)),
                        named(FOOT_WALL, across, up.plus(halfWall)),
                        named(FRONT_PANEL, across, middle),
                        named(HEAD_WALL, across, head.plus(halfWall)),
                        named(FLAP_NAME, across, flap.plus(aLittle())),
                        named(LEFT_WALL, leftWall.plus(halfWall), middle),
                        named(RIGHT_WALL, right.plus(halfWall), middle),
                        named(LEFT, seam.dividedBy(2), middle),
                        named(RIGHT, rightWall.plus(seam.dividedBy(2)), middle)));
        // a seam's fold comes to lie beneath the front's edge, the back's edge beneath its head
        return Assembly.of(
                        piece,
                        sealed(LEFT, new Spot(leftWall, head), new Spot(left, Length.ZERO), 180),
                        sealed(RIGHT, new Spot(rightWall, head), new Spot(right, Length.ZERO), 180))
                .laid(outside())
                .movingFrom(FRONT_PANEL);
    }

    /** Every fold is square. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.partly(0.5);
    }

    /** The wall at the head and the flap are up. */
    @Override
    public Pose opened(Measures measures) {
        return closed(measures).but(FRONT_PANEL, HEAD_WALL, 0).but(HEAD_WALL, FLAP_NAME, 0);
    }

    @Override
    public Inside inside(Measures measures) {
        double wall = of(WALL, measures).millimetres();
        return new Inside(
                of(INSIDE_WIDTH, measures).millimetres() + wall,
                of(INSIDE_HEIGHT, measures).millimetres() + wall,
                wall);
    }
}
