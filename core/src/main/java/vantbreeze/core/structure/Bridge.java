package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Bridge card: walls come forward, wings turn inwards, a bridge reaches from wall fold to wall fold. It shears flat and
 * is then as wide as back and wall.
 */
public final class Bridge extends CatalogueStructure {

    /** Id of the depth of each wall. */
    public static final String WALL = "wall";
    /** Id of the width of each wing. */
    public static final String WING = "wing";
    /** Id of the height of the bridge. */
    public static final String BRIDGE = "bridge";

    private final CrossPiece across = new CrossPiece("bridge", bounds);

    /** With the usual allowances of the trade. */
    public Bridge() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public Bridge(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "bridge",
                "Bridge",
                "Walls come forward, wings turn in, and a bridge spans from fold to fold before an open "
                        + "room. It shears flat.",
                "Open rooms and lanterns that stand on a shelf.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(WALL, "Wall", "how deep the room is", "Left wall", "Right wall"),
                Parameter.of(WING, "Wing", "the flaps that carry the bridge", "Left wing", "Right wing"),
                Parameter.of(BRIDGE, "Bridge height", "how high the bridge is").ofPieces("Bridge"),
                across.up());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        wall.plus(wall.plus(bounds.narrowest()).max(wing.plus(glued()))),
                        "back, wall and wing would not lie on each other",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT -> across.cardHeight(measures, measures.get(BRIDGE));
            case WALL ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        width.minus(bounds.narrowest())
                                .dividedBy(2)
                                .min(width.minus(wing).minus(glued())),
                        "the back would be narrower than what folds over it");
            case WING ->
                new Limits(
                        allowed(Allowance.GLUE_STRIP),
                        "the bridge would have nothing to hold on",
                        width.minus(wall).minus(glued()),
                        "the wing would reach into the glue of the other");
            case BRIDGE -> across.itsHeight(measures);
            case CrossPiece.UP -> across.itsFoot(measures, measures.get(BRIDGE));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How much of each end of the bridge is glued: the other wing must not reach as far, or it would be locked in. */
    private Length glued() {
        return allowed(Allowance.GLUE_STRIP).max(bounds.narrowest());
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(CrossPiece.UP)) {
            throw Bounds.unknown(this, parameter);
        }
        return CrossPiece.usualFoot(measures, measures.get(BRIDGE));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        Length back = measures.get(Parameter.WIDTH).minus(wall);
        Length height = measures.get(Parameter.HEIGHT);
        Length high = measures.get(BRIDGE);
        Length foot = of(CrossPiece.UP, measures);
        Length right = wing.plus(wall.times(2)).plus(back);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left wing", wing)
                .fold(Fold.VALLEY)
                .panel("Left wall", wall)
                .fold(Fold.VALLEY)
                .panel("Back", back)
                .fold(Fold.VALLEY)
                .panel("Right wall", wall)
                .fold(Fold.VALLEY)
                .panel("Right wing", wing)
                .piece();
        Piece bridge = Strip.ofHeight("Bridge", high).panel("Bridge", back).piece();
        return new Assembly(
                List.of(base, bridge),
                List.of(
                        CrossPiece.glued(
                                "Left wing",
                                Side.BACK,
                                "Bridge",
                                new Spot(wing, foot),
                                Length.ZERO,
                                wing.minus(allowed(Allowance.GLUE_STRIP)),
                                allowed(Allowance.GLUE_STRIP),
                                high),
                        CrossPiece.glued(
                                "Right wing",
                                Side.BACK,
                                "Bridge",
                                new Spot(right, foot),
                                back,
                                right,
                                allowed(Allowance.GLUE_STRIP),
                                high)));
    }

    /**
     * Sheared to the left: the left wall lies beside the back with its wing folded in, the right wall over the back.
     */
    @Override
    public Pose closed(Measures measures) {
        return Pose.closed().but("Left wall", "Back", 0).but("Right wall", "Right wing", 0);
    }

    /** Standing square. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.partly(0.5);
    }

    /**
     * Wall and wing about a third of the width, as 5 of 14.7 cm (common practice, no source); a bridge of a third of
     * the height.
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length wall = ruler.nearest(finished.width().times(50).dividedBy(147)).length();
        // turned in, the wings leave a mark between them
        Length wing = ruler.below(
                        finished.width().minus(wall).minus(ruler.division()).dividedBy(2))
                .length()
                .min(wall);
        return Measures.of(finished, ruler)
                .with(WALL, wall)
                .with(WING, wing)
                .with(
                        BRIDGE,
                        ruler.nearest(finished.height().dividedBy(3)).length().max(bounds.narrowest()));
    }

    @Override
    public double showing() {
        return 0.12;
    }
}
